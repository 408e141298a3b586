<?php

declare(strict_types=1);

namespace RushHold\Wording\Plan;

use RushHold\Kit\AfArea;
use RushHold\Motion\Pattern;
use RushHold\Planning\Plan;
use RushHold\Rush\Crossers;
use RushHold\Rush\Foreground;

/** The workings of the choices that are judgements: area, waiting, pace, hand, zoom. Their assumed figures can be changed where they are read. */
final readonly class JudgementWorkings
{
    private const CAUSES = [
        'front' => 'things in front',
        'behind' => 'things behind',
        'pass' => 'others passing',
        'foliage' => 'moving leaves',
        'self' => 'a nearer part of it',
        'group' => 'others of its kind',
        'unseen' => 'missing the one you want',
        'side' => 'looking where nothing comes from',
        'plain' => 'nothing to hold on',
        'haze' => 'nothing to measure in this air',
        'pinpoint' => 'a pinpoint on a mover',
        'no-eye' => 'the body instead of the eye',
        'tiny' => 'too small to stand out',
        'start' => 'starting on the wrong thing',
        'sensor' => 'lines that see nothing across them',
    ];

    public function __construct(private Plan $plan) {}

    /** @return list<Working> figures are paths into the hold */
    public function all(): array
    {
        return [
            $this->focusMode(),
            $this->area(),
            $this->detection(),
            $this->waiting(),
            $this->pace(),
            $this->hand(),
            $this->zoom(),
        ];
    }

    private function focusMode(): Working
    {
        $situation = $this->plan->situation;
        $travel = $situation->rush->travel;

        return new Working(
            'focus_mode',
            'How far it leaves a single lock',
            $situation->rush->pattern === Pattern::Still
                ? 'v · t against half the depth'
                : '|v_r|·t + ½(v_t²/s + |a|)·t² against half the depth',
            [
                $this->in('v', 'own speed', $travel->speedMps, 'm/s', 'rush'),
                $this->in('v_r', 'closing speed', $travel->closingMps(), 'm/s', 'computed'),
                $this->in('v_t', 'crossing speed', $travel->crossingMps(), 'm/s', 'computed'),
                $this->assumed('t', 'focus.single_wait'),
                $this->in(
                    '',
                    'half the depth, wide open',
                    $situation->halfDepthM($situation->kit->widestF()),
                    'm',
                    'computed',
                ),
            ],
            $this->number('focus_mode', 'drift_m'),
            'm',
            'docs/model.md, Tracking',
        );
    }

    private function area(): Working
    {
        $situation = $this->plan->situation;
        $rush = $situation->rush;
        $score = $this->plan->draft->areaScore();
        $inputs = [
            $this->assumed('', 'aim.'.$rush->photographer->support->value),
            $this->assumed(
                '',
                $rush->photographer->panning ? 'aim.late.'.$rush->photographer->skill->value : 'aim.late.unpanned',
            ),
            $this->assumed('', 'person.reaction'),
            $this->assumed('ε', 'erraticness.'.$rush->pattern->value),
            $this->in('σ', 'your aim sideways, one sigma', $situation->wander->sidewaysM, 'm', 'computed'),
            $this->in('σ', 'your aim up and down, one sigma', $situation->wander->upwardsM, 'm', 'computed'),
            ...$this->extent($score->area),
            $this->in('P', 'chance that the aim is on it', $score->onTarget, '', 'computed'),
        ];
        $front =
            $rush->clutter->foreground === Foreground::None
                ? null
                : 'clutter.front.'.$rush->clutter->foreground->value;
        foreach ($score->hazards as $cause => $mean) {
            $inputs[] = $this->in('h', self::CAUSES[$cause] ?? $cause, $mean, '', 'computed');
        }

        return new Working(
            'area.pattern',
            'How often it keeps the right thing',
            'P · e^(−Σh)',
            $front === null ? $inputs : [...$inputs, $this->assumed('', $front)],
            $score->score,
            '',
            'docs/model.md, AF area',
        );
    }

    /** @return list<array{symbol: string, name: string, value: float|string|null, unit: string, origin: string, assumption: string|null}> how large an area is: as the body's points say, or as is assumed */
    private function extent(AfArea $area): array
    {
        $said = $this->plan->situation->kit->body->points?->extent($area);

        return $said === null
            ? [
                $this->assumed('', "area.{$area->value}.width"),
                $this->assumed('', "area.{$area->value}.height"),
            ]
            : [
                $this->in('', 'width of its points, as a share of the frame', $said[0], '', 'kit'),
                $this->in('', 'height of its points, as a share of the frame', $said[1], '', 'kit'),
            ];
    }

    private function detection(): Working
    {
        $framing = $this->plan->situation->framing;

        return new Working(
            'detection.subject',
            'How often detection finds it',
            'q² / (q² + q₀²), less where its outline is broken',
            [
                $this->in('q', 'largest share of the frame', $framing->largestShare(), '', 'computed'),
                $this->assumed('q₀', 'detection.least'),
                $this->in('', 'head over the frame\'s width', $framing->targetShare(), '', 'computed'),
                $this->assumed('', 'detection.eye_least'),
            ],
            $this->plan->draft->areaScore()->detection,
            '',
            'docs/model.md, AF area',
        );
    }

    private function waiting(): Working
    {
        $situation = $this->plan->situation;
        $rush = $situation->rush;
        $between = $rush->clutter->foreground !== Foreground::None || $rush->clutter->crossers !== Crossers::None;
        $hidden = $between
            ? [
                $this->in('w', 'width of what hides it', $rush->clutter->obstacleWidthM, 'm', 'rush'),
                $this->in(
                    'd',
                    'how far away that stands',
                    $situation->obstacleM(),
                    'm',
                    $rush->clutter->obstacleDistanceM === null ? 'computed' : 'rush',
                ),
                $this->in('z', 'size of the patch', $situation->framing->targetM, 'm', 'computed'),
                $this->in('s', 'distance', $rush->workM, 'm', 'rush'),
                $this->in(
                    'Ω',
                    'how fast you turn',
                    rad2deg($rush->travel->panRateRadS($rush->workM)),
                    '°/s',
                    'computed',
                ),
                $this->assumed('', 'obstacle.margin'),
            ]
            : [];

        return new Working(
            'tuning.stay',
            'How long it must wait',
            $between ? '(w/d + z/s)/Ω · margin, or the time your aim is off' : 'the time your aim is off',
            [
                ...$hidden,
                $this->in('', 'longest hidden', $this->number('tuning.stay', 'hidden_s'), 's', 'computed'),
                $this->assumed('', 'aim.recover.'.$rush->photographer->skill->value),
                $this->in('', 'level chosen waits', $this->number('tuning.stay', 'waits_s'), 's', 'kit'),
            ],
            max($this->number('tuning.stay', 'hidden_s') ?? 0.0, $this->number('tuning.stay', 'slip_s') ?? 0.0),
            's',
            'docs/model.md, Tracking',
        );
    }

    private function pace(): Working
    {
        $situation = $this->plan->situation;
        $pattern = $situation->rush->pattern;
        $usual = in_array($pattern, [Pattern::Still, Pattern::Steady], true)
            ? []
            : [$this->assumed('', 'pace.'.$pattern->value)];

        return new Working(
            'tuning.pace',
            'How far a steady guess would be off',
            '½ · (v_t²/s + a) · τ_p² against half the depth',
            [
                $this->in('v_t', 'crossing speed', $situation->rush->travel->crossingMps(), 'm/s', 'computed'),
                $this->in('s', 'nearest it may come', $situation->paceAtM(), 'm', 'rush'),
                $this->in(
                    '',
                    'change of the closing speed each second',
                    $this->number('tuning.pace', 'change_mps2'),
                    'm/s',
                    'computed',
                ),
                ...$usual,
                $this->assumed('τ_p', 'pace.horizon'),
                $this->in('', 'half the depth there', $this->number('tuning.pace', 'half_depth_m'), 'm', 'computed'),
            ],
            $this->number('tuning.pace', 'drift_m'),
            'm',
            'docs/model.md, Tracking',
        );
    }

    private function hand(): Working
    {
        $hand = $this->plan->draft->hand;

        return new Working(
            'manual_technique',
            'AF hit rate above which it starts sooner than your hand',
            '1 − (t_mf + (1−q)·r_mf − t_af) / r_af',
            [
                $this->assumed('t_mf', 'hand.acquire'),
                $this->in('q', 'how often your first try hits', $hand?->hit, '', 'computed'),
                $this->assumed('r_mf', 'hand.correct'),
                $this->assumed('t_af', 'af.acquire'),
                $this->assumed('r_af', 'af.recover'),
                $this->assumed('', 'hand.window'),
                $this->assumed('', 'hand.sweep'),
            ],
            $hand?->breakEven,
            '',
            'docs/model.md, Manual technique',
        );
    }

    private function zoom(): Working
    {
        $framing = $this->plan->situation->framing;

        return new Working(
            'focal_mm',
            'How much of the frame it needs',
            '(size + 2σ) / frame, in the fuller direction',
            [
                $this->in('', 'width of the subject', $framing->widthM, 'm', 'computed'),
                $this->in('', 'height of the subject', $framing->heightM, 'm', 'computed'),
                $this->in('', 'width of the frame there', $framing->frameWidthM, 'm', 'computed'),
                $this->assumed('', 'frame.fill'),
            ],
            $this->number('focal_mm', 'filled'),
            '',
            'docs/model.md, The frame and the aim',
        );
    }

    /** A number that the chooser gave with its reason. */
    private function number(string $field, string $name): ?float
    {
        foreach ($this->plan->draft->reasons as $reason) {
            if ($reason->field === $field) {
                $number = $reason->numbers[$name] ?? null;

                return is_float($number) ? $number : null;
            }
        }

        return null;
    }

    /** @return array{symbol: string, name: string, value: float|string|null, unit: string, origin: string, assumption: ?string} */
    private function in(string $symbol, string $name, float|string|null $value, string $unit, string $origin): array
    {
        return Workings::in($symbol, $name, $value, $unit, $origin);
    }

    /** @return array{symbol: string, name: string, value: float|string|null, unit: string, origin: string, assumption: ?string} */
    private function assumed(string $symbol, string $name): array
    {
        return Workings::assumed($this->plan->situation->assumptions, $symbol, $name);
    }
}
