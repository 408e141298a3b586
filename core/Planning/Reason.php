<?php

declare(strict_types=1);

namespace RushHold\Planning;

/** Why a field of the hold is what it is. */
final readonly class Reason
{
    /**
     * @param  string  $field  path into the hold, "area.pattern"
     * @param  string|\Closure(): string  $why  at most two sentences, numbers included; a closure is only asked when somebody reads it
     * @param  array<string, float|string|null>  $numbers  what it rests on, units in the names
     * @param  ?string  $school  school of practice, when one decided
     */
    public function __construct(
        public string $field,
        private string|\Closure $why,
        public array $numbers = [],
        public ?string $school = null,
    ) {}

    public function why(): string
    {
        return is_string($this->why) ? $this->why : ($this->why)();
    }

    /**
     * The same reason with something said before it.
     *
     * @param  \Closure(): string  $words
     */
    public function after(\Closure $words): self
    {
        return new self($this->field, fn (): string => $words().$this->why(), $this->numbers, $this->school);
    }

    /**
     * @param  ?string  $flips  the nearest change of the rush that would change it
     * @return array<string, mixed>
     */
    public function toArray(?string $flips): array
    {
        return [
            'field' => $this->field, 'school' => $this->school, 'why' => $this->why(),
            'numbers' => (object) array_map(static fn (float|string|null $number): float|string|null => is_float($number) && ! is_finite($number) ? null : $number, $this->numbers),
            'flips' => $flips,
        ];
    }
}
