<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Hold\Pick;
use RushHold\Motion\Occlusion;
use RushHold\Motion\Pattern;
use RushHold\Planning\AreaScore;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;
use RushHold\Rush\Crossers;
use RushHold\Rush\Follow;
use RushHold\Rush\Foreground;
use RushHold\Wording\Units;

/**
 * The three dials of tracking. hold waits out the longest time it is hidden or the aim is off; pace follows changes of closing
 * speed; pick decides between things inside a zone. A dial the body lacks stays null.
 */
final class TuningChooser implements Chooser
{
    /** A slip too short to notice, in seconds. */
    private const HARDLY_S = 0.05;

    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $school = $situation->rush->photographer->schools->on('tuning');
        $this->hold($situation, $draft, $school);
        $this->pace($situation, $draft, $school);
        $this->pick($situation, $draft, $school);
    }

    private function hold(Situation $situation, HoldDraft $draft, ?string $school): void
    {
        $levels = $situation->kit->body->stayLevelsS;
        $hiddenS = $this->hiddenS($situation);
        $slipS = $this->slipS($situation, $draft->areaScore());
        $needS = max($hiddenS, $slipS);
        $numbers = ['hidden_s' => $hiddenS, 'slip_s' => $slipS];
        if ($levels === []) {
            $draft->because('tuning.stay', 'Your body has no dial for how long it waits.', $numbers);

            return;
        }
        $top = count($levels) - 1;
        $byNumbers = self::shortestBeyond($levels, $needS);
        $atOnce = self::longestWithin($levels, $situation->assumptions->value($situation->rush->intent->follow === Follow::Nearest ? 'stay.hopping' : 'stay.switching'));
        $hops = $situation->rush->intent->follow === Follow::Nearest;
        $switches = $hops || $situation->rush->intent->follow === Follow::WhoeverEnters || $situation->rush->pattern === Pattern::Sudden;
        $level = match (true) {
            $school === 'general' => min(2, $top),
            $school === 'sticky' => max(min(4, $top) - 1, $byNumbers),
            $school === 'responsive' => $draft->areaScore()->onTarget >= 0.85 ? 0 : min(2, $top),
            $switches => min($atOnce, $byNumbers),
            default => $byNumbers,
        };
        $draft->stayLevel = $level;
        $waits = Units::time($levels[$level]);
        $steered = in_array($school, ['general', 'sticky', 'responsive'], true);
        $draft->because('tuning.stay', fn (): string => match (true) {
            $steered => $this->schooled($level, $waits, $needS, $byNumbers),
            $switches => sprintf('%s: level %d waits %s.', $hops ? 'You want to change to whoever leads' : 'You want whoever comes at once', $level, $waits)
                .($needS > $levels[$level] ? sprintf(' It may be hidden %s, so expect to lose it behind things.', Units::time($needS)) : ''),
            $needS > $levels[$top] => sprintf('It may be hidden for %s; even the highest level waits only %s.', Units::time($needS), $waits),
            $needS <= self::HARDLY_S => sprintf('Nothing hides it and your aim hardly slips: level %d waits %s, which is enough.', $level, $waits),
            $hiddenS >= $slipS => sprintf('Something hides it for up to %s; level %d waits %s.', Units::time($hiddenS), $level, $waits),
            default => sprintf('You slip off for about %s at a time; level %d waits %s.', Units::time($slipS), $level, $waits),
        }, $numbers + ['waits_s' => $levels[$level]], $steered ? "tuning: {$school}" : null);
    }

    private function schooled(int $level, string $waits, float $needS, int $byNumbers): string
    {
        return sprintf('Your school sets level %d, which waits %s. ', $level, $waits).($byNumbers === $level
            ? 'The numbers say the same.'
            : sprintf('This rush needs %s, level %d.', Units::time($needS), $byNumbers));
    }

    /**
     * The lowest level that waits longer than $needS, the highest there is when none does.
     *
     * @param  non-empty-list<float>  $levels
     */
    private static function shortestBeyond(array $levels, float $needS): int
    {
        foreach ($levels as $level => $waitS) {
            if ($waitS > $needS) {
                return $level;
            }
        }

        return count($levels) - 1;
    }

    /**
     * The highest level that waits no longer than $mostS, the lowest there is when all do.
     *
     * @param  non-empty-list<float>  $levels
     */
    private static function longestWithin(array $levels, float $mostS): int
    {
        $found = 0;
        foreach ($levels as $level => $waitS) {
            $found = $waitS <= $mostS + 1e-9 ? $level : $found;
        }

        return $found;
    }

    /** Longest time that something in between is likely to hide the target, in seconds, with the margin kept in hand. */
    private function hiddenS(Situation $situation): float
    {
        $clutter = $situation->rush->clutter;
        $rush = $situation->rush;
        $between = $clutter->foreground !== Foreground::None || $clutter->crossers !== Crossers::None;
        if (! $between || $clutter->obstacleWidthM <= 0) {
            return 0.0;
        }
        $atM = min($situation->obstacleM(), $rush->workM);
        $crossing = $rush->travel->crossingMps();
        $longest = 0.0;
        if ($clutter->foreground !== Foreground::None && $crossing > 0.0) {
            // what sits behind a twig is not hidden for a while, it is hidden: the area answers that
            $longest = Occlusion::timeS($clutter->obstacleWidthM, $atM, $situation->framing->targetM, $rush->workM, $crossing);
        }
        if ($clutter->crossers !== Crossers::None) {
            $passing = max($crossing, $situation->assumptions->value('obstacle.pass_speed'));
            $passed = Occlusion::timeS($clutter->obstacleWidthM, $atM, $situation->framing->targetM, $rush->workM, $passing);
            $longest = max($longest, $passed * ($clutter->crossers === Crossers::Frequent ? $situation->assumptions->value('obstacle.frequent') : 1.0));
        }

        return min(10.0, $longest * $situation->assumptions->value('obstacle.margin'));
    }

    /** How long the aim stays off when it slips, in seconds; next to nothing when it hardly ever does. */
    private function slipS(Situation $situation, AreaScore $score): float
    {
        $off = 1 - $score->onTarget;

        return $off < 0.02 ? self::HARDLY_S : $situation->assumptions->value('aim.recover.'.$situation->rush->photographer->skill->value);
    }

    /**
     * How much the closing speed may change where it matters most, in m/s²: at the nearest point of its range, braking and
     * speeding up again counted as the whole difference.
     */
    private function changeMps2(Situation $situation): float
    {
        $rush = $situation->rush;
        $given = abs($rush->travel->accelerationMps2);
        $usual = match ($rush->pattern) {
            Pattern::Still, Pattern::Steady => 0.0,
            default => $situation->assumptions->value('pace.'.$rush->pattern->value) * $rush->travel->speedMps,
        };
        $own = max($given, $usual) * ($rush->pattern === Pattern::StopStart ? 2.0 : 1.0);

        return $rush->travel->crossingMps() ** 2 / $situation->paceAtM() + $own;
    }

    private function pace(Situation $situation, HoldDraft $draft, ?string $school): void
    {
        if (! $situation->kit->body->hasPace) {
            $draft->because('tuning.pace', 'Your body has no dial for changes of speed.');

            return;
        }
        $horizonS = $situation->assumptions->value('pace.horizon');
        $change = $this->changeMps2($situation);
        $driftM = 0.5 * $change * $horizonS ** 2;
        $halfM = $situation->halfDepthM($draft->settings->fNumber ?? $situation->kit->widestF(), $situation->paceAtM());
        $byNumbers = match (true) {
            $driftM > $halfM => 2,
            $driftM < $halfM / 4 => 0,
            default => 1,
        };
        $draft->pace = match ($school) {
            'general' => 1,
            'responsive' => min(2, $byNumbers + 1),
            default => $byNumbers,
        };
        $units = $situation->units;
        $steered = $school === 'general' || $school === 'responsive';
        $draft->because('tuning.pace', fn (): string => ($steered ? sprintf('Your school sets %d; the numbers say %d. ', $draft->pace, $byNumbers) : '').($change < 0.01
            ? 'Its closing speed hardly changes, so a constant one may be assumed.'
            : sprintf(
                'At %s its closing speed changes by %s each second, %s in the %s the camera looks ahead; %s is sharp.',
                $units->length($situation->paceAtM()), $units->speed($change, 2), $units->length($driftM, 2), Units::time($horizonS), $units->length($halfM, 2),
            )), ['change_mps2' => $change, 'drift_m' => $driftM, 'half_depth_m' => $halfM], $steered ? "tuning: {$school}" : null);
    }

    private function pick(Situation $situation, HoldDraft $draft, ?string $school): void
    {
        if (! $situation->kit->body->hasPick) {
            $draft->because('tuning.pick', 'Your body has no dial for which thing in a zone wins.');

            return;
        }
        $rush = $situation->rush;
        $crowd = $rush->subject->count > 1 || $rush->clutter->crossers === Crossers::Frequent;
        [$draft->pick, $why] = match (true) {
            $school === 'general' => [Pick::Auto, 'Your school leaves it on auto.'],
            $rush->intent->follow === Follow::Nearest => [Pick::Nearest, 'You want whoever leads, and the leader is nearest.'],
            $rush->intent->follow === Follow::WhoeverEnters => [Pick::Nearest, 'You want whoever comes into view, which is nearer than what is behind.'],
            $crowd && $draft->area?->isZone() === true => [Pick::Centre, 'There are others like it: what you keep in the middle of the zone wins.'],
            default => [Pick::Auto, 'You follow one: it stays with the first it took.'],
        };
        $draft->because('tuning.pick', $why, [], $school === 'general' ? 'tuning: general' : null);
    }
}
