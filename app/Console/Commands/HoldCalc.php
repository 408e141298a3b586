<?php

declare(strict_types=1);

namespace App\Console\Commands;

use RushHold\Calculation\Calculations;
use RushHold\Faults\UnreadableDocument;
use RushHold\Faults\WrongType;

/** Prints one calculation as JSON. */
final class HoldCalc extends CraftCommand
{
    protected $signature = 'hold:calc {name : Name of the calculation} {input : Its numbers as a JSON object}';

    protected $description = 'Prints one calculation of the craft as JSON';

    protected function answer(): array
    {
        $calculation = Calculations::named($this->text($this->argument('name')));
        try {
            $input = json_decode($this->text($this->argument('input')), false, 8, JSON_THROW_ON_ERROR);
        } catch (\JsonException $broken) {
            throw UnreadableDocument::because('The input', lcfirst($broken->getMessage()));
        }

        return $calculation->of(
            is_object($input) ? get_object_vars($input) : throw WrongType::of('', $input, 'a JSON object'),
        );
    }
}
