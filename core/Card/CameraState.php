<?php

declare(strict_types=1);

namespace RushHold\Card;

use RushHold\Document\Reader;
use RushHold\Hold\Burst;
use RushHold\Hold\Hold;
use RushHold\Hold\Pick;
use RushHold\Hold\StabiliserUse;
use RushHold\Kit\AfArea;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;

/** How a camera was left ("camera-state/1"): what is known of its settings, in our terms. What is not known is missing. */
final readonly class CameraState
{
    /** @param  array<string, mixed>  $known by field */
    private function __construct(private array $known) {}

    /** Nothing is known. */
    public static function unknown(): self
    {
        return new self([]);
    }

    /**
     * @param  array<mixed>  $document  a camera-state/1 document
     *
     * @throws \RushHold\Faults\Fault naming the first field that is amiss
     */
    public static function fromArray(array $document): self
    {
        $left = Reader::of($document);
        $known = [];
        foreach (
            [
                'focus_mode' => FocusMode::class,
                'area' => AfArea::class,
                'detection' => Detection::class,
                'pick' => Pick::class,
                'burst' => Burst::class,
                'stabiliser' => StabiliserUse::class,
            ] as $field => $enum
        ) {
            if ($left->has($field)) {
                $known[$field] = $left->choice($field, $enum);
            }
        }
        foreach (['stay', 'pace', 'fps', 'shutter_s', 'f_number', 'iso', 'compensation_ev'] as $field) {
            if ($left->has($field)) {
                $known[$field] = $left->number($field);
            }
        }
        if ($left->has('eye')) {
            $known['eye'] = $left->flag('eye');
        }
        if ($left->has('limiter_m')) {
            $range = $left->items('limiter_m');
            $known['limiter_m'] =
                $range === []
                    ? []
                    : [
                        $left->inside('limiter_m')->number('0'),
                        ($range[1] ?? null) === null ? null : $left->inside('limiter_m')->number('1'),
                    ];
        }

        return new self($known);
    }

    /** The camera set to this hold, with no exposure compensation. */
    public static function setTo(Hold $hold): self
    {
        return new self(
            array_filter(
                [
                    'focus_mode' => $hold->focusMode,
                    'area' => $hold->area,
                    'detection' => $hold->detection,
                    'eye' => $hold->eye,
                    'stay' => $hold->stay === null ? null : (float) $hold->stay,
                    'pace' => $hold->pace === null ? null : (float) $hold->pace,
                    'pick' => $hold->pick,
                    'fps' => $hold->fps,
                    'burst' => $hold->burst,
                    'stabiliser' => $hold->stabiliser,
                    'limiter_m' => $hold->limiterM ?? [],
                    'shutter_s' => $hold->shutterS,
                    'f_number' => $hold->fNumber,
                    'iso' => (float) $hold->iso,
                    'compensation_ev' => 0.0,
                ],
                static fn (mixed $value): bool => $value !== null,
            ),
        );
    }

    /** @return array<string, mixed> a camera-state/1 document */
    public function toArray(): array
    {
        return ['format' => 'camera-state/1'] +
            array_map(
                static fn (mixed $value): mixed => $value instanceof \BackedEnum ? $value->value : $value,
                $this->known,
            );
    }

    /** The same with this field not known. */
    public function without(string $field): self
    {
        return new self(array_diff_key($this->known, [$field => true]));
    }

    /**
     * The same, but with these fields as another has them, known or not.
     *
     * @param  list<string>  $fields
     */
    public function keeping(self $other, array $fields): self
    {
        $fields = array_flip($fields);

        return new self(array_intersect_key($other->known, $fields) + array_diff_key($this->known, $fields));
    }

    public function knows(string $field): bool
    {
        return array_key_exists($field, $this->known);
    }

    /** The hold the camera is set to as far as is known; where it is not, that of the hold given. */
    public function over(Hold $hold): Hold
    {
        $known = $this->known;
        /** @var array{float, ?float}|array{}|null $limiter */
        $limiter = $known['limiter_m'] ?? $hold->limiterM;

        return new Hold(
            $this->pick('focus_mode', $hold->focusMode),
            $hold->manualTechnique,
            $this->pick('area', $hold->area),
            $hold->place,
            $this->pick('detection', $hold->detection),
            $this->pick('eye', $hold->eye),
            $this->whole('stay', $hold->stay),
            $this->whole('pace', $hold->pace),
            $this->pick('pick', $hold->pick),
            $hold->aim,
            $this->pick('fps', $hold->fps),
            $this->pick('burst', $hold->burst),
            $this->pick('stabiliser', $hold->stabiliser),
            $limiter === [] ? null : $limiter,
            $hold->focalMm,
            $this->pick('shutter_s', $hold->shutterS),
            $this->pick('f_number', $hold->fNumber),
            $this->whole('iso', $hold->iso) ?? $hold->iso,
            $hold->scheme,
        );
    }

    /** Exposure compensation in stops, null when it is not known. */
    public function compensationEv(): ?float
    {
        $ev = $this->known['compensation_ev'] ?? null;

        return is_float($ev) ? $ev : null;
    }

    /**
     * @template T
     *
     * @param  T  $else
     * @return T
     */
    private function pick(string $field, mixed $else): mixed
    {
        /** @var T $value */
        $value = $this->known[$field] ?? $else;

        return $value;
    }

    private function whole(string $field, ?int $else): ?int
    {
        $value = $this->known[$field] ?? null;

        return is_float($value) ? (int) round($value) : $else;
    }
}
