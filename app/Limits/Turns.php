<?php

declare(strict_types=1);

namespace App\Limits;

/**
 * Turns at reckoning on this machine: a few places, of which one account has two at the most.
 *
 * A place is a file whose lock its holder keeps; a process that dies gives its place back with its locks. Two that take a place in
 * the same moment may both be sent away, which costs them a second and nobody else anything.
 */
final readonly class Turns
{
    /** Places of one account. */
    public const EACH = 2;

    /** Longest wait for a place, and how often it is looked for, in seconds. */
    private const PATIENCE_S = 2.5;

    private const LOOK_S = 0.02;

    /**
     * @param  string  $folder  where the places lie
     * @param  int  $places  reckonings at once on this machine
     * @param  int  $seats  how many may wait for a place, one of an account
     */
    public function __construct(private string $folder, private int $places, private int $seats = 0) {}

    /** A place to reckon in, waited for a moment where there is a seat to wait on; null when there is none for this account by then. */
    public function await(string $account): ?HeavyTurn
    {
        $turn = $this->take($account);
        if ($turn !== null || ($seat = $this->of('seat-', $this->seats, 1, $account)) === null) {
            return $turn;
        }
        try {
            for (
                $until = microtime(true) + self::PATIENCE_S;
                $turn === null && microtime(true) < $until;
                $turn = $this->take($account)
            ) {
                usleep((int) (self::LOOK_S * 1e6));
            }

            return $turn;
        } finally {
            $seat->end();
        }
    }

    /** A place to reckon in, null while there is none for this account. */
    public function take(string $account): ?HeavyTurn
    {
        return $this->of('', $this->places, self::EACH, $account);
    }

    /** One of so many files for this account, null while all are taken or it has as many as it may. */
    private function of(string $named, int $count, int $each, string $account): ?HeavyTurn
    {
        if (! is_dir($this->folder)) {
            @mkdir($this->folder, 0o775, true);
        }
        $own = 0;
        $turn = null;
        for ($place = 0; $place < $count; $place++) {
            $file = fopen($this->folder.'/'.$named.$place, 'c+');
            if ($file === false) {
                continue;
            }
            if ($turn === null && flock($file, LOCK_EX | LOCK_NB)) {
                $turn = HeavyTurn::in($file, $account);

                continue;
            }
            // a place that cannot be locked is somebody's; whose, stands in it
            if (! flock($file, LOCK_SH | LOCK_NB)) {
                $own += stream_get_contents($file) === $account ? 1 : 0;
            }
            fclose($file);
        }
        if ($turn !== null && $own >= $each) {
            $turn->end();

            return null;
        }

        return $turn;
    }
}
