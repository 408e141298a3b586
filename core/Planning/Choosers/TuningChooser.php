<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Hold\Pick;
use RushHold\Kit\AfArea;
use RushHold\Motion\Occlusion;
use RushHold\Motion\Pattern;
use RushHold\Planning\AreaScore;
use RushHold\Planning\AreaScorer;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;
use RushHold\Rush\Crossers;
use RushHold\Rush\Follow;
use RushHold\Rush\Foreground;
use RushHold\Rush\SchoolAnswer;

/**
 * The three dials of tracking. stay waits out the longest time it is hidden or the aim is off; pace follows changes of closing
 * speed; pick decides between things inside a zone. A dial the body lacks stays null.
 */
final class TuningChooser implements Chooser
{
    /** A change of the closing speed, in m/s², of which it is said that there is none. */
    private const NO_CHANGE_MPS2 = 0.01;

    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $school = $situation->rush->photographer->schools->answerTo('tuning');
        $this->stay($situation, $draft, $school);
        $this->pace($situation, $draft, $school);
        $this->pick($situation, $draft, $school);
    }

    private function stay(Situation $situation, HoldDraft $draft, ?SchoolAnswer $school): void
    {
        $levels = $situation->kit->body->stayLevelsS;
        $hiddenS = $this->hiddenS($situation, $draft->areaScore());
        $slipS = $this->slipS($situation, $draft->areaScore());
        $needS = max($hiddenS, $slipS);
        $numbers = ['hidden_s' => $hiddenS, 'slip_s' => $slipS];
        if ($levels === []) {
            $draft->because('tuning.stay', 'no-dial', $numbers);

            return;
        }
        $top = count($levels) - 1;
        $byNumbers = self::shortestBeyond($levels, $needS);
        $follow = $situation->rush->intent->follow;
        $hops = $follow === Follow::Nearest;
        $switches = $hops || $follow === Follow::WhoeverEnters || $situation->rush->pattern === Pattern::Sudden;
        $bySchool = match ($school?->answer) {
            'general' => min(2, $top),
            'sticky' => max(min(4, $top) - 1, $byNumbers),
            'responsive' => min(self::forAim($situation), $top),
            default => null,
        };
        $level =
            $bySchool ??
            ($switches
                ? min(
                    self::longestWithin(
                        $levels,
                        $situation->assumptions->value($hops ? 'stay.hopping' : 'stay.switching'),
                    ),
                    $byNumbers,
                )
                : $byNumbers);
        $draft->stayLevel = $level;
        $draft->because(
            'tuning.stay',
            match (true) {
                $bySchool !== null => 'school',
                $hops => 'hops',
                $switches => $follow === Follow::WhoeverEnters ? 'at-once' : 'bursts',
                $needS > $levels[$top] => 'beyond',
                $needS <= $situation->assumptions->value('aim.hardly') => 'clear',
                $hiddenS >= $slipS => 'hidden',
                default => 'slips',
            },
            $numbers + ['waits_s' => $levels[$level], 'level' => $level, 'level_by_numbers' => $byNumbers],
            $bySchool === null ? null : $school,
        );
    }

    /** How long the responsive school waits: the better your aim, the less. Your aim is how often a single point would be on it. */
    private static function forAim(Situation $situation): int
    {
        $onPoint = (new AreaScorer($situation))->of(AfArea::SinglePoint)->onTarget;

        return match (true) {
            $onPoint >= $situation->assumptions->value('stay.sure_aim') => 0,
            $onPoint >= $situation->assumptions->value('stay.fair_aim') => 1,
            default => 2,
        };
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
    private function hiddenS(Situation $situation, AreaScore $score): float
    {
        $clutter = $situation->rush->clutter;
        $rush = $situation->rush;
        $between = $clutter->foreground !== Foreground::None || $clutter->crossers !== Crossers::None;
        if (! $between) {
            return 0.0;
        }
        $atM = $situation->frontM();
        $crossing = $rush->travel->crossingMps();
        $longest = 0.0;
        // in a zone the nearest wins: it must be waited out until it has left the zone
        $wideM = $score->area->isZone()
            ? max($situation->framing->targetM, $score->width * $situation->framing->frameWidthM)
            : $situation->framing->targetM;
        if ($clutter->foreground !== Foreground::None && $crossing > 0.0) {
            // what sits behind a twig is not hidden for a while, it is hidden: the area answers that
            $longest = Occlusion::timeS($situation->obstacleWidthM(), $atM, $wideM, $rush->workM, $crossing);
        }
        if ($clutter->crossers !== Crossers::None) {
            $passing = max($crossing, $situation->assumptions->value('obstacle.pass_speed'));
            $passed = Occlusion::timeS($situation->obstacleWidthM(), $atM, $wideM, $rush->workM, $passing);
            $longest = max(
                $longest,
                $passed *
                    ($clutter->crossers === Crossers::Frequent
                        ? $situation->assumptions->value('obstacle.frequent')
                        : 1.0),
            );
        }

        return min(
            $situation->assumptions->value('obstacle.longest'),
            $longest * $situation->assumptions->value('obstacle.margin'),
        );
    }

    /** How long the aim stays off when it slips, in seconds; next to nothing when it hardly ever does. */
    private function slipS(Situation $situation, AreaScore $score): float
    {
        $off = 1 - $score->onTarget;

        return $off < $situation->assumptions->value('aim.hardly_off')
            ? $situation->assumptions->value('aim.hardly')
            : $situation->assumptions->value('aim.recover.'.$situation->rush->photographer->skill->value);
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
            Pattern::Steady => 0.0,
            // a fidget there and back, as fast as it is kept
            Pattern::Still => ($situation->assumptions->value('aim.fidget') * $rush->travel->speedMps) /
                $situation->assumptions->value('rehearse.fidget') ** 2,
            default => $situation->assumptions->value('pace.'.$rush->pattern->value) * $rush->travel->speedMps,
        };
        $own = max($given, $usual) * ($rush->pattern === Pattern::StopStart ? 2.0 : 1.0);

        return $rush->travel->crossingMps() ** 2 / $situation->paceAtM() + $own;
    }

    private function pace(Situation $situation, HoldDraft $draft, ?SchoolAnswer $school): void
    {
        if (! $situation->kit->body->hasPace) {
            $draft->because('tuning.pace', 'no-dial');

            return;
        }
        $horizonS = $situation->assumptions->value('pace.horizon');
        $change = $this->changeMps2($situation);
        $driftM = 0.5 * $change * $horizonS ** 2;
        $halfM = $situation->halfDepthM($draft->settings->fNumber ?? $situation->kit->widestF(), $situation->paceAtM());
        $byNumbers = match (true) {
            $driftM > $halfM => 2,
            $driftM < $halfM * $situation->assumptions->value('pace.steady') => 0,
            default => 1,
        };
        $bySchool = match ($school?->answer) {
            'general' => 1,
            'responsive' => min(2, $byNumbers + 1),
            default => null,
        };
        $draft->pace = $bySchool ?? $byNumbers;
        $draft->because(
            'tuning.pace',
            $change < self::NO_CHANGE_MPS2 ? 'constant' : 'changes',
            [
                'change_mps2' => $change,
                'drift_m' => $driftM,
                'half_depth_m' => $halfM,
                'at_m' => $situation->paceAtM(),
                'ahead_s' => $horizonS,
                'level' => $draft->pace,
                'level_by_numbers' => $byNumbers,
            ],
            $bySchool === null ? null : $school,
        );
    }

    private function pick(Situation $situation, HoldDraft $draft, ?SchoolAnswer $school): void
    {
        if (! $situation->kit->body->hasPick) {
            $draft->because('tuning.pick', 'no-dial');

            return;
        }
        $rush = $situation->rush;
        $crowd = $rush->subject->count > 1 || $rush->clutter->crossers === Crossers::Frequent;
        $general = $school?->answer === 'general';
        [$draft->pick, $code] = match (true) {
            $general => [Pick::Auto, 'school'],
            $rush->intent->follow !== Follow::ThisOne && $rush->clutter->foreground !== Foreground::None => [
                Pick::Auto,
                'in-front',
            ],
            $rush->intent->follow === Follow::Nearest => [Pick::Nearest, 'leader'],
            $rush->intent->follow === Follow::WhoeverEnters => [Pick::Nearest, 'comes-in'],
            $crowd && $draft->area?->isZone() === true => [Pick::Centre, 'crowd'],
            default => [Pick::Auto, 'one'],
        };
        $draft->because('tuning.pick', $code, [], $general ? $school : null);
    }
}
