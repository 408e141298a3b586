<?php

declare(strict_types=1);

namespace RushHold\Wording\Reasons;

use RushHold\Planning\Reason;
use RushHold\Rush\SchoolAnswer;
use RushHold\Wording\Units;

/** Why each field of a hold is what it is, as a person reads it. */
final readonly class ReasonWords
{
    /** Answers of a school that are called otherwise beside a reason than by their own word. */
    private const ANSWERS = [
        'clutter manual' => 'by hand',
        'stabiliser panning' => 'panning mode',
        'auto_switch net' => 'a net',
    ];

    /** @var array<string, FieldWords> */
    private array $fields;

    public function __construct(Units $units)
    {
        $fields = [];
        foreach (
            [
                new FocusReasons($units),
                new AreaReasons($units),
                new SubjectReasons(),
                new TuningReasons($units),
                new ExposureReasons($units),
                new CameraReasons($units),
            ] as $words
        ) {
            $fields += array_fill_keys($words->fields(), $words);
        }
        $this->fields = $fields;
    }

    public function why(Reason $reason): string
    {
        $words = $this->fields[$reason->field];
        $why = $words->why($reason);
        if ($reason->adopted === null) {
            return $why;
        }

        return $words->adopted($reason->adopted).
            ($reason->adopted->number('chosen_anyway') > 0 ? ' ' : ' The plan would have it otherwise: ').
            $why;
    }

    /** "stabiliser: panning mode". */
    public static function school(SchoolAnswer $school): string
    {
        return str_replace('_', '-', $school->question).
            ': '.
            (self::ANSWERS["{$school->question} {$school->answer}"] ?? str_replace('-', ' ', $school->answer));
    }

    /**
     * @param  ?string  $flips  the nearest change of the rush that would change it
     * @return array<string, mixed> as a plan shows it
     */
    public function document(Reason $reason, ?string $flips): array
    {
        $numbers = ($reason->adopted === null ? [] : ['adopted' => 1]) + $reason->numbers;

        return [
            'field' => $reason->field,
            'code' => $reason->code,
            'school' => $reason->school === null ? null : self::school($reason->school),
            'why' => $this->why($reason),
            'numbers' => (object) array_map(
                static fn (float|int|string|null $number): float|int|string|null => is_float($number) &&
                ! is_finite($number)
                    ? null
                    : $number,
                $numbers,
            ),
            'flips' => $flips,
        ];
    }
}
