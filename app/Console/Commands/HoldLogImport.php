<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Files\Files;
use App\Log\Intake\Intakes;

/** Takes the photographs of a folder into the log of an account. */
final class HoldLogImport extends CraftCommand
{
    use TakesIn;

    protected $signature = 'hold:log-import {folder : Folder with photographs, walked through}
        {--account= : Address of the account they are for}
        {--no-wait : Do not wait until they have been read}';

    protected $description = 'Takes photographs of a folder into the log, one JSON object a line: each file, then what has been read';

    public function __construct(private readonly Files $files, private readonly Intakes $intakes)
    {
        parent::__construct();
    }

    protected function answer(): iterable
    {
        $user = $this->account();
        $count = ['sent' => 0, 'known' => 0, 'refused' => 0];
        foreach (self::photographs($this->folder()) as $path) {
            $told = $this->hand($this->files, $this->intakes, $user, $path);
            $count[$told['state']]++;
            yield $told;
        }
        $run = $this->option('no-wait') === true ? null : $this->awaited($this->intakes, $user);
        yield $count + ($run === null ? [] : ['status' => $run->status] + get_object_vars($run->reading));
    }
}
