<?php

declare(strict_types=1);

namespace RushHold\Planning\Exposure;

use RushHold\Planning\Concession;
use RushHold\Planning\Situation;
use RushHold\Wording\Units;

/** What is told where a shutter and an aperture leave too little light or too much, however they were come by. */
final class LightConcessions
{
    /**
     * @param  float  $exactIso  what the light asks for
     * @param  float  $shortfallStops  what is missing at the ceiling, 0 for nothing
     * @return list<Concession> one or none
     */
    public static function dark(Situation $situation, float $exactIso, float $shortfallStops): array
    {
        return $shortfallStops <= 0.0 ? [] : [new Concession(
            'light', sprintf('%s stops too dark', Units::figures($shortfallStops, 2)),
            sprintf('EV %s asks for ISO %.0f here; your ceiling is %.0f.', Units::figures($situation->rush->ev100), $exactIso, $situation->rush->isoCeiling), $shortfallStops,
        )];
    }

    /**
     * @param  float  $exactIso  what the light asks for
     * @return list<Concession> one or none
     */
    public static function bright(Situation $situation, float $fNumber, float $shutterS, float $exactIso): array
    {
        $base = $situation->assumptions->value('camera.base_iso');
        $stops = log($base / $exactIso, 2);

        return $exactIso * ExposureSearch::SIXTH >= $base ? [] : [new Concession(
            'overexposure', sprintf('%s stops too bright', Units::figures($stops, 2)),
            sprintf('f/%s at %s is too much light for ISO %.0f; a grey filter takes it off.', $fNumber, Units::shutter($shutterS), $base), $stops,
        )];
    }
}
