<?php

declare(strict_types=1);

namespace RushHold\Counts;

/**
 * Which assumed figures stand behind frames that are lost in another way than rehearsals expect: those that a rehearsal draws this loss
 * from, the likeliest first.
 */
final class Suspect
{
    /** What is lost more, or less, than this share of all frames is worth a word. */
    private const WORTH = 0.05;

    private const BEHIND = [
        Loss::Motion->value => ['panning.', 'bob.'],
        Loss::Shake->value => ['shake.'],
        Loss::Focus->value => ['area.strays.', 'aim.', 'hand.lag', 'af.'],
        Loss::Out->value => ['aim.'],
    ];

    /**
     * The loss in which what was found is furthest from what was promised.
     *
     * @param  list<array{loss: string, promised: float, found: float}>  $losses
     */
    public static function furthest(array $losses): ?Loss
    {
        $furthest = null;
        $by = self::WORTH;
        foreach ($losses as $loss) {
            $off = abs($loss['found'] - $loss['promised']);
            if (isset(self::BEHIND[$loss['loss']]) && $off > $by) {
                [$furthest, $by] = [Loss::from($loss['loss']), $off];
            }
        }

        return $furthest;
    }

    /** Whether a figure of this name may be behind it. */
    public static function mayBe(string $name, Loss $loss): bool
    {
        foreach (self::BEHIND[$loss->value] ?? [] as $beginning) {
            if (str_starts_with($name, $beginning)) {
                return true;
            }
        }

        return false;
    }
}
