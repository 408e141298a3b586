<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Document\Reader;
use RushHold\Faults\UnknownChoice;
use RushHold\Faults\UnknownField;

/** The schools of practice a person has picked; a question left open is answered by the product's default. */
final readonly class Schools
{
    /** Every question and its answers, each in words. */
    public const QUESTIONS = [
        'hand' => ['Focus by hand', ['never' => 'never', 'in-clutter' => 'in clutter', 'always' => 'always']],
        'clutter' => [
            'In clutter',
            ['smallest-area' => 'smallest area', 'lock-on' => 'lock-on with detection', 'manual' => 'by hand'],
        ],
        'flight' => [
            'For flight',
            [
                'long-box' => 'wide zone',
                'large-zone' => 'large zone',
                'lock-on' => 'lock-on',
                'single-point' => 'one point',
            ],
        ],
        'sport' => ['For sport', ['single-centre' => 'one centre point', 'zone' => 'a zone']],
        'tuning' => [
            'Tuning',
            [
                'general' => 'left general',
                'sticky' => 'sticky',
                'per-scene' => 'per scene',
                'responsive' => 'responsive',
            ],
        ],
        'button' => [
            'Focus button',
            [
                'shutter' => 'shutter',
                'thumb' => 'thumb',
                'two-thumbs' => 'two thumbs',
                'three-buttons' => 'three buttons',
            ],
        ],
        'people' => ['On people', ['chest' => 'chest', 'face' => 'face']],
        'stabiliser' => ['Stabiliser in action', ['off' => 'off', 'panning' => 'panning mode']],
        'aperture' => ['Aperture', ['wide-open' => 'wide open', 'one-stop-down' => 'one stop down']],
        'auto_switch' => ['Auto-switch mode', ['net' => 'a safety net', 'never' => 'never']],
    ];

    /** @param  array<string, string>  $picked */
    private function __construct(private array $picked) {}

    /** @throws UnknownField|UnknownChoice */
    public static function read(Reader $schools): self
    {
        $picked = [];
        foreach ($schools->names() as $question) {
            $answers =
                self::answers()[$question] ??
                throw UnknownField::named($schools->path($question), array_keys(self::QUESTIONS));
            $answer = $schools->text($question);
            if (! in_array($answer, $answers, true)) {
                throw UnknownChoice::of($schools->path($question), $answer, $answers);
            }
            $picked[$question] = $answer;
        }

        return new self($picked);
    }

    /** @return array<string, list<string>> the answers there are, by question */
    public static function answers(): array
    {
        return array_map(static fn (array $told): array => array_keys($told[1]), self::QUESTIONS);
    }

    /** The answer picked for a question, or null when it was left to the default. */
    public function on(string $question): ?string
    {
        return $this->picked[$question] ?? null;
    }

    /** The answer picked for a question together with it, or null when it was left to the default. */
    public function answerTo(string $question): ?SchoolAnswer
    {
        $answer = $this->on($question);

        return $answer === null ? null : new SchoolAnswer($question, $answer);
    }

    /** The same with another answer to one question; null leaves it to the default. */
    public function with(string $question, ?string $answer): self
    {
        return new self(array_filter([...$this->picked, $question => $answer], is_string(...)));
    }
}
