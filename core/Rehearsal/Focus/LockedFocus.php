<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Focus;

use RushHold\Rehearsal\Camera;
use RushHold\Rehearsal\PlayedBurst;
use RushHold\Rehearsal\Scene\Pass;

/**
 * Single autofocus: at the beginning of each burst it takes what lies under the area, and stays there until the next. With the
 * ring at hand, a lock on the wrong thing is turned back to the subject.
 */
final readonly class LockedFocus implements FocusMethod
{
    /** @param  list<PlayedBurst>  $bursts */
    public function __construct(private array $bursts, private bool $ring) {}

    public function over(Pass $pass, Camera $camera): FocusTrace
    {
        $scene = $pass->scene;
        $dioptres = array_fill(0, $scene->steps, $pass->prefocused(0));
        $held = array_fill(0, $scene->steps, FocusTarget::NOTHING);
        foreach ($this->bursts as $burst) {
            $at = $scene->stepAt($burst->startS - $scene->value('camera.shutter_lag'));
            [$on, $takes] = $this->lock($pass, $camera, $at, $dioptres[$at]);
            $on = $camera->drive->within($on);
            for ($step = $at; $step < $scene->steps; $step++) {
                $dioptres[$step] = $on;
                $held[$step] = $takes;
            }
        }

        return new FocusTrace(array_values($dioptres), array_values($held), 0.0);
    }

    /** @return array{float, int} */
    private function lock(Pass $pass, Camera $camera, int $at, float $was): array
    {
        $scene = $pass->scene;
        $s = $pass->distanceM[$at];
        $on = $at >= $scene->arrives && $camera->looking->isOn($pass->asideM[$at], $pass->aboveM[$at], $s);
        $front = ! $scene->strips->areNone() && $s > $scene->strips->distanceM;
        $seen = $on && ! ($front && $pass->gapRad[$at] < $scene->strips->halfRad + $camera->looking->halfTargetM / $s);
        $grabs =
            $front &&
            $pass->aimGapRad[$at] < $camera->looking->halfGrabRad + $scene->strips->halfRad &&
            ($camera->looking->nearestWins ? $pass->chance[$at] > $camera->looking->keeps : ! $seen);
        $subject = 1 / ($s + $camera->tracking->scatter * $s * $s * $pass->measure[$at]);

        return match (true) {
            $this->ring, $seen && ! $grabs => [$subject, FocusTarget::SUBJECT],
            $grabs => [$camera->drive->front, FocusTarget::FRONT],
            $camera->tracking->seesBehind => [$camera->drive->behind, FocusTarget::BEHIND],
            default => [$was, FocusTarget::NOTHING],
        };
    }
}
