<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Motion\Support;
use RushHold\Rush\Family;
use RushHold\Rush\LightDirection;
use RushHold\Wording\Units;

/** What the rush involves beyond sharpness, in plain words. Local law and licensed practice come first. */
final class Cautions
{
    /** @return list<string> */
    public static function for(Situation $situation): array
    {
        $rush = $situation->rush;
        $kind = $rush->subject->kind->value;
        $byFamily = match ($rush->kind()->family) {
            Family::Bird => ['Keep the distance the law and the reserve ask for: no approach, playback or bait. If it changes what it does because of you, you are too close.'],
            Family::Animal => in_array($kind, ['dog', 'horse-rider'], true)
                ? ['Sprints and jumps only for a fit, grown animal on safe ground, and its handler decides.']
                : ['Keep the distance the law and the reserve ask for: no approach or bait. If it changes what it does because of you, you are too close.'],
            Family::Small => ['Watch where you kneel: leave plants, webs and burrows as they are.'],
            Family::Person => ['Ask for consent where children or private people are in view, and keep to the venue\'s rules.', 'Stay behind barriers and obey marshals; hold the accreditation the venue asks for.'],
            Family::Vehicle => ['Stay behind barriers and obey marshals; never stand where the organiser has closed the ground.'],
        };
        if ($kind === 'paddler') {
            $byFamily[] = 'Wet rock and moving water: say where you are going, and keep your footing before the frame.';
        }
        if ($rush->lightDirection === LightDirection::Back) {
            $byFamily[] = 'The light is behind it: never point a long lens or an optical finder at or near the sun.';
        }

        if ($rush->kind()->family === Family::Bird && ! $rush->moves()) {
            $byFamily[] = 'Nests and young only where the local authority allows it; leave as soon as a parent stays away.';
        }
        if (in_array($kind, ['aircraft', 'motorbike', 'car'], true)) {
            $byFamily[] = 'Stand where it cannot reach you when it leaves its line; runways and tracks stay empty of photographers.';
        }
        if (! $situation->kit->body->focusesAt($situation->kit->widestF())) {
            $byFamily[] = sprintf('Your body does not focus through f/%s: the hand has to.', Units::figures($situation->kit->widestF(), 2));
        }
        if ($situation->kit->focalMm() >= 400 && $rush->photographer->support === Support::Handheld) {
            $byFamily[] = 'A long lens is heavy: set it down between passes, and mind your footing and the tide while you look through it.';
        }

        return $byFamily;
    }
}
