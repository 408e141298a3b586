<?php

declare(strict_types=1);

namespace RushHold\Counts;

use RushHold\Hold\Hold;
use RushHold\Hold\Pick;

/** How a hold tracks: stay, pace and pick, each null where the body has no such dial or it does not track. */
final readonly class TrackingDials
{
    private const NONE = '-';

    private function __construct(public ?int $stay, public ?int $pace, public ?Pick $pick) {}

    public static function of(Hold $hold): self
    {
        return $hold->focusMode->follows()
            ? new self($hold->stay, $hold->pace, $hold->pick)
            : new self(null, null, null);
    }

    /** @param  string  $text  from {@see text()} */
    public static function read(string $text): self
    {
        [$stay, $pace, $pick] = array_pad(explode('/', $text), 3, self::NONE);
        $level = static fn (string $one): ?int => $one === self::NONE ? null : (int) $one;

        return new self($level($stay), $level($pace), Pick::tryFrom($pick));
    }

    public function text(): string
    {
        return implode('/', [
            $this->stay ?? self::NONE,
            $this->pace ?? self::NONE,
            $this->pick->value ?? self::NONE,
        ]);
    }
}
