<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Aim;
use RushHold\Hold\AreaPlace;
use RushHold\Hold\Burst;
use RushHold\Hold\Hold;
use RushHold\Hold\ManualTechnique;
use RushHold\Hold\Pick;
use RushHold\Hold\Scheme;
use RushHold\Hold\StabiliserUse;
use RushHold\Kit\AfArea;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Kit\Kit;
use RushHold\Planning\Exposure\ExposureSettings;
use RushHold\Rush\SchoolAnswer;

/** A hold in the making: each chooser writes its own fields and says why. */
final class HoldDraft
{
    public ?FocusMode $focusMode = null;

    public ?ManualTechnique $technique = null;

    public ?AfArea $area = null;

    /** @var list<AreaScore> best first */
    public array $areaScores = [];

    public ?AreaPlace $place = null;

    public Detection $detection = Detection::None;

    public bool $eye = false;

    public ?int $stayLevel = null;

    public ?int $pace = null;

    public ?Pick $pick = null;

    public ?Aim $aim = null;

    public ?float $fps = null;

    public ?Burst $burst = null;

    public StabiliserUse $stabiliser = StabiliserUse::Off;

    /** @var ?array{float, ?float} */
    public ?array $limiterM = null;

    public ?ExposureSettings $settings = null;

    public ?Scheme $scheme = null;

    public ?HandWork $hand = null;

    /** @var list<Reason> */
    public array $reasons = [];

    /** @var list<Concession> */
    public array $concessions = [];

    /** @param  array<string, float|int|string|null>  $numbers  what it rests on and what its words tell */
    public function because(string $field, string $code, array $numbers = [], ?SchoolAnswer $school = null): void
    {
        $this->reasons[] = new Reason($field, $code, $numbers, $school);
    }

    /**
     * Says that a person has set this field, before the reason the numbers gave for it.
     *
     * @param  array<string, float|int|string|null>  $numbers  of what was set
     * @param  bool  $same  whether it was chosen so anyway
     */
    public function adopted(string $field, array $numbers, bool $same): void
    {
        foreach ($this->reasons as $at => $reason) {
            if ($reason->field === $field) {
                $this->reasons[$at] = $reason->after($numbers, $same);
            }
        }
    }

    /** @throws \LogicException when nothing has been said of the field yet */
    public function reason(string $field): Reason
    {
        foreach ($this->reasons as $reason) {
            if ($reason->field === $field) {
                return $reason;
            }
        }
        throw new \LogicException(sprintf('Nothing has been said of %s yet.', $field));
    }

    /** The score of the area chosen. */
    public function areaScore(): AreaScore
    {
        foreach ($this->areaScores as $score) {
            if ($score->area === $this->area) {
                return $score;
            }
        }
        throw new \LogicException('No area has been chosen yet.');
    }

    /** @throws \LogicException when a chooser has left a field open */
    public function hold(Kit $kit): Hold
    {
        if (
            $this->focusMode === null ||
            $this->area === null ||
            $this->place === null ||
            $this->aim === null ||
            $this->fps === null ||
            $this->burst === null ||
            $this->settings === null ||
            $this->scheme === null
        ) {
            throw new \LogicException('A plan needs every field of the hold chosen.');
        }

        return new Hold(
            $this->focusMode,
            $this->technique,
            $this->area,
            $this->place,
            $this->detection,
            $this->eye,
            $this->stayLevel,
            $this->pace,
            $this->pick,
            $this->aim,
            $this->fps,
            $this->burst,
            $this->stabiliser,
            $this->limiterM,
            $kit->lens->focalMm,
            $this->settings->shutterS,
            $this->settings->fNumber,
            $this->settings->iso,
            $this->scheme,
            $kit->body->orientation,
        );
    }
}
