<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Rush\SchoolAnswer;

/** Why a field of the hold is what it is, as a code and figures. {@see \RushHold\Wording\Reasons\ReasonWords} says it in words. */
final readonly class Reason
{
    /** The code of what is said before a reason when a person has set the field. */
    public const ADOPTED = 'adopted';

    /**
     * @param  string  $field  path into the hold, "area.pattern"
     * @param  string  $code  which of the reasons there are for the field
     * @param  array<string, float|int|string|null>  $numbers  what it rests on and what its words tell, units in the names;
     *                                                         a choice by its word in the formats
     * @param  ?SchoolAnswer  $school  the school of practice, when one decided
     * @param  ?self  $adopted  that a person has set this field: said before it
     */
    public function __construct(
        public string $field,
        public string $code,
        public array $numbers = [],
        public ?SchoolAnswer $school = null,
        public ?self $adopted = null,
    ) {}

    /**
     * The same reason, with what a person has set said before it.
     *
     * @param  array<string, float|int|string|null>  $numbers  of what was set
     * @param  bool  $same  whether it was chosen so anyway
     */
    public function after(array $numbers, bool $same): self
    {
        $adopted = new self($this->field, self::ADOPTED, $numbers + ['chosen_anyway' => $same ? 1 : 0]);

        return new self($this->field, $this->code, $this->numbers, $this->school, $adopted);
    }

    /** One of its numbers; nought when it is not known. */
    public function number(string $name): float
    {
        return (float) ($this->numbers[$name] ?? 0.0);
    }

    /** One of its choices. */
    public function choice(string $name): string
    {
        return (string) ($this->numbers[$name] ?? '');
    }
}
