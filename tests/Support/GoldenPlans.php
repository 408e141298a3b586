<?php

declare(strict_types=1);

namespace Tests\Support;

use RushHold\Faults\Fault;
use RushHold\Hold\Dials;
use RushHold\Kit\Kit;
use RushHold\Planning\Explore\SchoolComparison;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rush\Rush;
use RushHold\Wording\Plan\PlanDocument;
use RushHold\Wording\Plan\SchoolsDocument;
use RushHold\Wording\Units;

/**
 * Plans of the situations that are judged and of many that are drawn, as they are today. They say of a change of the planner what it
 * has changed, not whether that is right: that is for the judgement cases to say. Written anew by tests/Support/golden-plans.php.
 */
final class GoldenPlans
{
    private const DRAWN = 160;

    private const FIGURES = '%.9g';

    /** @return array<string, array<string, mixed>> by the name of the situation: its hold, and what else is in its plan as a sum */
    public static function make(): array
    {
        $found = [];
        foreach (self::situations() as $name => [$rush, $kit, $dials]) {
            try {
                $plan = Planner::standard()->plan(Rush::fromArray($rush), Kit::fromArray($kit), null, $dials);
            } catch (Fault $fault) {
                $found[$name] = ['fault' => $fault->getMessage()];

                continue;
            }
            $found[$name] = self::told(
                $plan,
                count($found) % 8 === 0,
                count($found) % 2 === 0 ? Units::Metric : Units::Imperial,
            );
        }

        return $found;
    }

    /** @return \Generator<string, array{array<string, mixed>, array<string, mixed>, ?Dials}> */
    private static function situations(): \Generator
    {
        $cases = json_decode((string) file_get_contents(__DIR__.'/../Core/cases/judgement.json'), true);
        foreach ($cases['cases'] as $case) {
            yield $case['id'] => [$case['rush'], $case['kit'] ?? Documents::kit(), null];
        }
        $dice = Drawn::dice(4711);
        for ($at = 0; $at < self::DRAWN; $at++) {
            $rush = Drawn::rush($dice);
            $rush['photographer']['schools'] = (array) $rush['photographer']['schools'];
            yield 'drawn '.$at => [
                $rush,
                Drawn::kit($dice),
                $at % 4 === 0 ? new Dials(area: null, stay: 1, pace: 1, shutterS: 1 / 1000, fNumber: 5.6) : null,
            ];
        }
    }

    /** @return array<string, mixed> */
    private static function told(Plan $plan, bool $explored, Units $units): array
    {
        $tips = $explored ? Planner::standard()->tips($plan) : [];
        $document = PlanDocument::of($plan, $tips, $units);
        $hold = $document['hold'];
        unset($document['hold']);
        if ($explored) {
            $document['schools'] = SchoolsDocument::of(SchoolComparison::of(Planner::standard(), $plan), $units);
        }

        return ['hold' => self::rounded($hold)] +
            array_map(
                static fn (mixed $part): string => substr(
                    md5((string) json_encode(self::rounded(json_decode((string) json_encode($part), true)))),
                    0,
                    12,
                ),
                $document,
            );
    }

    /** The last places of a number differ from one machine to the next. */
    private static function rounded(mixed $value): mixed
    {
        return match (true) {
            is_array($value) => array_map(self::rounded(...), $value),
            is_float($value) => sprintf(self::FIGURES, $value),
            default => $value,
        };
    }
}
