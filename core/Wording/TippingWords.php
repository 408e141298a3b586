<?php

declare(strict_types=1);

namespace RushHold\Wording;

use RushHold\Planning\Explore\TippingPoint;

/** What would change an answer, as a person reads it. */
final readonly class TippingWords
{
    public function __construct(private Units $units) {}

    /** "Nearer than 9.4 m", "With dense clutter in front". */
    public function condition(TippingPoint $point): string
    {
        $below = $point->direction === 'below';
        if (is_float($point->value)) {
            return match ($point->dimension) {
                'speed' => sprintf('%s than %s', $below ? 'Slower' : 'Faster', $this->units->speed($point->value)),
                'distance' => sprintf('%s than %s', $below ? 'Nearer' : 'Farther', $this->units->length($point->value)),
                default => sprintf('%s than EV %s', $below ? 'Darker' : 'Brighter', Units::figures($point->value)),
            };
        }

        return match ($point->dimension.' '.$point->value) {
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
            'sky clear' => 'Under a clear sky',
            'sky hazy' => 'Under a hazy sky',
            'sky bright' => 'Under bright cloud',
            'sky overcast' => 'Under an overcast sky',
            'sky heavy' => 'Under heavy cloud',
            'support handheld' => 'Hand-held',
            'support braced' => 'Braced',
            'support monopod' => 'On a monopod',
            'support gimbal' => 'On a gimbal',
            default => 'On a locked tripod',
        };
    }

    /** What changes there: "large zone, 1/4000". */
    public function change(TippingPoint $point): string
    {
        $told = array_values(array_diff($point->fields, ['area.place'])); // goes with the area, and says little in words

        return implode(
            ', ',
            array_map(
                fn (string $field): string => $this->field($point, $field),
                array_slice($told === [] ? $point->fields : $told, 0, 3),
            ),
        );
    }

    /** One field's value there, with what it takes: "Nearer than 9.4 m: large zone." */
    public function flip(TippingPoint $point, string $field): string
    {
        return sprintf('%s: %s.', $this->condition($point), $this->field($point, $field));
    }

    /** @return array<string, mixed> as a plan shows it */
    public function document(TippingPoint $point): array
    {
        return [
            'dimension' => $point->dimension,
            'direction' => $point->direction,
            'value' => $point->value,
            'condition' => $this->condition($point),
            'change' => $this->change($point),
            'fields' => $point->fields,
        ];
    }

    private function field(TippingPoint $point, string $field): string
    {
        return HoldWords::word($field, $point->there, $this->units);
    }
}
