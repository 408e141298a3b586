<?php

declare(strict_types=1);

namespace RushHold\Dialect;

use RushHold\Document\Reader;
use RushHold\Faults\TwoOfOneName;
use RushHold\Kit\Body;
use RushHold\Kit\Care;
use RushHold\Kit\Control;

/** Everything known of one body: what it can do, what it calls it, its controls, and when it was looked after. */
final readonly class BodyProfile
{
    /** @param  array<string, Control>  $controls by id */
    private function __construct(
        public string $name,
        public Body $body,
        public Dialect $dialect,
        public array $controls,
        public Care $care,
    ) {}

    /**
     * @param  array<mixed>  $document  the "body" part of kit/1
     *
     * @throws \RushHold\Faults\Fault naming the first field that is amiss
     */
    public static function read(array $document, string $name = 'this body'): self
    {
        $reader = Reader::of($document, 'body');
        $controls = [];
        foreach ($reader->has('controls') ? $reader->objects('controls') : [] as $at => $one) {
            $control = Control::read($one);
            if (isset($controls[$control->id])) {
                throw TwoOfOneName::in('body.controls.'.$at.'.id', $control->id);
            }
            $controls[$control->id] = $control;
        }
        $dialect = Dialect::ofBody($document);
        self::refuseTwins($dialect);

        return new self(
            $reader->optionalText('name') ?? $name,
            Body::read($reader),
            $dialect,
            $controls,
            Care::read($reader),
        );
    }

    /** @return array<string, string> names of the controls by id */
    public function controlNames(): array
    {
        return array_map(static fn (Control $control): string => $control->name, $this->controls);
    }

    /** Two values of one setting with one word could not be told apart on the way back. */
    private static function refuseTwins(Dialect $dialect): void
    {
        $lists = [
            'tuning.presets' => array_column($dialect->tuning->presets, 'word'),
            'tuning.stay.steps' => self::stepWords($dialect->tuning, 'stay'),
            'tuning.pace.steps' => self::stepWords($dialect->tuning, 'pace'),
        ];
        foreach (array_keys(Dialect::SETTINGS) as $setting) {
            $lists[$setting.'.words'] = array_values($dialect->setting($setting)->words ?? []);
        }
        foreach ($lists as $field => $words) {
            $seen = [];
            foreach ($words as $at => $word) {
                $key = mb_strtolower(trim($word));
                if (isset($seen[$key])) {
                    throw TwoOfOneName::in(sprintf('body.dialect.%s.%s', $field, $at), $word);
                }
                $seen[$key] = true;
            }
        }
    }

    /** @return list<string> */
    private static function stepWords(Tuning $tuning, string $axis): array
    {
        return array_column(($axis === 'stay' ? $tuning->stay : $tuning->pace)->steps ?? [], 'word');
    }
}
