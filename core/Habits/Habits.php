<?php

declare(strict_types=1);

namespace RushHold\Habits;

use RushHold\Assumptions\Assumptions;

/** Everything of a person that their frames tell. */
final class Habits
{
    /**
     * @param  list<Sight>  $sights
     * @param  array<string, float>  $chosen  figures the person has chosen, by name
     * @return list<LearntFigure>
     */
    public static function of(array $sights, array $chosen = []): array
    {
        $assumed = Assumptions::kept($chosen);
        $figures = [
            ...(new PanLearner())->figures($sights, $assumed),
            ...(new AimLearner())->figures($sights, $assumed),
            ...(new HandLearner())->figures($sights, $assumed),
            ...(new AreaLearner())->figures($sights, $assumed),
        ];
        // a slip is one as the person's own aim goes
        $own = [];
        foreach ($figures as $figure) {
            $own[$figure->name] = $figure->value;
        }
        array_push($figures, ...(new SlipLearner())->figures($sights, Assumptions::kept($own + $chosen)));

        return array_map(self::inside(...), $figures);
    }

    private static function inside(LearntFigure $figure): LearntFigure
    {
        $known = Assumptions::all()[$figure->name];
        $within = static fn (float $value): float => max($known->least, min($known->most, $value));

        return new LearntFigure(
            $figure->name,
            $figure->assumed,
            $within($figure->value),
            $within($figure->least),
            $within($figure->most),
            $figure->worth,
            $figure->frames,
            $figure->bursts,
            $figure->keptOut,
        );
    }
}
