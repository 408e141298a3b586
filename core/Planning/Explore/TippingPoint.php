<?php

declare(strict_types=1);

namespace RushHold\Planning\Explore;

use RushHold\Hold\Hold;
use RushHold\Planning\HoldWords;
use RushHold\Wording\Units;

/** The nearest value of one word of the rush at which a field of the hold changes. */
final readonly class TippingPoint
{
    /**
     * @param  string  $dimension  speed, distance, light, front, behind, crossers, skill or support
     * @param  string  $direction  below, above, or to for a word
     * @param  float|string  $value  m/s, m or EV; the word's value otherwise
     * @param  float  $far  how far away it is: octaves for a number, steps for a word
     * @param  list<string>  $fields  what changes there, most telling first
     * @param  Hold  $there  the hold just beyond
     */
    public function __construct(
        public string $dimension,
        public string $direction,
        public float|string $value,
        public float $far,
        public array $fields,
        public Hold $there,
    ) {}

    /** "Nearer than 9.4 m", "With dense clutter in front". */
    public function condition(Units $units): string
    {
        $below = $this->direction === 'below';
        if (is_float($this->value)) {
            return match ($this->dimension) {
                'speed' => sprintf('%s than %s', $below ? 'Slower' : 'Faster', $units->speed($this->value)),
                'distance' => sprintf('%s than %s', $below ? 'Nearer' : 'Farther', $units->length($this->value)),
                default => sprintf('%s than EV %s', $below ? 'Darker' : 'Brighter', Units::figures($this->value)),
            };
        }

        return match ($this->dimension.' '.$this->value) {
            'front none' => 'With nothing in front',
            'front sparse' => 'With a few things in front',
            'front dense' => 'With dense clutter in front',
            'behind clean' => 'Before a clean background',
            'behind moderate' => 'With some shapes behind',
            'behind busy' => 'Before a busy background',
            'crossers none' => 'With nobody passing',
            'crossers occasional' => 'With others passing now and then',
            'crossers frequent' => 'With others passing all the time',
            'skill new' => 'Not yet practised',
            'skill settled' => 'Fairly practised',
            'skill expert' => 'Very practised',
            'support handheld' => 'Hand-held',
            'support braced' => 'Braced',
            'support monopod' => 'On a monopod',
            'support gimbal' => 'On a gimbal',
            default => 'On a locked tripod',
        };
    }

    /** What changes there, in words: "large zone, 1/4000". */
    public function change(Units $units): string
    {
        $told = array_values(array_diff($this->fields, ['area.place'])); // goes with the area, and says little in words

        return implode(', ', array_map(fn (string $field): string => HoldWords::word($field, $this->there, $units), array_slice($told === [] ? $this->fields : $told, 0, 3)));
    }

    /** @return array<string, mixed> */
    public function toArray(Units $units): array
    {
        return [
            'dimension' => $this->dimension, 'direction' => $this->direction, 'value' => $this->value,
            'condition' => $this->condition($units), 'change' => $this->change($units), 'fields' => $this->fields,
        ];
    }
}
