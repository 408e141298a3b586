<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\ManualTechnique;
use RushHold\Hold\StabiliserUse;
use RushHold\Kit\FocusMode;

/** A hold in the making: what has been chosen so far, and why. */
final readonly class Draft
{
    /**
     * @param  list<Reason>  $reasons
     * @param  list<Concession>  $concessions
     */
    public function __construct(
        public ?FocusMode $focusMode = null,
        public ?ManualTechnique $technique = null,
        public ?StabiliserUse $stabiliser = null,
        public ?Settings $settings = null,
        public array $reasons = [],
        public array $concessions = [],
    ) {}

    public function withFocus(FocusMode $mode, ?ManualTechnique $technique, Reason ...$reasons): self
    {
        return new self($mode, $technique, $this->stabiliser, $this->settings, [...$this->reasons, ...array_values($reasons)], $this->concessions);
    }

    public function withStabiliser(StabiliserUse $use, Reason $reason): self
    {
        return new self($this->focusMode, $this->technique, $use, $this->settings, [...$this->reasons, $reason], $this->concessions);
    }

    /**
     * @param  list<Reason>  $reasons
     * @param  list<Concession>  $concessions
     */
    public function withSettings(Settings $settings, array $reasons, array $concessions): self
    {
        return new self(
            $this->focusMode, $this->technique, $this->stabiliser, $settings,
            [...$this->reasons, ...$reasons], [...$this->concessions, ...$concessions],
        );
    }
}
