<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\Files;
use App\Log\Intake\Intakes;

/** Takes in whatever comes into a folder that a camera or a card reader fills, for as long as it runs. */
final class HoldWatch extends CraftCommand
{
    use TakesIn;

    protected $signature = 'hold:watch {folder : Folder that a camera or a card reader fills}
        {--account= : Address of the account the photographs are for}
        {--every=1 : Seconds between two looks}
        {--for= : Ends after so many seconds; else it goes on until it is stopped}';

    protected $description = 'Takes photographs into the log as they come into a folder, one JSON object a line';

    public function __construct(private readonly Files $files, private readonly Intakes $intakes)
    {
        parent::__construct();
    }

    protected function answer(): iterable
    {
        $user = $this->account();
        $folder = $this->folder();
        $every = max(0.1, min(3600.0, (float) $this->text($this->option('every'))));
        $for = $this->text($this->option('for'));
        $until = is_numeric($for) ? microtime(true) + (float) $for : INF;
        $done = $grows = [];
        do {
            clearstatcache();
            foreach (self::photographs($folder) as $path) {
                $is = @filesize($path).' '.@filemtime($path);
                if (($done[$path] ?? null) === $is) {
                    continue;
                }
                // a file that is still being written has another length at the next look
                if (($grows[$path] ?? null) !== $is) {
                    $grows[$path] = $is;

                    continue;
                }
                $done[$path] = $is;
                unset($grows[$path]);
                yield $this->hand($this->files, $this->intakes, $user, $path);
            }
            usleep((int) (1e6 * $every));
        } while (microtime(true) < $until);
    }
}
