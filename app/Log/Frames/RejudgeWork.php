<?php

declare(strict_types=1);

namespace App\Log\Frames;

use App\Models\User;
use App\Runs\Work;

/** The bursts of one body judged again by what it is said to blur of its own: from what was measured, without their files. */
final class RejudgeWork implements Work
{
    /** Frames judged before they are kept. */
    private const FRAMES = 300;

    private int $done;

    private readonly int $whole;

    /** The last burst that has been judged; they come by their ids. */
    private string $last;

    /** @var array<string, int> ids of bursts that are next, with how many frames they have */
    private array $next = [];

    /** @param  array<string, mixed>  $state  where it was put down */
    public function __construct(
        private readonly User $user,
        private readonly string $body,
        private readonly FrameKeeper $keeper,
        array $state,
    ) {
        $this->done = (int) ($state['done'] ?? 0);
        $this->last = (string) ($state['last'] ?? '');
        $this->whole = (int) ($state['whole'] ?? $user->bursts()->where('body', $body)->count());
    }

    public function step(): void
    {
        $burst = $this->user->bursts()->where('body', $this->body)->where('id', '>', $this->last)->orderBy('id')->first();
        $this->done += $burst === null ? $this->whole - $this->done : 1;
        if ($burst !== null) {
            $this->last = $burst->id;
            $this->next[$burst->id] = $burst->frames;
        }
    }

    public function isFinished(): bool
    {
        return $this->done >= $this->whole;
    }

    public function isFull(): bool
    {
        return array_sum($this->next) >= self::FRAMES;
    }

    public function done(): int
    {
        return $this->done;
    }

    public function whole(): int
    {
        return $this->whole;
    }

    public function keep(): void
    {
        $this->user->inTurn();
        foreach ($this->user->bursts()->with('user')->whereKey(array_keys($this->next))->get() as $burst) {
            $this->keeper->judge($burst);
        }
        $this->next = [];
    }

    public function state(): array
    {
        return ['done' => $this->done, 'last' => $this->last, 'whole' => $this->whole];
    }

    public function reading(): array
    {
        return ['body' => $this->body];
    }
}
