<?php

declare(strict_types=1);

namespace App\Log\Frames;

use App\Models\FrameRecord;
use Illuminate\Support\Facades\DB;
use RushHold\Sharpness\BodyFloor;

/** What the bodies of an account blur of their own, told from the frames it has. */
final readonly class Floors
{
    /** What goes before the name of a body in the name of its figure. */
    public const FIGURE = 'floor.';

    /** Bodies whose figures are told. */
    private const BODIES = 12;

    /**
     * The figure that frames are judged with: none where the person has switched it off.
     *
     * @param  string  $body  as its files name it
     */
    public function of(int $account, string $body): BodyFloor
    {
        $isOff = DB::table('learnt')
            ->where('user_id', $account)
            ->where('name', self::figure($body))
            ->where('is_on', false)
            ->exists();

        return $body === '' || $isOff ? BodyFloor::none() : self::told($account, $body);
    }

    /** The name of the figure of a body. */
    public static function figure(string $body): string
    {
        return mb_substr(self::FIGURE.$body, 0, 130);
    }

    /** The body that a figure of this name is of; null where it is of none. */
    public static function body(string $figure): ?string
    {
        return str_starts_with($figure, self::FIGURE) ? substr($figure, strlen(self::FIGURE)) : null;
    }

    /** @return array<string, BodyFloor> of the bodies with most bursts, by the name in the files */
    public static function all(int $account): array
    {
        $bodies = DB::table('bursts')
            ->where('user_id', $account)
            ->where('body', '!=', '')
            ->groupBy('body')
            ->orderByRaw('COUNT(*) DESC')
            ->limit(self::BODIES)
            ->pluck('body');
        $floors = [];
        foreach ($bodies as $body) {
            $floors[(string) $body] = self::told($account, (string) $body);
        }

        return $floors;
    }

    private static function told(int $account, string $body): BodyFloor
    {
        /** @var list<float> $totals */
        $totals = DB::table('frames')
            ->join('bursts', 'bursts.id', '=', 'frames.burst_id')
            ->where('bursts.user_id', $account)
            ->where('bursts.body', $body)
            ->where('frames.found_by', '!=', FrameRecord::TABLE)
            ->whereNotNull('frames.total_px')
            ->orderByDesc('bursts.ended_at')
            ->limit(BodyFloor::ENOUGH)
            ->pluck('frames.total_px')
            ->map(floatval(...))
            ->all();

        return BodyFloor::of($totals);
    }
}
