<?php

declare(strict_types=1);

use Tests\Support\Long;
use Tests\Support\TidalDays;

it('sends nobody into water, on hundreds of days typed whole, half, by one water and none, by night and over changes of the clocks', function () {
    $tally = ['worked' => 0, 'waited' => 0, 'wet spots' => 0, 'past midnight' => 0];
    for ($seed = 1; $seed <= Long::of(500, 200); $seed++) {
        $drawn = TidalDays::draw($seed);
        $day = TidalDays::reckoned($drawn['document']);
        expect(TidalDays::dangers($drawn, $day))->toBe([], "seed {$seed}");

        $wet = array_column(array_filter($drawn['document']['place']['spots'], static fn (array $spot): bool => isset($spot['cut_off_m'])), 'id');
        foreach ($day['rushes'] as $rush) {
            $isWorked = in_array($rush['id'], array_column($day['order']['stays'], 'rush'), true);
            // what is left out says why; where water comes it is told
            expect($isWorked || is_string($rush['why']))->toBeTrue("seed {$seed}")
                ->and(is_string($rush['water']))->toBe(in_array($rush['spot'], $wet, true), "seed {$seed}");
        }
        foreach ($day['order']['stays'] as $stay) {
            $isWet = in_array($stay['spot'], $wet, true);
            expect($stay['be_off'] !== null)->toBe($isWet, "seed {$seed}");
            if ($isWet) {
                expect(strtotime($stay['until']))->toBeLessThanOrEqual(strtotime($stay['be_off']), "seed {$seed}");
                $tally['wet spots']++;
            }
            $tally['worked']++;
            $tally['waited'] += $stay['wait'] === null ? 0 : 1;
            $tally['past midnight'] += substr($stay['until'], 0, 10) > $drawn['document']['date'] ? 1 : 0;
        }
        // without two waters nobody stands on ground that they take
        if (count($drawn['turns']) < 2) {
            expect(array_intersect(array_column($day['order']['stays'], 'spot'), $wet))->toBe([], "seed {$seed}");
        }
    }
    expect($tally)->each->toBeGreaterThan(20, (string) json_encode($tally));
});

it('finds the best of many tidal days and nights, where walking and waiting are looked at anew with the water minute by minute', function () {
    $waited = 0;
    for ($seed = 1; $seed <= Long::of(200, 80); $seed++) {
        $drawn = TidalDays::draw($seed);
        if ($drawn['goesOn']) {
            continue;
        }
        // an hour of waiting costs nothing here, so that what it is worth is all there is to it
        $day = TidalDays::reckoned($drawn['document'], ['outing.waits' => 0]);
        if (str_contains(implode(' ', $day['cautions']), 'comes twice')) {
            continue; // kept out of more than there is
        }
        $worth = $day['order']['worth'];
        // minutes between two looks at the water: what a minute of margin more and less allows
        expect($worth)
            ->toBeLessThanOrEqual(TidalDays::most($drawn, $day, TidalDays::MARGIN - 1) + 0.01, "seed {$seed}")
            ->toBeGreaterThanOrEqual(TidalDays::most($drawn, $day, TidalDays::MARGIN + 1) - 0.01, "seed {$seed}");
        $waited += count(array_filter(array_column($day['order']['stays'], 'wait')));
    }
    expect($waited)->toBeGreaterThan(Long::of(8, 3));
});
