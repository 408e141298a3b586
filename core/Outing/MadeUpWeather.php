<?php

declare(strict_types=1);

namespace RushHold\Outing;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use RushHold\Light\Observer;
use RushHold\Rush\Sky;

/** Weather for a place and a day that nobody has forecast: made up, always the same for the same place and day, and likely for season and hour. */
final class MadeUpWeather
{
    /** @return array<int, Weather> by hour of the day, 24 and more on the next */
    public static function of(Observer $position, string $date): array
    {
        $place = sprintf('%.2f %.2f %s', $position->latitudeDeg, $position->longitudeDeg, $date);
        $dice = new Randomizer(new Xoshiro256StarStar(hash('sha256', $place, true)));
        $chance = static fn (): float => $dice->getInt(0, 1_000_000) / 1_000_000;
        $dayOfYear = (int) (new \DateTimeImmutable($date))->format('z');
        // warmest a month after midsummer, on either side of the equator
        $season = cos((2 * M_PI * ($dayOfYear - 202)) / 365.25) * ($position->latitudeDeg < 0 ? -1 : 1);
        $latitude = abs($position->latitudeDeg);
        $mean = 27 - 0.4 * $latitude + 0.2 * $latitude * $season * 0.9 + 4 * ($chance() - 0.5);
        $skies = Sky::cases();
        $sky = $dice->getInt(0, 4);
        $wind = 1 + 6 * $chance() ** 2;
        $misty = $chance() < 0.25;
        $hours = [];
        for ($hour = 0; $hour < 48; $hour++) {
            if ($chance() < 0.25) {
                $sky = max(0, min(count($skies) - 1, $sky + $dice->getInt(-1, 1)));
            }
            $day = sin((M_PI * (($hour % 24) - 8)) / 12); // lowest before dawn, highest in the afternoon
            $mist = $misty && $hour % 24 < 9 && $hour % 24 > 2;
            $hours[$hour] = new Weather(
                $skies[$sky],
                round($mean + (5 - $sky) * $day, 1),
                round(max(0.0, $wind * (1 + 0.6 * $day) + 0.8 * ($chance() - 0.5)), 1),
                $mist ? 800.0 + 400 * $dice->getInt(0, 8) : 20_000.0 + 1000 * $dice->getInt(0, 20),
                true,
            );
        }

        return $hours;
    }
}
