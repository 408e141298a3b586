<?php

declare(strict_types=1);

namespace RushHold\Planning;

/** Why a field of the hold is what it is. */
final readonly class Reason
{
    /**
     * @param  string  $field  path into the hold, "area.pattern"
     * @param  string  $why  at most two sentences, numbers included
     * @param  array<string, float|string|null>  $numbers  what it rests on, units in the names
     * @param  ?string  $school  school of practice, when one decided
     * @param  ?string  $flips  the nearest change of the rush that would change it
     */
    public function __construct(
        public string $field,
        public string $why,
        public array $numbers = [],
        public ?string $school = null,
        public ?string $flips = null,
    ) {}

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'field' => $this->field, 'school' => $this->school, 'why' => $this->why,
            'numbers' => (object) array_map(static fn (float|string|null $number): float|string|null => is_float($number) && ! is_finite($number) ? null : $number, $this->numbers),
            'flips' => $this->flips,
        ];
    }
}
