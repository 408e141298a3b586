<?php

declare(strict_types=1);

namespace App\Outings;

use App\Models\OutingRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Weather\Forecast;
use RushHold\Document\Reader;
use RushHold\Habits\PlaceLight;
use RushHold\Light\Observer;
use RushHold\Outing\Weather;

/** From an outing as it is kept to one as the craft reads it: with its place, its rushes and their kits, and weather for hours nobody has typed. */
final readonly class OutingComposer
{
    public function __construct(private Forecast $forecast) {}

    /** @return array<string, mixed> outing/1; rushes that have been deleted are left out */
    public function document(OutingRecord $outing, User $user): array
    {
        $kept = Reader::plain($outing->document);

        $whole = array_merge($this->lightOf($outing), ['rushes' => $this->rushes($kept, $user)]);
        // what one's own frames have told of the place, where that is switched on, stands for what is typed
        $light = $user->learntOf(PlaceLight::FIGURE.$outing->place_id);
        if ($light !== null) {
            $whole['place'] = ['offset_stops' => max(-6.0, min(6.0, $light['value']))] + $whole['place'];
        }

        return $whole +
            array_intersect_key($kept, array_flip(['waters', 'tide', 'waters_go_on', 'walks']));
    }

    /** @return array{place: array<mixed>, sky: list<array<string, mixed>>, ...} outing/1 of which nothing but light and weather is wanted: it expects no rushes */
    public function lightOf(OutingRecord $outing): array
    {
        $kept = Reader::plain($outing->document);
        $place = Reader::plain($outing->place->document);

        return ['format' => 'outing/1', 'name' => $outing->name, 'place' => $place, 'rushes' => []] +
            ['sky' => $this->sky($kept, $place)] +
            array_intersect_key($kept, array_flip(['date', 'from', 'until', 'metered']));
    }

    /**
     * The hours of the weather: those typed, and made up ones for all others.
     *
     * @param  array<mixed>  $kept
     * @param  array<mixed>  $place
     * @return list<array<string, mixed>>
     */
    public function sky(array $kept, array $place): array
    {
        $of = Reader::of($place);
        $hours = [];
        foreach (
            $this->forecast->hours(
                Observer::at($of->number('latitude_deg'), $of->number('longitude_deg')),
                Reader::of($kept)->text('date'),
            ) as $hour => $weather
        ) {
            $hours[$hour] = ['hour' => $hour] + self::told($weather);
        }
        foreach (Reader::of($kept)->items('sky') as $typed) {
            if (is_array($typed) && is_int($typed['hour'] ?? null)) {
                $hours[$typed['hour']] = $typed;
            }
        }
        ksort($hours);

        return array_values($hours);
    }

    /** @return array<string, mixed> */
    private static function told(Weather $weather): array
    {
        return array_filter(
            [
                'sky' => $weather->sky->value,
                'temperature_c' => $weather->temperatureC,
                'wind_mps' => $weather->windMps,
                'visibility_m' => $weather->visibilityM,
                'made_up' => $weather->isMadeUp ?: null,
            ],
            static fn (mixed $value): bool => $value !== null,
        );
    }

    /**
     * @param  array<mixed>  $kept
     * @return list<array<string, mixed>>
     */
    private function rushes(array $kept, User $user): array
    {
        $expected = Reader::of($kept)->objects('rushes');
        $records = RushRecord::query()
            ->whereBelongsTo($user)
            ->whereKey(array_map(static fn (Reader $one): string => $one->text('rush_id'), $expected))
            ->with(RushRecord::WITH_KIT)
            ->get()
            ->keyBy('id');
        $told = [];
        foreach ($expected as $one) {
            $record = $records->get($one->text('rush_id'));
            if ($record instanceof RushRecord) {
                $told[] = [
                    'rush' => Reader::plain($record->document),
                    'kit' => Reader::plain($record->kit->document($record->focal_mm)),
                ] + array_diff_key($one->all(), ['rush_id' => 1]);
            }
        }

        return $told;
    }
}
