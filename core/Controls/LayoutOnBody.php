<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Assumptions\Assumptions;
use RushHold\Dialect\BodyProfile;
use RushHold\Dialect\Translated;
use RushHold\Dialect\Translation;
use RushHold\Kit\BundlePart;
use RushHold\Kit\Control;
use RushHold\Kit\ControlUse;

/** A layout on a body, with the holds of the day read in the body's words. */
final readonly class LayoutOnBody
{
    /** Fields of a hold that a bundle recalls, by the part of the bundle they belong to. */
    public const FIELDS = [
        'focus_mode' => BundlePart::FocusMode,
        'area' => BundlePart::Area,
        'detection' => BundlePart::Detection,
        'eye' => BundlePart::Detection,
        'tuning' => BundlePart::Tuning,
        'stay' => BundlePart::Tuning,
        'pace' => BundlePart::Tuning,
        'pick' => BundlePart::Tuning,
    ];

    /** @var array<string, DayHold> by key, only those the layout names */
    public array $holds;

    /** @var array<string, array<string, Translated>> what each hold says of the fields a bundle recalls, by key and field */
    public array $translations;

    /** @param  array<string, DayHold>  $holds */
    public function __construct(
        public BodyProfile $profile,
        public Layout $layout,
        array $holds,
        public Assumptions $assumptions,
    ) {
        $this->holds = array_filter(
            array_combine(
                $layout->holds,
                array_map(static fn (string $key): ?DayHold => $holds[$key] ?? null, $layout->holds),
            ),
        );
        $translation = new Translation($profile, $assumptions);
        $this->translations = array_map(static function (DayHold $laid) use ($translation): array {
            $said = array_column(
                array_map(
                    static fn (Translated $one): array => [$one->field, $one],
                    $translation->say($laid->hold, $laid->planned),
                ),
                1,
                0,
            );

            return array_intersect_key($said, self::FIELDS);
        }, $this->holds);
    }

    public function with(Layout $layout): self
    {
        return new self($this->profile, $layout, $this->holds, $this->assumptions);
    }

    /** Key of the hold the camera itself is set to: the one told, else the first of the day. */
    public function base(): ?string
    {
        return $this->layout->base !== null && isset($this->holds[$this->layout->base])
            ? $this->layout->base
            : array_key_first($this->holds);
    }

    /** @return list<string> fields a bundle recalls in which two holds differ on this body */
    public function differing(string $from, string $to): array
    {
        $fields = array_keys($this->translations[$from] + $this->translations[$to]);

        return array_values(
            array_filter(
                $fields,
                fn (string $field): bool => ($this->translations[$from][$field]->word ?? null) !==
                    ($this->translations[$to][$field]->word ?? null),
            ),
        );
    }

    /** @return list<Control> controls that can do this in these hands and do nothing yet, the best reached first */
    public function free(ControlUse $use): array
    {
        $free = array_filter(
            $this->profile->controls,
            fn (Control $control): bool => $this->layout->of($control->id) === [] &&
                $this->profile->dialect->setsWith($control->id) === null &&
                ($control->gloves || ! $this->layout->gloves) &&
                ($use === ControlUse::Recall ? $control->canRecall($this->layout->gloves) : $control->can($use)),
        );

        return self::byReach(array_values($free));
    }

    /**
     * The best reached first: the thumb's, then the fingers round the grip, then the left hand.
     *
     * @param  list<Control>  $controls
     * @return list<Control>
     */
    public static function byReach(array $controls): array
    {
        $rank = ['thumb' => 0, 'middle' => 1, 'ring' => 2, 'left-hand' => 3, 'index' => 4];
        usort(
            $controls,
            static fn (Control $a, Control $b): int => $rank[$a->finger->value] <=> $rank[$b->finger->value],
        );

        return $controls;
    }

    /**
     * All of a hold's bundle that a control may contain.
     *
     * @return list<BundlePart>
     */
    public static function bundleOn(Control $control): array
    {
        return array_values(array_filter($control->carries, static fn (BundlePart $part): bool => $part->isFocus()));
    }

    public function name(string $hold): string
    {
        return $this->holds[$hold]->name ?? 'a hold that is gone';
    }
}
