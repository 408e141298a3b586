<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** One school of practice that a person has picked: a question of {@see Schools::QUESTIONS} and its answer. */
final readonly class SchoolAnswer
{
    public function __construct(public string $question, public string $answer) {}
}
