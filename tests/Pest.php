<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Random\Randomizer;
use RushHold\Counts\Cell;
use Tests\Browser\BrowserTestCase;
use Tests\Support\ApiTestCase;
use Tests\Support\Documents;

uses(ApiTestCase::class, RefreshDatabase::class)->in('Api');
uses(BrowserTestCase::class)->in('Browser');

/** Equal to so many significant figures, as published reference values are. */
expect()->extend('toBeTo', function (float $expected, int $figures = 6) {
    $tolerance = $expected === 0.0 ? 1e-12 : abs($expected) * 0.5 * 10 ** (1 - $figures);

    return $this->toEqualWithDelta($expected, $tolerance);
});

/**
 * A rush/1 document, usual in everything but what is given.
 *
 * @param  array<string, mixed>  $own
 * @return array<string, mixed>
 */
function rush(array $own = []): array
{
    return Documents::rush($own);
}

/**
 * A kit/1 document: full frame, 500 mm f/5.6.
 *
 * @param  array<string, mixed>  $own
 * @return array<string, mixed>
 */
function kit(array $own = []): array
{
    return Documents::kit($own);
}

/** Normal numbers by chance. */
function bell(Randomizer $dice): float
{
    $unit = static fn (): float => ($dice->getInt(0, 999_999_998) + 0.5) / 1e9;

    return sqrt(-2 * log($unit())) * cos(2 * M_PI * $unit());
}

/** @param  list<array{int, int}>  $bursts  frames and sharp ones of each */
function cell(array $bursts): Cell
{
    return array_reduce($bursts, static fn (Cell $all, array $one): Cell => $all->plus(Cell::ofBurst(...$one)), new Cell());
}

/** Bursts of frames that each tell by themselves. */
function alone(int $frames, int $sharp): Cell
{
    return cell([...array_fill(0, $sharp, [1, 1]), ...array_fill(0, $frames - $sharp, [1, 0])]);
}
