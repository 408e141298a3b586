<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Rush\Family;
use RushHold\Rush\LightDirection;
use RushHold\Rush\Rush;

/** What the rush involves beyond sharpness, in plain words. Local law and licensed practice come first. */
final class Cautions
{
    /** @return list<string> */
    public static function for(Rush $rush): array
    {
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

        return $byFamily;
    }
}
