<?php

declare(strict_types=1);

namespace RushHold\Rehearsal;

use RushHold\Hold\Burst as BurstLength;
use RushHold\Hold\ManualTechnique;
use RushHold\Rehearsal\Focus\HandFocus;
use RushHold\Rehearsal\Scene\Pass;
use RushHold\Rehearsal\Scene\Scene;

/** When the photographer presses, and so when the frames come. */
final class Shutter
{
    /** @return list<PlayedBurst> */
    public static function bursts(Pass $pass, Camera $camera): array
    {
        $hold = $camera->hold;
        $scene = $pass->scene;

        return match (true) {
            $hold->manualTechnique === ManualTechnique::Trap => self::atTrap($pass, $camera),
            $hold->manualTechnique === ManualTechnique::Pull => [
                self::held(
                    $pass,
                    $camera,
                    HandFocus::sweepsAtS($pass),
                    HandFocus::sweepsAtS($pass) + $scene->value('hand.sweep'),
                ),
            ],
            $hold->burst === BurstLength::Long => [
                self::held($pass, $camera, self::readyS($pass), $pass->scene->durationS()),
            ],
            $hold->burst === BurstLength::Short => self::short($pass, $camera),
            $hold->burst === BurstLength::Single => self::single($pass, $camera),
        };
    }

    /** When focus has had its time and the finger has answered. */
    private static function readyS(Pass $pass): float
    {
        $scene = $pass->scene;

        return $scene->perfect
            ? 0.0
            : $scene->beginsS() + $scene->following->reactionS + $scene->value('camera.shutter_lag');
    }

    /** Frames until the buffer is full: as the body says, or as is assumed. */
    private static function buffer(Scene $scene): float
    {
        return (float) ($scene->plan->situation->kit->body->bufferFrames ?? $scene->value('rehearse.buffer'));
    }

    /** Held down from here to there, or until the buffer is full. */
    private static function held(Pass $pass, Camera $camera, float $fromS, float $toS): PlayedBurst
    {
        $fps = $camera->hold->fps;
        $start = $fromS + $pass->phase / $fps;
        $frames = max(1, (int) floor((min($toS, $pass->scene->durationS()) - $start) * $fps) + 1);

        return new PlayedBurst($start, (int) min($frames, self::buffer($pass->scene), Pass::FRAMES));
    }

    /**
     * Two or three frames whenever it is in view, then a rest.
     *
     * @return list<PlayedBurst>
     */
    private static function short(Pass $pass, Camera $camera): array
    {
        $scene = $pass->scene;
        $fps = $camera->hold->fps;
        $frames = (int) $scene->value('rehearse.burst');
        $rest = $frames / $fps + $scene->value('rehearse.rest');
        $left = (int) min(self::buffer($scene), Pass::FRAMES);
        $bursts = [];
        $at = self::readyS($pass) + $pass->phase / $fps;
        while ($at < $pass->scene->durationS() && $left > 0) {
            if (self::inView($pass, $camera, $at - $scene->value('camera.shutter_lag'))) {
                $bursts[] = new PlayedBurst($at, min($frames, $left));
                $left -= $frames;
                $at += $rest;
            } else {
                $at += $scene->value('rehearse.look_again');
            }
        }

        return $bursts;
    }

    /** @return list<PlayedBurst> one frame at a time */
    private static function single(Pass $pass, Camera $camera): array
    {
        $bursts = [];
        for (
            $at = self::readyS($pass) + $pass->phase / $camera->hold->fps;
            $at < $pass->scene->durationS();
            $at += $pass->scene->value('rehearse.single')
        ) {
            $bursts[] = new PlayedBurst($at, 1);
        }

        return $bursts;
    }

    /** @return list<PlayedBurst> held down from just before it is there until it has passed */
    private static function atTrap(Pass $pass, Camera $camera): array
    {
        $scene = $pass->scene;
        $trapM = Scene::trapM($scene->plan);
        $there = 0;
        foreach ($pass->distanceM as $at => $distance) {
            $there = abs($distance - $trapM) < abs($pass->distanceM[$there] - $trapM) - 1e-9 ? $at : $there;
        }
        $early = $scene->value('rehearse.trap_early') - $scene->value('rehearse.timing') * $pass->timing;
        $from = max(0.0, $there * Scene::STEP_S - max(0.0, $early));

        return [self::held($pass, $camera, $from, $there * Scene::STEP_S + $scene->value('rehearse.trap_after'))];
    }

    /** Whether a person would press: it is in the frame, and nothing stands before it. */
    private static function inView(Pass $pass, Camera $camera, float $atS): bool
    {
        $at = $pass->scene->stepAt($atS);
        $s = $pass->distanceM[$at];

        return $pass->isInFrame($at, $s) && ! $pass->isHidden($at, $s);
    }
}
