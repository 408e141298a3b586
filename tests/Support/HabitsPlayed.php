<?php

declare(strict_types=1);

namespace Tests\Support;

use RushHold\Assumptions\Assumptions;
use RushHold\Habits\Grabs;
use RushHold\Habits\ShotUnder;
use RushHold\Habits\Sight;
use RushHold\Hold\Hold;
use RushHold\Kit\Kit;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Scene\Scene;
use RushHold\Rehearsal\Take;
use RushHold\Rehearsal\Verdict;
use RushHold\Rush\Rush;

/** A person with habits of their own, who shoots by the plans of somebody who does not know them. */
final readonly class HabitsPlayed
{
    /** Pixels of a frame from side to side, and the shortest streak that is told as one. */
    private const WIDTH_PX = 6000;

    private const SHORTEST_PX = 3.0;

    /** @param  array<string, float>  $habits  figures by name */
    public function __construct(public array $habits, private int $seed) {}

    /**
     * @param  list<array<string, mixed>>  $rushes  documents
     * @return list<Sight> what their frames tell
     */
    public function sights(array $rushes, int $passes): array
    {
        $sights = [];
        foreach ($rushes as $number => $rush) {
            $planned = self::plan($rush, []);
            $shot = ShotUnder::of($planned, Grabs::of(Planner::standard(), $planned, 150));
            $true = Rehearsal::of(self::plan($rush, $this->habits));
            $camera = $true->camera($planned->hold);
            $pitchMm = $shot->sensorMm / self::WIDTH_PX;
            for ($pass = 0; $pass < $passes; $pass++) {
                $take = Take::of($true->pass(10_000 * $this->seed + 1000 * $number + $pass), $camera);
                foreach ($take->frames() as $at => $frame) {
                    if (in_array($frame->verdict, [Verdict::OutOfFrame, Verdict::Hidden], true)) {
                        continue;
                    }
                    $step = min($take->pass->scene->steps - 1, (int) ($frame->atS / Scene::STEP_S));
                    $least = $pitchMm * max(self::SHORTEST_PX, (0.6 * $frame->defocusMm) / $pitchMm);
                    $sights[] = new Sight(
                        "{$number}/{$pass}/{$at}",
                        "{$number}/{$pass}",
                        (string) $number,
                        $shot,
                        $frame->atS,
                        $frame->distanceM,
                        $planned->hold->shutterS,
                        $planned->hold->fNumber,
                        $frame->motionMm < $least ? null : $frame->motionMm,
                        $least,
                        $frame->defocusMm,
                        -$take->pass->asideM[$step] / $frame->distanceM,
                        -$take->pass->aboveM[$step] / $frame->distanceM,
                        ! $frame->verdict->isFocusOff(),
                        true,
                    );
                }
            }
        }

        return $sights;
    }

    /**
     * @param  array<string, mixed>  $rush
     * @param  array<string, float>  $figures
     */
    public static function plan(array $rush, array $figures): Plan
    {
        $rush['photographer']['schools'] = (array) $rush['photographer']['schools'];

        return Planner::standard()->plan(Rush::fromArray($rush), Kit::fromArray(Documents::kit()), Assumptions::with($figures));
    }

    /**
     * Sharp frames a pass that the plan made with these figures brings this person.
     *
     * @param  array<string, mixed>  $rush
     * @param  array<string, float>  $figures
     * @return list<int> of each pass
     */
    public function brings(array $rush, array $figures, int $passes): array
    {
        $true = Rehearsal::of(self::plan($rush, $this->habits));
        $camera = $true->camera(self::hold($rush, $figures));
        $sharp = [];
        for ($pass = 0; $pass < $passes; $pass++) {
            $sharp[] = Take::of($true->pass(500_000 + $pass), $camera)->counts()[Verdict::Sharp->value] ?? 0;
        }

        return $sharp;
    }

    /**
     * @param  array<string, mixed>  $rush
     * @param  array<string, float>  $figures
     */
    private static function hold(array $rush, array $figures): Hold
    {
        return self::plan($rush, $figures)->hold;
    }
}
