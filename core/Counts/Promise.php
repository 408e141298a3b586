<?php

declare(strict_types=1);

namespace RushHold\Counts;

use RushHold\Document\Reader;
use RushHold\Habits\Grabs;
use RushHold\Habits\ShotUnder;
use RushHold\Kit\FocusMode;
use RushHold\Planning\Plan;

/** The plan that bursts were shot under, as far as they are counted by it, and what its rehearsal expected of a pass. */
final readonly class Promise
{
    /** In place of an AF area where the hand focuses. */
    public const BY_HAND = 'by-hand';

    /**
     * @param  float  $workM  distance it was planned for
     * @param  float  $frames  of an average pass
     * @param  float  $sharp  of them sharp
     * @param  int  $usuallyLeast  sharp frames of the middle half of the passes
     * @param  array<string, float>  $losses  frames of an average pass by what they die of
     * @param  ShotUnder  $shot  what must be known of it to tell the person's habits
     */
    private function __construct(
        public string $hold,
        public string $area,
        public string $tracking,
        public string $support,
        public float $workM,
        public float $shutterS,
        public float $fNumber,
        public float $frames,
        public float $sharp,
        public int $usuallyLeast,
        public int $usuallyMost,
        public array $losses,
        public ShotUnder $shot,
    ) {}

    /**
     * @param  Reader  $estimate  what its rehearsal told
     * @param  ?Grabs  $grabs  how its focus dies of what else takes it, where that has been found out
     */
    public static function of(Plan $plan, Reader $estimate, ?Grabs $grabs = null): self
    {
        $hold = $plan->hold;
        $losses = [];
        foreach ($estimate->objects('losses') as $loss) {
            $losses[$loss->text('verdict')] = $loss->number('frames');
        }

        return new self(
            HoldKey::of($hold)->text(),
            $hold->focusMode === FocusMode::Manual ? self::BY_HAND : $hold->area->value,
            TrackingDials::of($hold)->text(),
            $plan->situation->rush->photographer->support->value,
            $plan->situation->rush->workM,
            $hold->shutterS,
            $hold->fNumber,
            $estimate->number('frames'),
            $estimate->number('sharp'),
            $estimate->whole('sharp_least'),
            $estimate->whole('sharp_most'),
            $losses,
            ShotUnder::of($plan, $grabs),
        );
    }

    /** @param  Reader  $kept  from {@see toArray()} */
    public static function kept(Reader $kept): self
    {
        $losses = [];
        foreach (array_keys($kept->inside('losses')->all()) as $verdict) {
            $losses[(string) $verdict] = $kept->inside('losses')->number((string) $verdict);
        }

        return new self(
            $kept->text('hold'),
            $kept->text('area'),
            $kept->text('tracking'),
            $kept->text('support'),
            $kept->number('work_m'),
            $kept->number('shutter_s'),
            $kept->number('f_number'),
            $kept->number('frames'),
            $kept->number('sharp'),
            $kept->whole('usually_least'),
            $kept->whole('usually_most'),
            $losses,
            ShotUnder::kept($kept->inside('shot')),
        );
    }

    /** Share of frames that are to be sharp; null where none was to be expected at all. */
    public function share(): ?float
    {
        return $this->frames > 0 ? $this->sharp / $this->frames : null;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'hold' => $this->hold,
            'area' => $this->area,
            'tracking' => $this->tracking,
            'support' => $this->support,
            'work_m' => $this->workM,
            'shutter_s' => $this->shutterS,
            'f_number' => $this->fNumber,
            'frames' => $this->frames,
            'sharp' => $this->sharp,
            'usually_least' => $this->usuallyLeast,
            'usually_most' => $this->usuallyMost,
            'losses' => (object) $this->losses,
            'shot' => (object) $this->shot->toArray(),
        ];
    }
}
