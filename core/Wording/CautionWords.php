<?php

declare(strict_types=1);

namespace RushHold\Wording;

use RushHold\Planning\Cautions;
use RushHold\Planning\Situation;

/** What a rush involves beyond sharpness, in plain words. */
final class CautionWords
{
    /** @return list<string> local law and licensed practice come first */
    public static function for(Situation $situation): array
    {
        return array_map(
            static fn (string $caution): string => self::words($caution, $situation),
            Cautions::for($situation),
        );
    }

    /** @param  Cautions::*  $caution */
    private static function words(string $caution, Situation $situation): string
    {
        return match ($caution) {
            Cautions::DISTANCE_BIRD => 'Keep the distance the law and the reserve ask for: no approach, playback or bait. If it changes what it does because of you, you are too close.',
            Cautions::DISTANCE_ANIMAL => 'Keep the distance the law and the reserve ask for: no approach or bait. If it changes what it does because of you, you are too close.',
            Cautions::HANDLER => 'Sprints and jumps only for a fit, grown animal on safe ground, and its handler decides.',
            Cautions::KNEELING => 'Watch where you kneel: leave plants, webs and burrows as they are.',
            Cautions::CONSENT => 'Ask for consent where children or private people are in view, and keep to the venue\'s rules.',
            Cautions::MARSHALS => 'Stay behind barriers and obey marshals; hold the accreditation the venue asks for.',
            Cautions::CLOSED_GROUND => 'Stay behind barriers and obey marshals; never stand where the organiser has closed the ground.',
            Cautions::WATER => 'Wet rock and moving water: say where you are going, and keep your footing before the frame.',
            Cautions::SUN => 'The light is behind it: never point a long lens or an optical finder at or near the sun.',
            Cautions::NESTS => 'Nests and young only where the local authority allows it; leave as soon as a parent stays away.',
            Cautions::RUN_OFF => 'Stand where it cannot reach you when it leaves its line; runways and tracks stay empty of photographers.',
            Cautions::NO_AUTOFOCUS => sprintf(
                'Your body does not focus through f/%s: the hand has to.',
                Units::figures($situation->kit->widestF(), 2),
            ),
            Cautions::HEAVY_LENS => 'A long lens is heavy: set it down between passes, and mind your footing and the tide while you look through it.',
        };
    }
}
