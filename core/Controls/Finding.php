<?php

declare(strict_types=1);

namespace RushHold\Controls;

/** Something a layout gets wrong: what, on which control, for which hold, and how to put it right. */
final readonly class Finding
{
    /**
     * @param  string  $code  short name of the kind of conflict
     * @param  ?string  $cure  what putting it right does, in words; null when only the person can
     * @param  ?Layout  $cured  the layout put right
     * @param  list<string>  $steps  what to set by hand instead, in the body's words
     */
    public function __construct(
        public string $code,
        public string $message,
        public ?string $control = null,
        public ?string $hold = null,
        public ?string $cure = null,
        public ?Layout $cured = null,
        public array $steps = [],
    ) {}

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'code' => $this->code,
            'message' => $this->message,
            'control' => $this->control,
            'hold' => $this->hold,
            'cure' => $this->cure,
            'cured' => $this->cured?->toArray(),
            'steps' => $this->steps,
        ];
    }
}
