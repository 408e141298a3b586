<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Kit\AfArea;
use RushHold\Kit\AfSensor;
use RushHold\Motion\Gait;
use RushHold\Planning\AreaScore;
use RushHold\Planning\AreaScorer;
use RushHold\Planning\Concession;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;
use RushHold\Rush\Detail;
use RushHold\Rush\Family;
use RushHold\Rush\Follow;
use RushHold\Rush\SchoolAnswer;

/** Where the camera looks: the area that most often keeps the right thing, or the one the person's school takes. */
final class AreaChooser implements Chooser
{
    /** What is behind it, when that is leaves that move. */
    public const LEAVES = 'moving-leaves';

    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $scorer = new AreaScorer($situation);
        $scores = $scorer->all();
        if ($scores === []) {
            // a body that lists no areas still has one point in the middle
            $scores = [$scorer->of(AfArea::SinglePoint)];
        }
        [$school, $wanted] = $this->school($situation, $scores);
        $chosen = $wanted ?? $scores[0];
        $draft->area = $chosen->area;
        $draft->areaScores = $scores;
        $runnerUp = $this->runnerUp($scores, $chosen);
        $other = $school === null ? $runnerUp : $scores[0];
        $asGood = $situation->assumptions->value('area.as_good');
        $draft->because(
            'area.pattern',
            match (true) {
                $school !== null => match (true) {
                    $scores[0]->score - $chosen->score >= $asGood => 'school-costs',
                    $runnerUp === null => 'school-only',
                    default => 'school-as-good',
                },
                $scorer->losesOuterPoints() => 'middle-points',
                $this->hunts($situation) => 'line-sensors',
                $runnerUp === null => 'only',
                $chosen->score - $runnerUp->score < $asGood => 'as-good',
                default => 'better',
            },
            [
                'score' => $chosen->score,
                'on_target' => $chosen->onTarget,
                'aim_sideways_m' => $situation->wander->sidewaysM,
                'aim_upwards_m' => $situation->wander->upwardsM,
                'runner_up' => $runnerUp?->area->value,
                'runner_up_score' => $runnerUp?->score,
                'area' => $chosen->area->value,
                ...$this->compared($school === null ? $other : $chosen, $other),
                ...$this->ground($situation),
                'widest_f' => $situation->kit->widestF(),
            ],
            $school,
        );
        $this->tellHaze($situation, $draft);
    }

    /** Where haze takes so much contrast that autofocus hunts, no setting mends it. */
    private function tellHaze(Situation $situation, HoldDraft $draft): void
    {
        if ($situation->seeing->isStill()) {
            return;
        }
        $clear = $situation->seeing->clearness($situation->rush->workM);
        $hunts = $situation->assumptions->value('air.hunts');
        if ($clear >= $hunts) {
            return;
        }
        $draft->concessions[] = new Concession(
            'air',
            $clear < $situation->assumptions->value('air.hopeless') ? Concession::HOPELESS : Concession::HUNTS,
            [
                'contrast' => $clear,
                'distance_m' => $situation->rush->workM,
                'clear_m' => $situation->seeing->clearToM($hunts),
            ],
        );
    }

    /**
     * What the chosen area is held against, and what costs the lesser of them most.
     *
     * @return array{other: ?string, other_score: ?float, weakness: ?string, weakness_share: ?float}
     */
    private function compared(?AreaScore $weaker, ?AreaScore $other): array
    {
        [$weakness, $share] = $weaker?->weakness() ?? [null, null];

        return [
            'other' => $other?->area->value,
            'other_score' => $other?->score,
            'weakness' => $weakness,
            'weakness_share' => $share,
        ];
    }

    /** @return array{in_front: string, passing: string, behind: string} */
    private function ground(Situation $situation): array
    {
        $clutter = $situation->rush->clutter;

        return [
            'in_front' => $clutter->foreground->value,
            'passing' => $clutter->crossers->value,
            'behind' => $clutter->foliageMoving ? self::LEAVES : $clutter->background->value,
        ];
    }

    /**
     * The school that has a say here, and the area it takes; null when none has or the body lacks it.
     *
     * @param  non-empty-list<AreaScore>  $scores
     * @return array{?SchoolAnswer, ?AreaScore}
     */
    private function school(Situation $situation, array $scores): array
    {
        $schools = $situation->rush->photographer->schools;
        foreach ($this->wanted($situation) as [$question, $areas]) {
            foreach ($scores as $score) {
                if (in_array($score->area, $areas, true)) {
                    return [$schools->answerTo($question), $score];
                }
            }
        }

        return [null, null];
    }

    /** @return list<array{string, list<AfArea>}> questions that have a say here, the most telling first, with the areas their answer takes */
    private function wanted(Situation $situation): array
    {
        $rush = $situation->rush;
        $schools = $rush->photographer->schools;
        // lock-on must have something to start on
        $lockOn =
            $schools->on('clutter') === 'lock-on' && $rush->intent->follow !== Follow::WhoeverEnters
                ? [AfArea::LockOn]
                : [];
        $smallest =
            $schools->on('clutter') === 'smallest-area' ? [AfArea::Spot, AfArea::SinglePoint, AfArea::PointPlus] : [];

        return [
            ['clutter', $situation->cluttered() ? [...$lockOn, ...$smallest] : []],
            [
                'flight',
                $situation->flies()
                    ? match ($schools->on('flight')) {
                        'long-box' => [AfArea::ZoneWide],
                        'large-zone' => [AfArea::ZoneLarge],
                        'lock-on' => [AfArea::LockOn],
                        'single-point' => [AfArea::SinglePoint],
                        default => [],
                    }
                    : [],
            ],
            [
                'sport',
                self::isSport($situation)
                    ? match ($schools->on('sport')) {
                        'single-centre' => [AfArea::SinglePoint],
                        'zone' => [AfArea::ZoneSmall, AfArea::ZoneWide, AfArea::ZoneTall, AfArea::ZoneLarge],
                        default => [],
                    }
                    : [],
            ],
            // whoever trusts lock-on in clutter starts it on everything else too
            ['clutter', $lockOn],
        ];
    }

    /** Whether the habits of sport have a say: people and machines, and whatever runs. */
    private static function isSport(Situation $situation): bool
    {
        $kind = $situation->rush->kind();

        return in_array($kind->family, [Family::Person, Family::Vehicle], true) ||
            ($kind->gait === Gait::Run && $situation->rush->moves());
    }

    /** @param  list<AreaScore>  $scores */
    private function runnerUp(array $scores, AreaScore $chosen): ?AreaScore
    {
        foreach ($scores as $score) {
            if ($score !== $chosen) {
                return $score;
            }
        }

        return null;
    }

    /** Whether line sensors may find nothing on it. */
    private function hunts(Situation $situation): bool
    {
        return $situation->kit->body->afSensor === AfSensor::Line && $situation->rush->subject->detail !== Detail::High;
    }
}
