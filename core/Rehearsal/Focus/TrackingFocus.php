<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Focus;

use RushHold\Rehearsal\Camera;
use RushHold\Rehearsal\Scene\Pass;
use RushHold\Rehearsal\Scene\Scene;

/**
 * Continuous autofocus. It measures what lies under the area; follows it with a filter and leads it by its lag; waits when it has
 * lost it, or when something nearer is in a box; lets go when it has waited long enough, and then takes what it finds: the nearest
 * in a box, what is in front, the subject if it is under the area, what is behind it.
 *
 * The loop is one piece on purpose: a call costs this language more than the step itself (docs/model.md, Rehearsal).
 */
final class TrackingFocus implements FocusMethod
{
    public function over(Pass $pass, Camera $camera): FocusTrace
    {
        $scene = $pass->scene;
        $step = Scene::STEP_S;
        [$distances, $asides, $aboves, $gaps, $aimGaps, $measures, $chances] = [
            $pass->distanceM,
            $pass->asideM,
            $pass->aboveM,
            $pass->gapRad,
            $pass->aimGapRad,
            $pass->measure,
            $pass->chance,
        ];
        [$halfArea, $halfAreaUp, $patch, $patchUp] = [
            $camera->looking->halfRad,
            $camera->looking->halfUpRad,
            $camera->looking->halfPatchM,
            $camera->looking->halfPatchUpM,
        ];
        [$halfObstacle, $grabWithin, $target, $obstacleM, $arrives] = [
            $scene->strips->halfRad,
            $camera->looking->halfGrabRad + $scene->strips->halfRad,
            $camera->looking->halfTargetM,
            $scene->strips->distanceM,
            $scene->arrives,
        ];
        [$wait, $hazard, $keeps, $nearestWins, $misleads] = [
            $camera->tracking->waitS + 1e-9,
            $camera->looking->hazard,
            $camera->looking->keeps,
            $camera->looking->nearestWins,
            $camera->looking->misleads,
        ];
        [$scatter, $leads, $nearest, $farthest] = [
            $camera->tracking->scatter,
            $camera->tracking->leadS,
            $camera->drive->nearest,
            $camera->drive->farthest,
        ];
        [$places, $speeds, $changes, $full] = [
            $camera->tracking->gains->place,
            $camera->tracking->gains->speed,
            $camera->tracking->gains->change,
            Gains::FULL - 1,
        ];
        [$perDioptre, $soft, $lost, $glimpse] = [
            $camera->drive->softPerDioptre,
            $camera->tracking->soft,
            $camera->tracking->lost,
            $camera->tracking->glimpseS,
        ];
        $hunts = $lost / $perDioptre;
        $huntsNearer = (1 + $camera->looking->hazardBehind) / 2;
        [$acquire, $recover] = [$camera->tracking->acquireS, $camera->tracking->recoverS];
        [$grab, $grabBehind, $travel, $settles] = [
            $step / $camera->tracking->grabS,
            $step / $camera->tracking->behindS,
            $camera->drive->travel,
            $camera->drive->settles,
        ];
        $obstructed = ! $scene->strips->areNone();

        [$lens, $held] = $this->start($pass, $camera);
        $wanted = $lens;
        $doubt = $found = $sought = $x = $v = $a = 0.0;
        $finds = FocusTarget::NOTHING;
        $known = 0;
        $challenged = $protected = false;
        $partLeft = 0.0;
        $dioptres = $holds = [];
        foreach ($distances as $at => $s) {
            // what is under the area
            $reach = $halfArea * $s;
            $reachUp = $halfAreaUp * $s;
            $reach = $reach > $patch ? $reach + $patch / 2 : $patch + $reach / 2;
            $reachUp = $reachUp > $patchUp ? $reachUp + $patchUp / 2 : $patchUp + $reachUp / 2;
            $aside = $asides[$at];
            $above = $aboves[$at];
            $seen = $aside < $reach && $aside > -$reach && $above < $reachUp && $above > -$reachUp && $at >= $arrives;
            $front = false;
            if ($obstructed && $s > $obstacleM) {
                if ($gaps[$at] < $halfObstacle + $target / $s) {
                    $seen = false;
                }
                $front = $aimGaps[$at] < $grabWithin;
            }
            $before = $held;

            if ($held === FocusTarget::SUBJECT) {
                $px = $x + $step * ($v + 0.5 * $step * $a);
                $v += $step * $a;
                if ($seen) {
                    $off = $s + $scatter * $s * $s * $measures[$at] - $px;
                    $x = $px + $places[$known] * $off;
                    $v += ($speeds[$known] * $off) / $step;
                    $a += ($changes[$known] * $off) / ($step * $step);
                    $known = $known < $full ? $known + 1 : $full;
                    if ($front && $nearestWins) {
                        if (! $challenged) {
                            $challenged = true;
                            $protected = $chances[$at] < $keeps;
                        }
                        $doubt = $protected ? 0.0 : $doubt + $step;
                    } else {
                        $challenged = false;
                        $doubt = 0.0;
                    }
                    if ($chances[$at] > 1 - $hazard) {
                        $kind = (1 - $chances[$at]) / $hazard;
                        $held =
                            $kind < $camera->looking->hazardPart
                                ? FocusTarget::PART
                                : ($kind < $camera->looking->hazardBehind
                                    ? FocusTarget::BEHIND
                                    : FocusTarget::NOTHING);
                        if ($held === FocusTarget::NOTHING) {
                            // nothing to measure under the area: it hunts, to one side or the other
                            $wanted = $lens + ($kind < $huntsNearer ? $hunts : -$hunts);
                        }
                        $partLeft = $camera->tracking->behindS + $wait;
                        $doubt = $found = $sought = 0.0;
                    }
                } else {
                    // what hides it may take its pattern along; else it goes on as it was going
                    if ($doubt === 0.0 && $front && $chances[$at] < $misleads) {
                        $held = FocusTarget::FRONT;
                    }
                    $x = $px;
                    $a = 0.0;
                    $doubt += $step;
                }
                if ($doubt > $wait) {
                    $held = FocusTarget::NOTHING;
                    $doubt = $found = $sought = 0.0;
                }
            } elseif ($held === FocusTarget::PART) {
                $partLeft -= $step;
                if ($partLeft <= 0) {
                    $held = FocusTarget::NOTHING;
                    $found = $sought = 0.0;
                }
            } elseif ($held !== FocusTarget::NOTHING) {
                // something else: it stays there while that is there and nothing nearer comes; a blink between does not undo its doubt
                $doubt = ($held === FocusTarget::FRONT
                        ? $front
                        : ! $seen)
                    ? ($doubt > $step
                        ? $doubt - $step
                        : 0.0)
                    : $doubt + $step;
                if ($doubt > $wait) {
                    $held = FocusTarget::NOTHING;
                    $doubt = $found = $sought = 0.0;
                }
            }

            if ($held === FocusTarget::NOTHING) {
                $takes =
                    $front && ($nearestWins ? ! ($seen && $protected) : ! $seen) && $obstacleM > 0
                        ? FocusTarget::FRONT
                        : ($seen
                            ? FocusTarget::SUBJECT
                            : ($camera->tracking->seesBehind
                                ? FocusTarget::BEHIND
                                : FocusTarget::NOTHING));
                if ($takes !== $finds) {
                    $finds = $takes;
                    $found = 0.0;
                }
                if ($takes === FocusTarget::SUBJECT) {
                    $blur = $perDioptre * abs($lens - 1 / $s);
                    $needs =
                        $glimpse +
                        $acquire * ($blur < $soft ? $blur / $soft : 1.0) +
                        $recover * ($blur < $lost ? $blur / $lost : 1.0);
                    $sought += $step / $needs; // what a glimpse has told is not forgotten
                    $found = $sought;
                } elseif ($takes === FocusTarget::FRONT) {
                    $found += $camera->drive->front > $nearest ? 0.0 : $grab;
                } elseif ($takes === FocusTarget::BEHIND) {
                    $found += $grabBehind;
                }
                if ($found >= 1) {
                    $held = $takes;
                    $finds = FocusTarget::NOTHING;
                    $doubt = 0.0;
                    $challenged = $protected;
                    if ($held === FocusTarget::SUBJECT) {
                        $x = $s + $scatter * $s * $s * $measures[$at];
                        $v = $a = 0.0;
                        $known = 1;
                    }
                }
            }

            // where the lens is told to go
            $told = $wanted;
            if ($held === FocusTarget::SUBJECT) {
                $ahead = $x + $leads * $v;
                $wanted = $ahead > 0.05 ? 1 / $ahead : $nearest;
            } elseif ($held === FocusTarget::FRONT) {
                $wanted = $camera->drive->front;
            } elseif ($held === FocusTarget::BEHIND) {
                $wanted = $camera->drive->behind;
            } elseif ($held === FocusTarget::PART) {
                $wanted = 1 / max(0.05, $s - $camera->looking->partM);
            }
            $wanted = $wanted > $nearest ? $nearest : ($wanted < $farthest ? $farthest : $wanted);
            // it follows as told, catches up what is left of a jump, and is no faster than its drive
            $follows = $held === $before ? $wanted - $told : 0.0;
            $moves = $wanted - ($wanted - $follows - $lens) * $settles - $lens;
            $lens += $moves > $travel ? $travel : ($moves < -$travel ? -$travel : $moves);
            $dioptres[] = $lens;
            $holds[] = $held;
        }

        return new FocusTrace($dioptres, $holds, $camera->tracking->lagS);
    }

    /** @return array{float, int} where the lens is set to begin with, and what it holds then */
    private function start(Pass $pass, Camera $camera): array
    {
        $scene = $pass->scene;
        if ($scene->perfect) {
            return [1 / $pass->distanceM[0], FocusTarget::NOTHING];
        }
        if ($scene->arrives > 0) {
            // it waits on what is there before anything comes
            return [
                $camera->tracking->seesBehind ? $camera->drive->behind : $pass->prefocused($scene->arrives),
                $camera->tracking->seesBehind ? FocusTarget::BEHIND : FocusTarget::NOTHING,
            ];
        }

        return $pass->chance[0] < $camera->looking->wrongStart
            ? [$camera->drive->behind, FocusTarget::BEHIND]
            : [$pass->prefocused($scene->arrives), FocusTarget::NOTHING];
    }
}
