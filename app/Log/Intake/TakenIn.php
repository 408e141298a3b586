<?php

declare(strict_types=1);

namespace App\Log\Intake;

/** How many have been taken in so far, how many were known, and what could not be read, with the reason. */
final class TakenIn
{
    /** Of so many that could not be read it is told why. */
    private const TOLD = 200;

    /** @param  list<array{name: string, why: string}>  $refused */
    private function __construct(
        public int $read,
        public int $known,
        private array $refused,
        private int $more,
    ) {}

    /** @param  array<string, mixed>  $kept  from {@see toArray()}; nothing at the beginning */
    public static function kept(array $kept): self
    {
        /** @var list<array{name: string, why: string}> $refused */
        $refused = $kept['refused'] ?? [];

        return new self((int) ($kept['read'] ?? 0), (int) ($kept['known'] ?? 0), $refused, (int) ($kept['more'] ?? 0));
    }

    public function refuse(string $name, string $why): void
    {
        if (count($this->refused) < self::TOLD) {
            $this->refused[] = ['name' => $name, 'why' => $why];
        } else {
            $this->more++;
        }
    }

    /** How many have been gone through. */
    public function count(): int
    {
        return $this->read + $this->known + count($this->refused) + $this->more;
    }

    /** @return array{read: int, known: int, refused: list<array{name: string, why: string}>, more: int} more of the refused, not told of */
    public function toArray(): array
    {
        return ['read' => $this->read, 'known' => $this->known, 'refused' => $this->refused, 'more' => $this->more];
    }
}
