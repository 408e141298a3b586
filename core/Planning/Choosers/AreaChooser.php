<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Kit\AfArea;
use RushHold\Kit\AfSensor;
use RushHold\Planning\AreaScore;
use RushHold\Planning\AreaScorer;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;
use RushHold\Rush\Background;
use RushHold\Rush\Crossers;
use RushHold\Rush\Detail;
use RushHold\Rush\Family;
use RushHold\Rush\Foreground;

/** Where the camera looks: the area that most often keeps the right thing, or the one the person's school takes. */
final class AreaChooser implements Chooser
{
    /** How many points of chance a reason calls "as good". */
    private const SAME = 0.015;

    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $scorer = new AreaScorer($situation);
        $scores = $scorer->all();
        if ($scores === []) {
            // a body that lists no areas still has one point in the middle
            $scores = [$scorer->of(AfArea::SinglePoint)];
        }
        [$question, $wanted] = $this->school($situation, $scores);
        $chosen = $wanted ?? $scores[0];
        $draft->area = $chosen->area;
        $draft->areaScores = $scores;
        $runnerUp = $this->runnerUp($scores, $chosen);
        $numbers = [
            'score' => $chosen->score, 'on_target' => $chosen->onTarget,
            'aim_sideways_m' => $situation->wander->sidewaysM, 'aim_upwards_m' => $situation->wander->upwardsM,
            'runner_up' => $runnerUp?->area->value, 'runner_up_score' => $runnerUp?->score,
        ];
        $draft->because(
            'area.pattern',
            fn (): string => $question !== null && $wanted !== null
                ? $this->bySchool($wanted, $scores[0], $runnerUp)
                : $this->byNumbers($situation, $scorer, $chosen, $runnerUp),
            $numbers,
            $question === null ? null : $question.': '.str_replace('-', ' ', (string) $situation->rush->photographer->schools->on($question)),
        );
    }

    /**
     * The school that has a say here, and the area it takes; null when it has none or the body lacks it.
     *
     * @param  non-empty-list<AreaScore>  $scores
     * @return array{?string, ?AreaScore}
     */
    private function school(Situation $situation, array $scores): array
    {
        $rush = $situation->rush;
        $schools = $rush->photographer->schools;
        $sport = in_array($rush->kind()->family, [Family::Person, Family::Vehicle], true);
        $wanted = [
            'clutter' => $situation->cluttered() ? match ($schools->on('clutter')) {
                'smallest-area' => [AfArea::Spot, AfArea::SinglePoint, AfArea::PointPlus],
                'lock-on' => [AfArea::LockOn],
                default => [],
            } : [],
            'flight' => $situation->flies() ? match ($schools->on('flight')) {
                'long-box' => [AfArea::ZoneWide],
                'large-zone' => [AfArea::ZoneLarge],
                'lock-on' => [AfArea::LockOn],
                'single-point' => [AfArea::SinglePoint],
                default => [],
            } : [],
            'sport' => $sport ? match ($schools->on('sport')) {
                'single-centre' => [AfArea::SinglePoint],
                'zone' => [AfArea::ZoneSmall, AfArea::ZoneWide, AfArea::ZoneTall, AfArea::ZoneLarge],
                default => [],
            } : [],
        ];
        foreach ($wanted as $question => $areas) {
            foreach ($scores as $score) {
                if (in_array($score->area, $areas, true)) {
                    return [$question, $score];
                }
            }
        }

        return [null, null];
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

    private function bySchool(AreaScore $chosen, AreaScore $best, ?AreaScore $runnerUp): string
    {
        $keeps = sprintf('Your school takes the %s; it keeps the right thing %s of the time', $chosen->area->words(), AreaScore::percent($chosen->score));
        if ($chosen === $best || $best->score - $chosen->score < self::SAME) {
            return $keeps.($runnerUp === null ? '.' : ', as good as any here.');
        }

        return sprintf('%s, where %s would keep it %s. Here %s.', $keeps, $best->area->words(), AreaScore::percent($best->score), $chosen->weakness());
    }

    private function byNumbers(Situation $situation, AreaScorer $scorer, AreaScore $chosen, ?AreaScore $runnerUp): string
    {
        $wander = $situation->units->length(max($situation->wander->sidewaysM, $situation->wander->upwardsM), 2);
        $keeps = sprintf(
            '%s; your aim strays %s: it keeps the right thing %s of the time',
            $this->ground($situation), $wander, AreaScore::percent($chosen->score),
        );
        $note = $this->reflexNote($situation, $scorer);

        return match (true) {
            $note !== '' => $keeps.'. '.$note,
            $runnerUp === null => $keeps.'; your body has no other.',
            $chosen->score - $runnerUp->score < self::SAME => sprintf('%s, and so would %s.', $keeps, $runnerUp->area->words()),
            default => sprintf('%s. %s would %s: %s.', $keeps, ucfirst($runnerUp->area->words()), AreaScore::percent($runnerUp->score), $runnerUp->weakness()),
        };
    }

    private function ground(Situation $situation): string
    {
        $clutter = $situation->rush->clutter;
        $words = array_filter([
            match ($clutter->foreground) {
                Foreground::None => '',
                Foreground::Sparse => 'things in front',
                Foreground::Dense => 'dense clutter in front',
            },
            $clutter->crossers === Crossers::None ? '' : 'others passing',
            $clutter->foliageMoving ? 'leaves moving behind' : match ($clutter->background) {
                Background::Clean => '',
                Background::Moderate => 'shapes behind',
                Background::Busy => 'a busy background',
            },
        ]);

        return $words === [] ? 'Clean ground' : ucfirst(implode(', ', $words));
    }

    /** What a reflex body's points cannot do, where it matters. */
    private function reflexNote(Situation $situation, AreaScorer $scorer): string
    {
        return match (true) {
            $scorer->losesOuterPoints() => sprintf('At f/%s your reflex body has only its middle points left.', $situation->kit->widestF()),
            $situation->kit->body->afSensor === AfSensor::Line && $situation->rush->subject->detail !== Detail::High => 'Its line sensors see only detail across them: turn the camera if it hunts.',
            default => '',
        };
    }
}
