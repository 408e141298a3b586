<?php

declare(strict_types=1);

namespace App\Log\Yours;

use App\Models\BurstRecord;
use App\Models\FrameRecord;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use RushHold\Habits\ShotUnder;
use RushHold\Habits\Sight;
use RushHold\Log\Bursts;
use RushHold\Log\FrameFacts;
use RushHold\Sharpness\FrameVerdict;
use RushHold\Sharpness\Judge;
use RushHold\Sharpness\Turn;

/** What the frames of an account tell of its person's habits: those of its newest bursts that were shot by a plan. */
final readonly class Sights
{
    /** Of more bursts than these the newest tell: a person changes. */
    private const BURSTS = 400;

    /** Frames of a burst that are looked at. */
    private const FRAMES = 40;

    /** A streak must be so much of the disc that blurs with it to be told apart from it. */
    private const BESIDE_DISC = 0.6;

    /** Nothing of the person is told by frames of which nothing, or nothing sure, is to be seen. */
    private const MUTE = [FrameVerdict::Out, FrameVerdict::Dark, FrameVerdict::Bright, FrameVerdict::Unclear];

    /** @return list<Sight> */
    public function of(User $user): array
    {
        /** @var Collection<int, BurstRecord> $bursts */
        $bursts = $user
            ->bursts()
            ->with('promise')
            ->where('promise_id', '!=', null)
            ->orderByDesc('began_at')
            ->limit(self::BURSTS)
            ->get();
        $sights = [];
        foreach ($bursts as $burst) {
            if ($burst->promise !== null) {
                $shot = $burst->promise->value()->shot;
                array_push($sights, ...self::ofBurst($burst, $burst->inOrder(self::FRAMES), $shot));
            }
        }

        return $sights;
    }

    /**
     * @param  list<FrameRecord>  $frames
     * @return list<Sight>
     */
    private static function ofBurst(BurstRecord $burst, array $frames, ShotUnder $shot): array
    {
        // a subject that is said to be at the very same place each time is where the camera measured, not where the subject was
        $boxes = array_unique(
            array_map(static fn (FrameRecord $one): string => implode(',', $one->blur()->box->toArray()), $frames),
        );
        $isSeen = count($boxes) > 1;
        $sights = [];
        foreach ($frames as $frame) {
            $facts = $frame->facts();
            $atS = Bursts::atS($facts);
            $found = $frame->blur()->subject;
            $verdict = $frame->eye ?? $frame->verdict;
            if (
                in_array($verdict, self::MUTE, true) ||
                $atS === null ||
                $facts->shutterS === null ||
                $facts->shutterS <= 0
            ) {
                continue;
            }
            $pitchMm = $shot->sensorMm / max($frame->width, $frame->height);
            // of what is too soft to be measured it is told only that it is
            $measuredPx = $found === null ? 0.0 : max(Judge::LEAST_PX, self::BESIDE_DISC * $found->isoPx);
            [$asideRad, $aboveRad] = self::place($frame, $facts, $pitchMm / $shot->focalMm);
            $isPlaced = $isSeen && $found !== null && in_array($frame->found_by, ['touch', 'found', 'file'], true);
            $sights[] = new Sight(
                $frame->id,
                $burst->id,
                (string) $burst->promise_id,
                $shot,
                $atS,
                $facts->distanceM !== null && $facts->distanceM > 0 ? $facts->distanceM : $shot->workM,
                $facts->shutterS,
                (float) ($facts->fNumber ?? 0) > 0 ? (float) $facts->fNumber : 1.0,
                $found === null || $found->motionPx < $measuredPx ? null : $found->motionPx * $pitchMm,
                $measuredPx * $pitchMm,
                $found === null || $facts->fNumber === null ? null : $found->isoPx * $pitchMm,
                $isPlaced ? $asideRad : null,
                $isPlaced ? $aboveRad : null,
                $verdict->cause() !== 'focus',
                $frame->eye !== null,
            );
        }

        return $sights;
    }

    /** @return array{float, float} how far right of the middle and above it the subject is as the frame is looked at */
    private static function place(FrameRecord $frame, FrameFacts $facts, float $radPerPx): array
    {
        $box = $frame->blur()->box;
        [$right, $down] = (new Turn($facts->orientation))->step(
            $box->x + $box->width / 2 - $frame->width / 2,
            $box->y + $box->height / 2 - $frame->height / 2,
        );

        return [$right * $radPerPx, -$down * $radPerPx];
    }
}
