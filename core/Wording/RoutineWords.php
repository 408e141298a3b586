<?php

declare(strict_types=1);

namespace RushHold\Wording;

use RushHold\Hold\Aim;
use RushHold\Kit\AfArea;
use RushHold\Kit\FocusAid;
use RushHold\Planning\Plan;
use RushHold\Planning\Routine\Routine;
use RushHold\Planning\Routine\RoutineLine;
use RushHold\Rush\Family;

/** What to do, in order, as a person reads it: each line with the number it follows from. */
final readonly class RoutineWords
{
    /** @param  array<string, string>  $aids  the body's own words for its aids of hand focus, by {@see FocusAid} */
    public function __construct(private Units $units, private array $aids = []) {}

    /** @return array{before: list<string>, during: list<string>, after: list<string>} */
    public function document(Plan $plan): array
    {
        $routine = Routine::of($plan);

        return [
            'before' => array_map($this->before(...), $routine->before),
            'during' => array_map($this->during(...), $routine->during),
            'after' => array_map($this->after(...), $routine->after),
        ];
    }

    private function before(RoutineLine $line): string
    {
        return match ($line->code) {
            'set-plane' => sprintf(
                'Set the plane at %s, on the ground or whatever lies at that distance, and leave it.',
                $this->metres($line, 'distance_m'),
            ),
            'pre-focus' => sprintf(
                'Pre-focus at %s, on %s: from there it is found in %s, from far off in up to %s.',
                $this->metres($line, 'distance_m'),
                match ($line->figures['on']) {
                    'ground' => 'the ground where it will pass',
                    'water' => 'the water where it will pass',
                    'seat' => 'the spot where it sits',
                    default => 'anything at that distance, or by the ring',
                },
                self::seconds($line, 'found_s'),
                self::seconds($line, 'lost_s'),
            ),
            'magnified' => sprintf(
                'Set the ring with the %s on what lies at %s: it may stand %s off, no more.',
                $this->aid(FocusAid::Magnified),
                $this->metres($line, 'distance_m'),
                $this->metres($line, 'side_m'),
            ),
            'depth-preview' => sprintf(
                'Look through the %s at f/%s whether all %s of them are sharp.',
                $this->aid(FocusAid::DepthPreview),
                Units::figures(self::number($line, 'f_number')),
                $this->metres($line, 'spread_m'),
            ),
            'lower' => sprintf(
                'Go lower, or move until what is behind it lies farther off than the %s it has now.',
                $this->metres($line, 'gap_m'),
            ),
            'air' => sprintf(
                'Over %s of warm ground the air blurs more than any setting: go early or late, or when it is cool and overcast.',
                $this->metres($line, 'distance_m'),
            ),
            'light-side' => sprintf(
                'The light is behind it: EV %s is for its shadow side. Go round to the lit side if the ground allows.',
                Units::figures(self::number($line, 'ev100')),
            ),
            'elbows-aim' => sprintf(
                'Rest your elbows or the lens, and take the pack off your back: the aim then strays %s instead of %s.',
                $this->metres($line, 'rested_m'),
                $this->metres($line, 'strays_m'),
            ),
            'elbows-shake' => sprintf(
                'Rest your elbows or the lens, and take the pack off your back: your hands make %s of the %s.',
                Units::blur(self::number($line, 'shake_mm')),
                Units::blur(self::number($line, 'limit_mm')),
            ),
            'test-light' => sprintf(
                'Test the light with a frame: at EV %s %s left under your ceiling.',
                Units::figures(self::number($line, 'ev100')),
                self::number($line, 'left_stops') < 0.05
                    ? 'nothing is'
                    : sprintf(
                        Units::stops(self::number($line, 'left_stops')) === '1 stop' ? '%s is' : '%s are',
                        Units::stops(self::number($line, 'left_stops')),
                    ),
            ),
            'signs' => sprintf(
                '%s It is %s on its way before you have answered.',
                match (Family::from((string) $line->figures['family'])) {
                    Family::Bird => 'Watch for the signs: it leans, tightens its feathers, looks where it will go.',
                    Family::Person => 'Watch for the signs: the weight goes back, the eyes go ahead.',
                    Family::Vehicle => 'Watch for the signs: the sound rises, the rear sinks.',
                    default => 'Watch for the signs: ears and head turn, the hind legs gather.',
                },
                $this->metres($line, 'gone_m'),
            ),
            'where-from' => $line->figures['entry'] === 'any'
                ? 'Learn where it comes in: let two go by, and only then press.'
                : sprintf(
                    'It comes from %s: keep your other eye open for that side.',
                    $line->figures['entry'] === 'below' ? 'below' : 'the '.$line->figures['entry'],
                ),
            'repeat' => sprintf(
                'It takes the same way again: try one pass at %s without a picture, for light and ground.',
                $this->metres($line, 'distance_m'),
            ),
            default => sprintf(
                'Wait until they line up: they are %s deep, and %s is sharp.',
                $this->metres($line, 'spread_m'),
                $this->metres($line, 'depth_m'),
            ),
        };
    }

    private function during(RoutineLine $line): string
    {
        return match ($line->code) {
            'pick-up-far' => sprintf(
                'Pick it up at %s and keep the focus on it; press from %s, about %s later.',
                $this->metres($line, 'from_m'),
                $this->metres($line, 'press_m'),
                self::seconds($line, 'until_s'),
            ),
            'pick-up-side' => sprintf(
                'Start to follow %s before the frame you want: a still frame holds it only %s.',
                self::seconds($line, 'before_s'),
                self::seconds($line, 'crosses_s'),
            ),
            'press-early' => sprintf(
                'Press when it is %s, or %s, before the plane at %s.',
                $this->metres($line, 'lead_m'),
                self::seconds($line, 'lead_s'),
                $this->metres($line, 'distance_m'),
            ),
            'sweep' => sprintf(
                'Turn the ring one way, through it, in %s while you burst.',
                self::seconds($line, 'sweep_s'),
            ),
            'rock' => sprintf(
                'Rock the ring about it; its distance changes by %s a second.',
                $this->units->length(self::number($line, 'closing_mps'), 2),
            ),
            'peaking' => sprintf(
                'Turn by the %s: at the eye its marks must fade both ways within %s.',
                $this->aid(FocusAid::Peaking),
                $this->metres($line, 'side_m'),
            ),
            'press-at-sign' => sprintf(
                'Press at the sign, not at the leap: your finger and the camera take %s.',
                self::seconds($line, 'late_s'),
            ),
            'between-fidgets' => sprintf(
                'Press as it settles: it keeps still for about %s.',
                self::seconds($line, 'every_s'),
            ),
            'one-frame' => 'One frame at a time, when all is right.',
            'short-bursts' => sprintf(
                'Bursts of %.0f, %s each, then let the focus catch up.',
                self::number($line, 'frames'),
                self::seconds($line, 'lasts_s'),
            ),
            'short-bursts-still' => sprintf(
                'Bursts of %.0f, %s each: the plane stays where it is locked, so press anew when it has stirred.',
                self::number($line, 'frames'),
                self::seconds($line, 'lasts_s'),
            ),
            'hold-down' => sprintf(
                'Hold it down; the buffer is full after %.0f frames, %s.',
                self::number($line, 'frames'),
                self::seconds($line, 'full_s'),
            ),
            default => sprintf(
                'It is lost %s of the time: let go at once, back to %s, and again: %s instead of %s.',
                Share::percent(self::number($line, 'lost')),
                $this->metres($line, 'distance_m'),
                self::seconds($line, 'acquire_s'),
                self::seconds($line, 'recover_s'),
            ),
        };
    }

    private function after(RoutineLine $line): string
    {
        return match ($line->code) {
            'look' => sprintf(
                'Look at the %s at full magnification: what must be sharp is %s pixels across.',
                Aim::from((string) $line->figures['aim'])->words(),
                Units::figures(self::number($line, 'patch_px'), 2),
            ),
            'look-each' => sprintf(
                'Look at each of the %.0f at full magnification, the nearest and the farthest first.',
                self::number($line, 'count'),
            ),
            'trails-raise' => sprintf(
                'First frame sharp and last one soft: raise pace from %.0f; its closing speed changes by %s each second.',
                self::number($line, 'pace'),
                $this->units->speed(self::number($line, 'change_mps2'), 2),
            ),
            'trails-top' => sprintf(
                'First frame sharp and last one soft, with pace at %.0f already: from farther off it changes by less than %s each second.',
                self::number($line, 'pace'),
                $this->units->speed(self::number($line, 'change_mps2'), 2),
            ),
            'streaked' => sprintf(
                'Soft along its way: that is movement, %s in the usual frame; expect it in %s.',
                Units::blur(self::number($line, 'motion_mm')),
                Share::percent(1 - self::number($line, 'still')),
            ),
            'doubled' => sprintf(
                'Soft everywhere, the ground too: that is your hands, %s in the usual frame.',
                Units::blur(self::number($line, 'shake_mm')),
            ),
            default => sprintf(
                '%s sharp instead: the %s took it, so %s.',
                $line->figures['where'] === 'front' ? 'What stands in front is' : 'What lies behind is',
                AfArea::from((string) $line->figures['area'])->words(),
                match ($line->figures['area']) {
                    AfArea::LockOn->value => 'start it on a clearer edge',
                    AfArea::Spot->value => 'find another gap',
                    default => 'go one area smaller',
                },
            ),
        };
    }

    /** An aid of the hand as the body calls it. */
    private function aid(FocusAid $aid): string
    {
        return $this->aids[$aid->value] ?? $aid->words();
    }

    private static function number(RoutineLine $line, string $name): float
    {
        return (float) $line->figures[$name];
    }

    private function metres(RoutineLine $line, string $name): string
    {
        return $this->units->length(self::number($line, $name), 2);
    }

    private static function seconds(RoutineLine $line, string $name): string
    {
        return Units::time(self::number($line, $name));
    }
}
