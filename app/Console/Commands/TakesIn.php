<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\FilePurpose;
use App\Files\Files;
use App\Images\RawPreview;
use App\Log\Intake\Intakes;
use App\Models\RunRecord;
use App\Models\User;
use App\Problems\ProblemException;
use RushHold\Faults\MissingField;
use RushHold\Faults\UnknownChoice;

/**
 * Takes photographs of a folder on this machine into the log of an account, as the page would: they are copied, and a worker reads them.
 * Links are not followed, so that nothing outside of the folder is read.
 */
trait TakesIn
{
    /** Bytes at the beginning of a file that tell what it is. */
    private const START = 16;

    /** A folder is walked down so far. */
    private const DEEP = 12;

    /** So long a file has to wait where there is no room just now, in ms. */
    private const WAIT_MS = 500;

    /** @throws MissingField|UnknownChoice */
    private function account(): User
    {
        $email = $this->text($this->option('account'));
        if ($email === '') {
            throw MissingField::named('--account');
        }

        return User::ofAddress($email) ??
            throw UnknownChoice::of('--account', $email, ['the address of an account on this machine']);
    }

    /** @throws UnknownChoice */
    private function folder(): string
    {
        $folder = $this->text($this->argument('folder'));

        return is_dir($folder) && is_readable($folder)
            ? rtrim($folder, '/')
            : throw UnknownChoice::of('folder', $folder, ['a folder that may be read']);
    }

    /** @return list<string> photographs below a folder, by name: of a raw file and its JPEG beside it the JPEG */
    private static function photographs(string $folder, int $depth = 0): array
    {
        $found = $raws = [];
        foreach (@scandir($folder) ?: [] as $name) {
            $path = "{$folder}/{$name}";
            if (str_starts_with($name, '.') || is_link($path)) {
                continue;
            }
            if (is_dir($path) && $depth < self::DEEP) {
                array_push($found, ...self::photographs($path, $depth + 1));
            } elseif (is_file($path)) {
                $start = (string) @file_get_contents($path, false, null, 0, self::START);
                // what is only called a photograph is named with its reason
                if (str_starts_with($start, "\xFF\xD8\xFF") || preg_match('/\.jpe?g$/i', $name) === 1) {
                    $found[] = $path;
                } elseif (RawPreview::isIn($start)) {
                    $raws[self::stem($path)] = $path;
                }
            }
        }
        $found = [...$found, ...array_values(array_diff_key($raws, array_flip(array_map(self::stem(...), $found))))];
        sort($found, SORT_NATURAL);

        return $found;
    }

    /** What a raw file and the JPEG beside it have in common. */
    private static function stem(string $path): string
    {
        return mb_strtolower((string) preg_replace('/\.[^.\/]*$/', '', $path));
    }

    /**
     * Hands one file to the worker.
     *
     * @return array{file: string, state: string, why?: string} sent, known or refused
     */
    private function hand(Files $files, Intakes $intakes, User $user, string $path): array
    {
        $told = ['file' => $path];
        $hash = @hash_file('sha256', $path);
        $from = $hash === false ? false : @fopen($path, 'rb');
        if ($hash === false || $from === false) {
            return $told + ['state' => 'refused', 'why' => 'It may not be read.'];
        }
        try {
            if ($user->frames()->where('hash', $hash)->exists()) {
                return $told + ['state' => 'known'];
            }
            while (true) {
                try {
                    rewind($from);
                    $files->take($user, FilePurpose::Frame, $hash, basename($path), $from);
                    $intakes->wake($user);

                    return $told + ['state' => 'sent'];
                } catch (ProblemException $problem) {
                    if ($problem->problem->type !== 'full-for-now') {
                        return $told + ['state' => 'refused', 'why' => $problem->problem->detail];
                    }
                    usleep(1000 * self::WAIT_MS);
                }
            }
        } finally {
            fclose($from);
        }
    }

    /** Waits until what was sent has been read. */
    private function awaited(Intakes $intakes, User $user): ?RunRecord
    {
        while (($run = $intakes->wake($user))?->status === RunRecord::RUNNING) {
            usleep(1000 * self::WAIT_MS);
        }

        return $run;
    }
}
