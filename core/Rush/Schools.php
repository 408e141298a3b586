<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Document\Reader;
use RushHold\Faults\UnknownChoice;
use RushHold\Faults\UnknownField;

/** The schools of practice a person has picked; a question left open is answered by the product's default. */
final readonly class Schools
{
    /** Every question and its answers. */
    public const ANSWERS = [
        'clutter' => ['smallest-area', 'lock-on', 'manual'],
        'flight' => ['long-box', 'large-zone', 'lock-on', 'single-point'],
        'sport' => ['single-centre', 'zone'],
        'tuning' => ['general', 'sticky', 'per-scene', 'responsive'],
        'button' => ['shutter', 'thumb', 'two-thumbs', 'three-buttons'],
        'people' => ['chest', 'face'],
        'stabiliser' => ['off', 'panning'],
        'aperture' => ['wide-open', 'one-stop-down'],
        'auto_switch' => ['net', 'never'],
    ];

    /** @param  array<string, string>  $picked */
    private function __construct(private array $picked) {}

    /** @throws UnknownField|UnknownChoice */
    public static function read(Reader $schools): self
    {
        $picked = [];
        foreach ($schools->names() as $question) {
            $answers = self::ANSWERS[$question] ?? throw UnknownField::named($schools->path($question), array_keys(self::ANSWERS));
            $answer = $schools->text($question);
            if (! in_array($answer, $answers, true)) {
                throw UnknownChoice::of($schools->path($question), $answer, $answers);
            }
            $picked[$question] = $answer;
        }

        return new self($picked);
    }

    /** The answer picked for a question, or null when it was left to the default. */
    public function on(string $question): ?string
    {
        return $this->picked[$question] ?? null;
    }

    /** The same with another answer to one question; null leaves it to the default. */
    public function with(string $question, ?string $answer): self
    {
        return new self(array_filter([...$this->picked, $question => $answer], is_string(...)));
    }
}
