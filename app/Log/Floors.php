<?php

declare(strict_types=1);

namespace App\Log;

use Illuminate\Support\Facades\DB;
use RushHold\Sharpness\BodyFloor;

/** What the bodies of an account blur of their own, told from the frames it has. */
final readonly class Floors
{
    /** @param  string  $body  as its files name it */
    public function of(int $account, string $body): BodyFloor
    {
        if ($body === '') {
            return BodyFloor::none();
        }
        /** @var list<float> $totals */
        $totals = DB::table('frames')
            ->join('bursts', 'bursts.id', '=', 'frames.burst_id')
            ->where('bursts.user_id', $account)
            ->where('bursts.body', $body)
            ->whereNotNull('frames.total_px')
            ->orderByDesc('bursts.ended_at')
            ->limit(BodyFloor::ENOUGH)
            ->pluck('frames.total_px')
            ->map(floatval(...))
            ->all();

        return BodyFloor::of($totals);
    }
}
