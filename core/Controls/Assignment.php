<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Document\Reader;
use RushHold\Kit\BundlePart;
use RushHold\Kit\ControlUse;

/** What one control does. */
final readonly class Assignment
{
    /**
     * @param  string  $control  id of the control
     * @param  ?string  $hold  key of the hold it recalls
     * @param  list<BundlePart>  $carries  settings in the bundle it recalls
     */
    public function __construct(
        public string $control,
        public ControlUse $does,
        public ?string $hold = null,
        public array $carries = [],
    ) {}

    public static function read(Reader $use): self
    {
        return new self(
            $use->text('control'),
            $use->choice('does', ControlUse::class),
            $use->optionalText('hold'),
            $use->choices('carries', BundlePart::class),
        );
    }

    /** @return array{control: string, does: string, hold: ?string, carries: list<string>} */
    public function toArray(): array
    {
        return [
            'control' => $this->control,
            'does' => $this->does->value,
            'hold' => $this->hold,
            'carries' => array_column($this->carries, 'value'),
        ];
    }

    public function recalls(?string $hold = null): bool
    {
        return $this->does === ControlUse::Recall && ($hold === null || $this->hold === $hold);
    }

    public function carries(BundlePart $part): bool
    {
        return in_array($part, $this->carries, true);
    }

    /** Whether pressing it starts to focus. */
    public function startsFocus(): bool
    {
        return $this->does === ControlUse::Focus ||
            ($this->does === ControlUse::Recall && $this->carries(BundlePart::Start));
    }

    /** @param  list<BundlePart>  $parts */
    public function carrying(array $parts): self
    {
        return new self($this->control, $this->does, $this->hold, $parts);
    }

    public function on(string $control): self
    {
        return new self($control, $this->does, $this->hold, $this->carries);
    }
}
