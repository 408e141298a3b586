<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\StabiliserUse;

/** Whether the stabiliser steadies everything, leaves the pan alone, or rests. */
final class StabiliserChooser implements Chooser
{
    public function choose(Situation $situation, Draft $draft): Draft
    {
        $stops = $situation->kit->lens->stabiliserStops;
        $photographer = $situation->rush->photographer;
        $school = $photographer->schools->on('stabiliser');
        $numbers = ['stabiliser_stops' => $stops];
        if ($stops <= 0) {
            return $draft->withStabiliser(StabiliserUse::Off, new Reason('stabiliser', 'Your lens has none.', $numbers));
        }
        if (! $situation->rush->moves()) {
            return $draft->withStabiliser(StabiliserUse::On, new Reason(
                'stabiliser', sprintf('It sits, so only your hands blur it; the stabiliser takes off %s stops of that.', $stops), $numbers,
            ));
        }
        if ($school === 'off') {
            return $draft->withStabiliser(StabiliserUse::Off, new Reason(
                'stabiliser', 'Your school switches it off for action, so that it never fights the pan.', $numbers, 'stabiliser: off',
            ));
        }

        return $photographer->panning
            ? $draft->withStabiliser(StabiliserUse::Panning, new Reason(
                'stabiliser', 'You pan with it: the stabiliser leaves the pan alone and steadies the rest.', $numbers, 'stabiliser: panning mode',
            ))
            : $draft->withStabiliser(StabiliserUse::On, new Reason(
                'stabiliser', 'You hold still and let it pass, so it can steady every direction.', $numbers,
            ));
    }
}
