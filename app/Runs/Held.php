<?php

declare(strict_types=1);

namespace App\Runs;

use Illuminate\Support\Carbon;

/**
 * A record that one process at a time is at: it says who, and until when at the most, so that nobody waits for one that is gone.
 *
 * @property ?string $held_by who is at it, {@see Holder}
 * @property ?Carbon $held_until and how long at the most
 * @property int $tries how often that was begun
 */
trait Held
{
    /** Whether nobody is at it: nobody else, nobody whose time is over, nobody who is gone. */
    public function isFree(): bool
    {
        return $this->held_by === null ||
            $this->held_by === Holder::me()->told() ||
            ($this->held_until !== null && $this->held_until->isPast()) ||
            Holder::from($this->held_by)->isGone();
    }

    /**
     * Takes hold of it, unless somebody has since it was read. Said before anything is tried, so that what breaks workers is counted.
     *
     * @param  int  $heldS  longer than any step may take
     * @param  array<string, mixed>  $still  what must still be so
     */
    public function hold(int $heldS, array $still): bool
    {
        return $this->isFree() &&
            self::query()
                ->whereKey($this->getKey())
                ->where($still + ['held_by' => $this->held_by, 'tries' => $this->tries])
                ->update([
                    'held_by' => Holder::me()->told(),
                    'held_until' => $this->fromDateTime(Carbon::now()->addSeconds($heldS)),
                    'tries' => $this->tries + 1,
                ]) === 1;
    }

    /** Lets go of it, where this process is at it. */
    public function release(): void
    {
        self::query()
            ->whereKey($this->getKey())
            ->where('held_by', Holder::me()->told())
            ->update(['held_by' => null, 'held_until' => null]);
    }
}
