<?php

declare(strict_types=1);

namespace Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;
use RushHold\Assumptions\Assumptions;
use RushHold\Controls\Assignment;
use RushHold\Controls\DayHold;
use RushHold\Controls\Layout;
use RushHold\Controls\LayoutOnBody;
use RushHold\Controls\SwitchingProblem;
use RushHold\Dialect\BodyProfile;
use RushHold\Hold\Pick;
use RushHold\Hold\Scheme;
use RushHold\Kit\AfArea;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;

/** Days of holds on the keys of a body, to test with. */
final class Days
{
    /** @return array<string, DayHold> three holds of a day: flight, in the reeds, asleep */
    public static function of(BodyProfile $profile): array
    {
        $holds = [
            'flight' => Documents::hold(['area' => AfArea::ZoneLarge, 'stay' => 3, 'pace' => 2]),
            'reeds' => Documents::hold([
                'area' => AfArea::SinglePoint,
                'stay' => 4,
                'pace' => 0,
                'pick' => Pick::Centre,
            ]),
            'asleep' => Documents::hold([
                'area' => AfArea::Spot,
                'focusMode' => FocusMode::SingleWithOverride,
                'detection' => Detection::None,
            ]),
        ];

        return array_map(
            fn ($hold, string $key) => new DayHold($key, ucfirst($key), $hold, $profile->body),
            $holds,
            array_keys($holds),
        );
    }

    /**
     * @param  list<Assignment>  $uses
     * @param  array<string, mixed>  $own
     */
    public static function laid(array $uses = [], array $own = [], string $body = 'skerry_one'): LayoutOnBody
    {
        $profile = Documents::demoSheet($body);
        $holds = array_column(array_map(fn (DayHold $laid) => [$laid->key, $laid], self::of($profile)), 1, 0);
        $layout = new Layout(
            ...[
                'scheme' => Scheme::ThreeButtons,
                'shutterFocuses' => true,
                'prefocus' => false,
                'gloves' => false,
                'holds' => ['flight', 'reeds', 'asleep'],
                'base' => 'flight',
                'uses' => $uses,
                ...$own,
            ],
        );

        return new LayoutOnBody($profile, $layout, $holds, Assumptions::defaults());
    }

    /** @return SwitchingProblem a random small day, some controls unable to recall some holds */
    public static function random(int $seed, int $holds, int $places): SwitchingProblem
    {
        $random = new Randomizer(new Mt19937($seed));
        $number = fn (float $most): float => ($random->getInt(0, 1000) / 1000) * $most;
        $table = fn (int $rows, int $columns, float $most): array => array_map(
            fn () => array_map(fn () => $number($most), range(1, max(1, $columns))),
            range(1, $rows),
        );
        $recall = array_map(
            fn () => array_map(
                fn () => array_map(fn () => $number(1) < 0.25 ? INF : 0.2 + $number(3), range(1, $places)),
                range(1, $holds),
            ),
            range(1, $holds),
        );

        return new SwitchingProblem(
            $holds,
            $places,
            $recall,
            $table($places, $places, 0.5),
            $table($holds, $holds, 6),
            $table($holds, $holds, 20),
        );
    }
}
