<?php

declare(strict_types=1);

namespace RushHold\Dialect;

use RushHold\Assumptions\Assumptions;
use RushHold\Hold\Burst;
use RushHold\Hold\Hold;
use RushHold\Hold\Pick;
use RushHold\Hold\StabiliserUse;
use RushHold\Kit\AfArea;
use RushHold\Kit\Body;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Wording\Units;

/** Says a hold in a body's own words, and understands those words again. */
final readonly class Translation
{
    /** Modes that come nearest to one a body lacks, best first. */
    private const INSTEAD = [
        'single' => ['single-with-override', 'manual', 'auto-switch', 'continuous'],
        'continuous' => ['auto-switch', 'single', 'single-with-override', 'manual'],
        'auto-switch' => ['continuous', 'single', 'single-with-override', 'manual'],
        'manual' => ['single-with-override', 'single', 'continuous', 'auto-switch'],
        'single-with-override' => ['single', 'manual', 'auto-switch', 'continuous'],
    ];

    public function __construct(
        private BodyProfile $profile,
        private Assumptions $assumptions,
        private Units $units = Units::Metric,
    ) {}

    /**
     * Every field of the hold in the body's words, in the order they are set; tuning only where the focus follows.
     *
     * @param  ?Body  $planned  the body the hold was made for, when it is another: its levels of hold wait other times
     * @return list<Translated>
     */
    public function say(Hold $hold, ?Body $planned = null): array
    {
        $body = $this->profile->body;
        $mode = $this->mode($hold->focusMode);
        $area = $this->area($hold->area);

        return [
            $this->choice(
                'focus_mode',
                $mode->value,
                $mode->words(),
                $mode === $hold->focusMode ? null : sprintf('It has no %s.', $hold->focusMode->words()),
            ),
            $this->choice(
                'area',
                $area->value,
                $area->words(),
                $area === $hold->area ? null : sprintf('It has no %s; this is the nearest.', $hold->area->words()),
            ),
            ...$this->detection($hold, $area),
            ...! $hold->focusMode->follows()
                ? []
                : $this->tuning(
                    new TuningPoint(
                        $hold->stay === null ? null : self::level($hold->stay, $planned, $body),
                        $hold->pace,
                        $hold->pick,
                    ),
                ),
            $this->drive($hold),
            $this->choice('stabiliser', $hold->stabiliser->value, $hold->stabiliser->words()),
            $this->limiter($hold->limiterM),
        ];
    }

    /** The level of one body's stay dial that waits as long as a level of another's. */
    public static function level(int $level, ?Body $from, Body $to): int
    {
        $waitS = $from->stayLevelsS[$level] ?? null;
        if ($from === null || $from === $to || $waitS === null || $to->stayLevelsS === []) {
            return $level;
        }
        $gaps = array_map(static fn (float $s): float => abs($s - $waitS), $to->stayLevelsS);

        return (int) array_search(min($gaps), $gaps, true);
    }

    /**
     * Our value for a word of the body: "continuous", "zone-wide", a level, a point of tuning.
     *
     * @param  string  $field  as in {@see Said}
     * @return array<string, string|float|null> by our axis: focus_mode, area, detection, eye, stabiliser, stay, pace, pick, fps; empty when the body has no such word
     */
    public function understand(string $field, string $word): array
    {
        $tuning = $this->profile->dialect->tuning;
        if ($field === 'tuning') {
            $point = $tuning->understand($word);

            return $point === null
                ? []
                : ['stay' => $point->stay, 'pace' => $point->pace, 'pick' => $point->pick?->value];
        }
        $found = match ($field) {
            'stay' => $tuning->stay?->understand($word),
            'pace' => $tuning->pace?->understand($word),
            'pick' => $tuning->pick?->understand($word) ??
                self::ours($word, array_column(Pick::cases(), 'value', 'value')),
            'drive' => $this->profile->dialect->drive?->understand($word),
            default => $this->profile->dialect->setting($field)?->understand($word) ??
                self::ours($word, self::ourWords($field)),
        };

        return $found === null ? [] : [$field === 'drive' ? 'fps' : $field => $found];
    }

    /** The mode itself, or the nearest the body has. */
    public function mode(FocusMode $wanted): FocusMode
    {
        if ($this->profile->body->offers($wanted)) {
            return $wanted;
        }
        foreach (self::INSTEAD[$wanted->value] as $other) {
            if ($this->profile->body->offers(FocusMode::from($other))) {
                return FocusMode::from($other);
            }
        }

        return $wanted;
    }

    /** The area itself, or the nearest in reach that the body has; of two as near the smaller. */
    public function area(AfArea $wanted): AfArea
    {
        $has = $this->profile->body->areas;
        if (in_array($wanted, $has, true) || $has === []) {
            return $wanted;
        }
        usort(
            $has,
            static fn (AfArea $a, AfArea $b): int => [abs($a->reach() - $wanted->reach()), $a->reach()] <=> [
                abs($b->reach() - $wanted->reach()),
                $b->reach(),
            ],
        );

        return $has[0];
    }

    private function choice(string $field, string $value, string $ours, ?string $lacks = null): Translated
    {
        $dialect = $this->profile->dialect;
        $word = $dialect->setting($field)?->say($value);

        return new Translated(
            $field,
            $dialect->name($field),
            $word ?? $ours,
            $ours,
            $dialect->where($field),
            $word !== null,
            $lacks,
            $lacks !== null,
        );
    }

    /** @return list<Translated> */
    private function detection(Hold $hold, AfArea $area): array
    {
        $body = $this->profile->body;
        if ($body->detects === []) {
            return $hold->detection === Detection::None
                ? []
                : [
                    new Translated(
                        'detection',
                        $this->profile->dialect->name('detection'),
                        'none',
                        'no detection',
                        SettingLocation::untold(),
                        false,
                        'It detects nothing: the area alone decides.',
                        true,
                    ),
                ];
        }
        $knows = $hold->detection === Detection::None || $body->detects($hold->detection);
        $kind = $knows ? $hold->detection : Detection::None;
        $said = [
            $this->choice(
                'detection',
                $kind->value,
                $kind === Detection::None ? 'off' : $kind->value,
                $knows ? null : sprintf('It does not know %s.', self::plural($hold->detection)),
            ),
        ];
        if ($body->eyeDetectionAreas !== []) {
            $eye = $hold->eye && $kind !== Detection::None && $body->findsEyesIn($area);
            $said[] = $this->choice(
                'eye',
                $eye ? 'on' : 'off',
                $eye ? 'on' : 'off',
                $eye === $hold->eye ? null : 'It finds no eyes in this area.',
            );
        }

        return $said;
    }

    private static function plural(Detection $kind): string
    {
        return match ($kind) {
            Detection::None => 'anything',
            Detection::Animal => 'animals',
            Detection::Bird => 'birds',
            Detection::Person => 'people',
            Detection::Vehicle => 'vehicles',
        };
    }

    /** @return list<Translated> */
    private function tuning(TuningPoint $wanted): array
    {
        $tuning = $this->profile->dialect->tuning;
        if ($tuning->kind->isOneChoice()) {
            return $this->preset($tuning, $wanted);
        }
        if ($tuning->kind === TuningKind::None && $this->profile->body->stayLevelsS === []) {
            return $wanted->stay === null && $wanted->pace === null
                ? []
                : [
                    new Translated(
                        'tuning',
                        'tracking tuning',
                        'none',
                        'stay '.($wanted->stay ?? '–'),
                        SettingLocation::untold(),
                        false,
                        'It has none: keep the area on the subject yourself.',
                        true,
                    ),
                ];
        }

        return array_values(
            array_filter([
                $wanted->stay === null || $this->profile->body->stayLevelsS === []
                    ? null
                    : $this->onScale('stay', $tuning->stay, $wanted->stay),
                $wanted->pace === null || ! $this->profile->body->hasPace
                    ? null
                    : $this->onScale('pace', $tuning->pace, $wanted->pace),
                $wanted->pick === null || ! $this->profile->body->hasPick ? null : $this->pick($tuning, $wanted->pick),
            ]),
        );
    }

    /** @return list<Translated> */
    private function preset(Tuning $tuning, TuningPoint $wanted): array
    {
        $nearest = $tuning->nearest($wanted, $this->assumptions);
        if ($nearest === null || ($wanted->stay === null && $wanted->pace === null)) {
            return [];
        }
        $ours = sprintf(
            'stay %s, pace %s, %s',
            $wanted->stay ?? '–',
            $wanted->pace ?? '–',
            $wanted->pick->value ?? '–',
        );
        $otherwise = $wanted->otherwise($nearest['point']);

        return [
            new Translated(
                'tuning',
                $tuning->name,
                $nearest['word'],
                $ours,
                $tuning->where,
                true,
                $otherwise === ''
                    ? null
                    : sprintf('The nearest it has, %s away: %s.', Units::figures($nearest['distance'], 2), $otherwise),
            ),
        ];
    }

    private function onScale(string $axis, ?Scale $scale, float $wanted): Translated
    {
        if ($scale === null) {
            return new Translated($axis, $axis, (string) $wanted, (string) $wanted, SettingLocation::untold(), false);
        }
        $step = $scale->nearest($wanted);
        $off = abs($step['at'] - $wanted);

        return new Translated(
            $axis,
            $scale->name,
            $step['word'],
            (string) $wanted,
            $scale->where,
            true,
            $off < 1e-9 ? null : sprintf('The nearest it has, %s away.', Units::figures($off, 2)),
        );
    }

    private function pick(Tuning $tuning, Pick $wanted): Translated
    {
        $word = $tuning->pick?->say($wanted->value);

        return new Translated(
            'pick',
            $tuning->pick->name ?? 'pick',
            $word ?? $wanted->value,
            $wanted->value,
            $tuning->pick->where ?? SettingLocation::untold(),
            $word !== null,
        );
    }

    private function drive(Hold $hold): Translated
    {
        $scale = $this->profile->dialect->drive;
        $fps = min($hold->fps, $this->profile->body->fps);
        $ours =
            $hold->burst === Burst::Single
                ? 'single frames'
                : Units::figures($fps).' a second, '.$hold->burst->value.' bursts';
        if ($scale === null) {
            return new Translated('drive', 'drive', $ours, $ours, SettingLocation::untold(), false);
        }
        $step = $scale->nearest($hold->burst === Burst::Single ? 0.0 : $fps);

        return new Translated('drive', $scale->name, $step['word'], $ours, $scale->where, true);
    }

    /** @param  ?array{float, ?float}  $range */
    private function limiter(?array $range): Translated
    {
        $ours =
            $range === null
                ? 'off'
                : sprintf(
                    '%s – %s',
                    $this->units->length($range[0]),
                    $range[1] === null ? '∞' : $this->units->length($range[1]),
                );

        return new Translated(
            'limiter',
            $this->profile->dialect->name('limiter'),
            $ours,
            $ours,
            $this->profile->dialect->where('limiter'),
            $this->profile->dialect->setting('limiter') !== null,
        );
    }

    /** @param  array<string, string>  $ours our words by value */
    private static function ours(string $word, array $ours): ?string
    {
        foreach ($ours as $value => $own) {
            if (Words::alike($value, $word) || Words::alike($own, $word)) {
                return $value;
            }
        }

        return null;
    }

    /** @return array<string, string> our words for the values of a setting, by value */
    private static function ourWords(string $field): array
    {
        $words = [];
        foreach (
            match ($field) {
                'focus_mode' => FocusMode::cases(),
                'area' => AfArea::cases(),
                default => [],
            } as $case
        ) {
            $words[$case->value] = $case->words();
        }
        foreach (
            match ($field) {
                'detection' => Detection::cases(),
                'stabiliser' => StabiliserUse::cases(),
                default => [],
            } as $case
        ) {
            $words[$case->value] = $case instanceof StabiliserUse ? $case->words() : $case->value;
        }

        return $words;
    }
}
