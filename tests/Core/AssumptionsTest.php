<?php

declare(strict_types=1);

use RushHold\Assumptions\Assumptions;
use RushHold\Faults\Fault;
use RushHold\Hold\HoldFields;
use RushHold\Wording\HoldWords;
use RushHold\Wording\Units;
use Tests\Support\Documents;

it('states every judgement once, with a default inside its range, a meaning and an origin', function () {
    foreach (Assumptions::all() as $name => $one) {
        expect($one->name)
            ->toBe($name)
            ->and($one->default)
            ->toBeGreaterThanOrEqual($one->least)
            ->toBeLessThanOrEqual($one->most)
            ->and($one->meaning)
            ->not->toBe('')
            ->and($one->origin)
            ->not->toBe('');
    }
    expect(count(Assumptions::all()))->toBeGreaterThan(100);
});

it('takes a person\'s own value for any of them, inside the range only', function () {
    foreach (Assumptions::all() as $name => $one) {
        expect(Assumptions::with([$name => $one->most])->value($name))
            ->toBe($one->most)
            ->and(Assumptions::with([$name => $one->least])->value($name))
            ->toBe($one->least);
        expect(fn () => Assumptions::with([$name => $one->most + 1]))->toThrow(Fault::class);
    }
});

it('has a word for every field of a hold', function () {
    $hold = Documents::plan()->hold;
    $words = array_map(
        fn (string $field): string => HoldWords::word($field, $hold, Units::Imperial),
        array_keys(HoldFields::FIELDS),
    );

    expect($words)
        ->not->toContain('')
        ->and(array_keys(HoldFields::values($hold)))
        ->toBe(array_keys(HoldFields::FIELDS))
        ->and(HoldFields::differences($hold, $hold))
        ->toBe([])
        ->and(array_diff(HoldFields::GRADUAL, array_keys(HoldFields::FIELDS)))
        ->toBe([]);
});
