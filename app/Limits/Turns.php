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

    /**
     * @param  string  $folder  where the places lie
     * @param  int  $places  reckonings at once on this machine
     */
    public function __construct(private string $folder, private int $places) {}

    /** A place to reckon in, null while there is none for this account. */
    public function take(string $account): ?Turn
    {
        if (! is_dir($this->folder)) {
            @mkdir($this->folder, 0o775, true);
        }
        $own = 0;
        $turn = null;
        for ($place = 0; $place < $this->places; $place++) {
            $file = fopen($this->folder.'/'.$place, 'c+');
            if ($file === false) {
                continue;
            }
            if ($turn === null && flock($file, LOCK_EX | LOCK_NB)) {
                $turn = Turn::in($file, $account);

                continue;
            }
            // a place that cannot be locked is somebody's; whose, stands in it
            if (! flock($file, LOCK_SH | LOCK_NB)) {
                $own += stream_get_contents($file) === $account ? 1 : 0;
            }
            fclose($file);
        }
        if ($turn !== null && $own >= self::EACH) {
            $turn->end();

            return null;
        }

        return $turn;
    }
}
