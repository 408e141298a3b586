<?php

declare(strict_types=1);

use Tests\Support\Agreement;
use Tests\Support\Long;

/** Situations over all families, from seeds that nothing was tuned with. */
function agreement(): Agreement
{
    static $found = null;

    return $found ??= Agreement::over(4711, Long::of(300, 200), 40);
}

it('plans the area that a rehearsal finds best, or one that is not to be told from it, in nine of ten', function () {
    expect(count(agreement()->cases))->toBe(Long::of(300, 200))->and(agreement()->best())->toBeGreaterThan(0.87); // 0.90 over 2700, 0.85 to 0.94 by the seed
});

it('promises as many sharp frames as a rehearsal finds', function () {
    $mean = static fn (string $of): float => array_sum(array_column(agreement()->cases, $of)) / count(agreement()->cases);

    expect(agreement()->correlation())->toBeGreaterThan(0.87)->and(abs($mean('promised') - $mean('rehearsed')))->toBeLessThan(0.06);
});

it('never promises much where next to nothing comes of it', function () {
    $broken = array_map(
        static fn (array $one): array => [$one['promised'], $one['rehearsed'], $one['rush']['subject']['kind']],
        agreement()->broken(),
    );

    expect($broken)->toBe([]);
});
