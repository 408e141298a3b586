<?php

declare(strict_types=1);

use RushHold\Rehearsal\Focus\Gains;
use RushHold\Rehearsal\Focus\TrackingFocus;
use RushHold\Rehearsal\Scene\Scene;
use RushHold\Rehearsal\Shutter;
use RushHold\Rehearsal\Take;
use RushHold\Rehearsal\Verdict;

/** The step loop of a take against the same loop in plain C, on the same pass; built and asked by bin/bench alone. */
final class Yardstick
{
    /**
     * How many times as long as C the core takes for one take.
     *
     * @throws RuntimeException when no compiler is there, or the two do not come to the same verdicts
     */
    public static function ratio(Take $take, string $folder): float
    {
        $program = $folder.'/take';
        exec('cc -O2 -o '.escapeshellarg($program).' '.escapeshellarg(__DIR__.'/take.c').' -lm 2>&1', $said, $exit);
        if ($exit !== 0) {
            throw new RuntimeException('The yardstick was not built: '.implode("\n", $said));
        }
        file_put_contents($folder.'/take.bin', pack('d*', ...self::numbers($take)));
        $ask = static fn (): array => explode(' ', trim((string) shell_exec(escapeshellarg($program).' '.escapeshellarg($folder.'/take.bin').' 4000')));
        $answer = $ask();
        $counts = $take->counts();
        foreach ([Verdict::Sharp, Verdict::Motion, Verdict::Shake, Verdict::Front, Verdict::Back, Verdict::WrongThing, Verdict::OutOfArea, Verdict::OutOfFrame, Verdict::Hidden, Verdict::Depth, Verdict::Diffraction] as $at => $verdict) {
            if ((int) $answer[$at] !== ($counts[$verdict->value] ?? 0)) {
                throw new RuntimeException("The yardstick counts {$answer[$at]} {$verdict->value}, the core ".($counts[$verdict->value] ?? 0).'.');
            }
        }
        // turn about, the quickest of each: whatever else the machine does meanwhile hits both alike
        $core = $c = INF;
        for ($round = 0; $round < 9; $round++) {
            $from = hrtime(true);
            for ($turn = 0; $turn < 60; $turn++) {
                Take::of($take->pass, $take->camera)->counts();
            }
            $core = min($core, (hrtime(true) - $from) / 60);
            $c = min($c, (float) $ask()[11]);
        }

        return $core / $c;
    }

    /** @return list<float|int> in the order take.c reads them */
    private static function numbers(Take $take): array
    {
        [$pass, $camera, $scene] = [$take->pass, $take->camera, $take->pass->scene];
        [$looking, $tracking, $drive, $exposing, $strips] = [$camera->looking, $camera->tracking, $camera->drive, $camera->exposing, $scene->strips];
        $times = [];
        foreach (Shutter::bursts($pass, $camera) as $burst) {
            for ($frame = 0; $frame < $burst->frames && ($at = $burst->startS + $frame / $camera->hold->fps) / Scene::STEP_S <= $scene->steps - 1; $frame++) {
                $times[] = $at;
            }
        }
        [$lens, $held] = (new ReflectionMethod(TrackingFocus::class, 'start'))->invoke(new TrackingFocus, $pass, $camera);
        $step = Scene::STEP_S;
        $wait = $tracking->waitS + 1e-9;

        return [
            $scene->steps, count($times), Gains::FULL - 1, (int) ! $strips->areNone(), (int) $tracking->seesBehind, (int) $looking->nearestWins, $scene->arrives, $held,
            $step, $lens, $looking->halfRad, $looking->halfUpRad, $looking->halfPatchM, $looking->halfPatchUpM,
            $strips->halfRad, $looking->halfGrabRad + $strips->halfRad, $looking->halfTargetM, $strips->distanceM,
            $wait, $looking->hazard, $looking->hazardPart, $looking->hazardBehind, $looking->keeps, $looking->misleads,
            $tracking->scatter, $tracking->leadS, $drive->nearest, $drive->farthest, $drive->front, $drive->behind, $looking->partM,
            $drive->softPerDioptre, $tracking->soft, $tracking->lost, $tracking->glimpseS, $tracking->acquireS, $tracking->recoverS,
            $step / $tracking->grabS, $step / $tracking->behindS, $tracking->behindS + $wait, $drive->travel, $drive->settles, $tracking->lagS,
            $exposing->focalMm, $exposing->fNumber, $exposing->shutterS, $exposing->limitMm, $exposing->diffractionMm, $exposing->groupMm, $exposing->shakeMm, $exposing->panLeft, $exposing->ownMps,
            $scene->following->halfFrameRad, $scene->following->halfFrameUpRad, $scene->following->besideRad, $scene->following->highRad,
            ...$tracking->gains->place, ...$tracking->gains->speed, ...$tracking->gains->change,
            ...$pass->distanceM, ...$pass->asideM, ...$pass->aboveM, ...$pass->gapRad, ...$pass->aimGapRad, ...$pass->measure, ...$pass->chance, ...$pass->crossingMps,
            ...$times, ...array_slice($pass->panScatter, 0, count($times)), ...array_slice($pass->shakeScatter, 0, count($times)), ...array_slice($pass->ownScatter, 0, count($times)),
        ];
    }
}
