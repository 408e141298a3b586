<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Hold\StabiliserUse;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;
use RushHold\Wording\Units;

/** Whether the stabiliser steadies everything, leaves the pan alone, or rests. */
final class StabiliserChooser implements Chooser
{
    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $stops = $situation->kit->lens->stabiliserStops;
        $photographer = $situation->rush->photographer;
        [$use, $why, $school] = match (true) {
            $stops <= 0 => [StabiliserUse::Off, 'Your lens has none.', null],
            ! $situation->rush->moves() => [StabiliserUse::On, sprintf('It sits, so only your hands blur it; the stabiliser takes off %s stops of that.', $stops), null],
            $photographer->schools->on('stabiliser') === 'off' => [StabiliserUse::Off, sprintf('Your school switches it off for action, so that it never fights the pan; your hands then shake %s times as much.', Units::figures(2 ** $stops, 2)), 'stabiliser: off'],
            $photographer->panning && ! $situation->kit->lens->pansStabilised => [StabiliserUse::Off, 'You pan with it, and this stabiliser has no mode for that: it would fight you.', null],
            $photographer->panning => [
                StabiliserUse::Panning, 'You pan with it: the stabiliser leaves the pan alone and steadies the rest.',
                $photographer->schools->on('stabiliser') === 'panning' ? 'stabiliser: panning mode' : null,
            ],
            default => [StabiliserUse::On, 'You hold still and let it pass, so it can steady every direction.', null],
        };
        $draft->stabiliser = $use;
        $draft->because('stabiliser', $why, ['stabiliser_stops' => $stops], $school);
    }
}
