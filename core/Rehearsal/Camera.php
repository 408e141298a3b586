<?php

declare(strict_types=1);

namespace RushHold\Rehearsal;

use RushHold\Hold\Hold;
use RushHold\Rehearsal\Focus\AfView;
use RushHold\Rehearsal\Focus\LensDrive;
use RushHold\Rehearsal\Focus\Tracking;
use RushHold\Rehearsal\Scene\Scene;

/** A camera set to one hold, as a pass meets it: everything that does not change from step to step, reckoned once. */
final readonly class Camera
{
    private function __construct(
        public Hold $hold,
        public AfView $looking,
        public Tracking $tracking,
        public LensDrive $drive,
        public FrameBlurModel $exposing,
    ) {}

    public static function set(Scene $scene, Hold $hold): self
    {
        $situation = $scene->plan->situation;

        return new self(
            $hold,
            AfView::through($situation, $scene, $hold),
            Tracking::with($situation, $scene, $hold),
            LensDrive::of($situation, $scene, $hold),
            FrameBlurModel::of($scene->plan, $hold),
        );
    }
}
