<?php

declare(strict_types=1);

namespace RushHold\Card;

use RushHold\Controls\HandTimes;
use RushHold\Controls\LayoutOnBody;
use RushHold\Dialect\BodyProfile;
use RushHold\Dialect\Translated;
use RushHold\Dialect\Translation;
use RushHold\Hold\HoldFields;
use RushHold\Hold\ManualTechnique;
use RushHold\Kit\AfArea;
use RushHold\Kit\BundlePart;
use RushHold\Planning\Explore\TippingPoint;
use RushHold\Planning\Plan;
use RushHold\Wording\CautionWords;
use RushHold\Wording\ConcessionWords;
use RushHold\Wording\HoldWords;
use RushHold\Wording\Plan\PlanDocument;
use RushHold\Wording\RoutineWords;
use RushHold\Wording\TippingWords;
use RushHold\Wording\Units;

/** One hold as it is carried into the field: what to set in the body's own words, which button, where to aim, what would change it. */
final readonly class CardPage
{
    /** Tipping points a card has room for. */
    private const TIPS = 4;

    /** What a bundle may bring beside the fields that make a hold. */
    private const BESIDES = [
        'drive' => BundlePart::Drive,
        'stabiliser' => BundlePart::Stabiliser,
        'shutter' => BundlePart::Shutter,
        'aperture' => BundlePart::Aperture,
        'iso' => BundlePart::Iso,
        'compensation' => BundlePart::Compensation,
    ];

    public function __construct(private BodyProfile $profile, private PreFlight $preFlight) {}

    /**
     * @param  string  $key  the hold's key in the layout
     * @param  list<TippingPoint>  $tips
     * @param  list<array{name: string, words: string}>  $fast  what must not be touched, and what it costs
     * @return array<string, mixed> of a page as a card shows it; what only its owner sees is added by app/Cards/CardComposer
     */
    public function of(
        string $key,
        string $name,
        Plan $plan,
        array $tips,
        array $fast,
        CameraState $left,
        ?LayoutOnBody $onBody,
        Units $units,
    ): array {
        $situation = $plan->situation;
        $changes = new Changes($this->profile, $situation->assumptions, $units);
        $words = $changes->words($plan->hold);
        $names = $this->profile->controlNames();
        $recalled = self::recalled($key, $onBody);
        // what the key brings stays set as it is for the hold the camera is on
        $byHand = static fn (Change $change): bool => ! in_array($change->field, $recalled, true);
        $lines = array_values(
            array_map(
                static fn (Translated $said): array => $said->toArray($names),
                array_diff_key($words, ['shutter' => 1, 'aperture' => 1, 'iso' => 1]),
            ),
        );

        return [
            'key' => $key,
            'name' => $name,
            'about' => [
                'called' => $situation->rush->subject->called ??
                    (string) preg_replace('/^an? /', '', $situation->rush->kind()->words),
                'length_m' => $situation->rush->subject->lengthM,
                'speed_mps' => $situation->rush->travel->speedMps,
            ],
            'settings' => [
                ['name' => $words['shutter']->name, 'word' => $words['shutter']->word],
                ['name' => $words['aperture']->name, 'word' => $words['aperture']->word],
                ['name' => $words['iso']->name, 'word' => $words['iso']->word],
                ['name' => $words['focus_mode']->name, 'word' => $words['focus_mode']->word],
            ],
            'lines' => $lines,
            'button' => $this->button($key, $onBody) + ['brings' => self::brings($words, $recalled)],
            'aim' => ['at' => $plan->hold->aim->words(), 'place' => self::place($plan)],
            'figure' => [
                'kind' => $situation->rush->subject->kind->value,
                'family' => $situation->rush->kind()->family->value,
                'aim_at' => $plan->hold->aim->value,
                'pattern' => $plan->hold->area->value,
            ] + PlanDocument::pane($plan),
            'technique' => $plan->hold->manualTechnique?->value,
            'trap_m' => $plan->hold->manualTechnique === ManualTechnique::Trap
                    ? $plan->draft->hand->trap->distanceM ?? $situation->rush->workM
                    : null,
            'distance' => [
                'near_m' => $situation->rush->nearM,
                'work_m' => $situation->rush->workM,
                'far_m' => $situation->rush->farM,
                'sharp_near_m' => $plan->depth->nearM,
                'sharp_far_m' => is_finite($plan->depth->farM) ? $plan->depth->farM : null,
            ],
            'focal' => Units::figures($plan->hold->focalMm).' mm',
            'zooms' => $plan->kit->lens->focalMinMm < $plan->kit->lens->focalMaxMm,
            'budget' => $plan->blur->limitMm > 0 ? $plan->blur->totalMm() / $plan->blur->limitMm : 0.0,
            'tips' => $this->tips($plan, $tips, $units),
            'frame' => $plan->hold->frame->value,
            'fast' => $fast,
            'routine' => (new RoutineWords($units, $this->profile->dialect->setting('aids')->words ?? []))->document(
                $plan,
            ),
            'gave_way' => array_map((new ConcessionWords($units))->what(...), $plan->draft->concessions),
            'cautions' => CautionWords::for($situation),
            'changes' => array_map(
                static fn (Change $change): array => $change->toArray(),
                array_values(array_filter($changes->between($left, $plan->hold), $byHand)),
            ),
            'pre_flight' => $this->preFlight->list($situation->rush, $plan->hold),
            'state_once_set' => CameraState::setTo($plan->hold)
                ->keeping($left, array_merge(...array_map(Changes::knownBy(...), $recalled)))
                ->toArray(),
        ];
    }

    /** @return list<string> fields of the body's words that a key of its own brings, so that no hand has to set them */
    private static function recalled(string $key, ?LayoutOnBody $onBody): array
    {
        $use = $onBody !== null && isset($onBody->holds[$key]) && $onBody->base() !== null
            ? $onBody->layout->recall($key)
            : null;
        if ($use === null || ! isset($onBody->profile->controls[$use->control])) {
            return [];
        }
        $carried = static fn (BundlePart $part): bool => in_array($part, $use->carries, true);

        return array_keys(array_filter(LayoutOnBody::FIELDS + self::BESIDES, $carried));
    }

    /**
     * @param  array<string, Translated>  $words
     * @param  list<string>  $recalled
     * @return list<array{name: string, word: string}> what the key sets by itself
     */
    private static function brings(array $words, array $recalled): array
    {
        return array_values(
            array_map(
                static fn (Translated $said): array => ['name' => $said->name, 'word' => $said->word],
                array_filter(
                    array_intersect_key($words, array_flip($recalled)),
                    static fn (Translated $said): bool => ! $said->lacks,
                ),
            ),
        );
    }

    /** @return array{how: string, seconds: ?float, control: ?string} the button that recalls it */
    private function button(string $key, ?LayoutOnBody $onBody): array
    {
        if ($onBody === null || ! isset($onBody->holds[$key])) {
            return ['how' => 'not laid on a control yet', 'seconds' => null, 'control' => null];
        }
        $base = $onBody->base();
        $use = $onBody->layout->recall($key);
        $control = $use === null ? null : $onBody->profile->controls[$use->control] ?? null;
        $times = new HandTimes($onBody, $onBody->assumptions);

        return match (true) {
            $use !== null && $control !== null && $base !== null => [
                'how' => 'hold '.$control->name,
                'seconds' => $times->byButton($base, $key, $use->carries),
                'control' => $control->id,
            ],
            $key === $base => [
                'how' => $onBody->layout->shutterFocuses
                    ? 'on the shutter: what the camera is set to'
                    : 'what the camera is set to',
                'seconds' => 0.0,
                'control' => null,
            ],
            default => [
                'how' => 'no button: by hand',
                'seconds' => $base === null ? null : $times->byHand($base, $key),
                'control' => null,
            ],
        };
    }

    private static function place(Plan $plan): string
    {
        $where = $plan->hold->place->words();

        return $plan->hold->area === AfArea::WholeFrame
            ? ''
            : ($where === ''
                ? 'area in the middle'
                : 'area '.$where);
    }

    /**
     * What would change the hold, as the page says it.
     *
     * @param  list<TippingPoint>  $tips
     * @return list<array{when: string, then: list<string>}> in the body's words
     */
    public function tips(Plan $plan, array $tips, Units $units): array
    {
        $translation = new Translation($this->profile, $plan->situation->assumptions, $units);
        $told = [];
        foreach ($tips as $tip) {
            if (array_diff($tip->fields, HoldFields::GRADUAL) === []) {
                continue;
            }
            $here = self::byField($translation->say($plan->hold));
            // tuning that only shows because the focus follows there is not what changes
            $tunes = preg_grep('/^tuning\./', $tip->fields) !== [];
            $there = array_filter(
                $translation->say($tip->there),
                static fn (Translated $said): bool => ($here[$said->field] ?? null) !== $said->word &&
                    ($tunes ||
                        isset($here[$said->field]) ||
                        ! in_array($said->field, ['tuning', 'stay', 'pace', 'pick'], true)),
            );
            $then = array_map(
                static fn (Translated $said): string => $said->name.': '.$said->word,
                array_values($there),
            );
            $other = array_intersect($tip->fields, ['manual_technique', 'aim', 'focal_mm']);
            $then = [
                ...$then,
                ...array_map(
                    static fn (string $field): string => HoldWords::word($field, $tip->there, $units),
                    array_values($other),
                ),
            ];
            if ($then !== []) {
                $told[] = ['when' => (new TippingWords($units))->condition($tip), 'then' => $then];
            }
        }

        return array_slice($told, 0, self::TIPS);
    }

    /**
     * @param  list<Translated>  $said
     * @return array<string, string>
     */
    private static function byField(array $said): array
    {
        return array_column(array_map(static fn (Translated $one): array => [$one->field, $one->word], $said), 1, 0);
    }
}
