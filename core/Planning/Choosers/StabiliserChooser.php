<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Hold\StabiliserUse;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;

/** Whether the stabiliser steadies everything, leaves the pan alone, or rests. */
final class StabiliserChooser implements Chooser
{
    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $stops = $situation->kit->lens->stabiliserStops;
        $photographer = $situation->rush->photographer;
        $school = $photographer->schools->answerTo('stabiliser');
        [$use, $code, $by] = match (true) {
            $stops <= 0 => [StabiliserUse::Off, 'none', null],
            ! $situation->rush->moves() => [StabiliserUse::On, 'sits', null],
            $school?->answer === 'off' => [StabiliserUse::Off, 'school', $school],
            $photographer->panning && ! $situation->kit->lens->pansStabilised => [StabiliserUse::Off, 'fights', null],
            $photographer->panning => [StabiliserUse::Panning, 'pans', $school?->answer === 'panning' ? $school : null],
            default => [StabiliserUse::On, 'passes', null],
        };
        $draft->stabiliser = $use;
        $draft->because('stabiliser', $code, ['stabiliser_stops' => $stops], $by);
    }
}
