<?php

declare(strict_types=1);

namespace RushHold\Planning\Exposure;

use RushHold\Optics\Exposure;
use RushHold\Optics\SharpnessStandard;
use RushHold\Optics\StopScale;
use RushHold\Planning\Situation;

/** Looks through the apertures and shutters this camera has for the ones that keep a standard in this light. */
final readonly class ExposureSearch
{
    /** A sixth of a stop: as near as third-stops can come. */
    public const SIXTH = 1.122462;

    /** @var non-empty-list<float> */
    public array $fNumbers;

    public float $baseIso;

    public float $shortestS;

    private float $ev100;

    public function __construct(private Situation $situation, private PlannedBlur $blur)
    {
        $kit = $situation->kit;
        $this->fNumbers = $situation->fNumbers();
        $this->baseIso = $situation->assumptions->value('camera.base_iso');
        $this->shortestS = $kit->body->shortestShutterS;
        $this->ev100 = $situation->rush->ev100;
    }

    /**
     * The aperture from $fromF on that keeps the standard with the least ISO, at the longest shutter that does.
     * A narrower one must win a sixth of a stop to be taken. Null when no aperture leaves anything for movement.
     */
    public function best(SharpnessStandard $standard, float $fromF): ?ExposureCandidate
    {
        $limitMm = $this->situation->limitMm($standard);
        [$best, $leastIso, $tooBright] = [null, INF, null];
        foreach ($this->fNumbers as $fNumber) {
            $requiredS = $fNumber < $fromF ? null : $this->blur->requiredShutterS($fNumber, $limitMm);
            if ($requiredS === null) {
                continue;
            }
            $found = $this->at($fNumber, $requiredS, $standard, $requiredS);
            if ($this->tooBright($found)) {
                $tooBright = $found;

                continue;
            }
            $iso = max(
                $this->baseIso,
                Exposure::iso($this->ev100, $fNumber, max(min($requiredS, 3600), $this->shortestS)),
            );
            if ($iso * self::SIXTH < $leastIso) {
                [$best, $leastIso] = [$found, $iso];
            }
        }

        return $best ?? $tooBright;
    }

    /** Where no aperture keeps the standard: the one with the least blur that no shutter mends, the rest held to the limit by itself. */
    public function leastBlurred(SharpnessStandard $standard, float $fromF): ExposureCandidate
    {
        [$chosen, $least] = [$this->fNumbers[0], INF];
        foreach ($this->fNumbers as $fNumber) {
            $fixed = $this->blur->fixedMm($fNumber);
            if ($fNumber >= $fromF && $fixed < $least) {
                [$chosen, $least] = [$fNumber, $fixed];
            }
        }
        $rate = $this->blur->rateMmS();
        $limitMm = $this->situation->limitMm($standard);

        return $this->at($chosen, $rate > 0 ? $limitMm / $rate : INF, $standard, null);
    }

    /** The longest engraved shutter that is neither over $atMostS nor too bright for the lowest ISO. */
    public function at(
        float $fNumber,
        float $atMostS,
        SharpnessStandard $standard,
        ?float $requiredS,
    ): ExposureCandidate {
        $brightS = Exposure::shutterS($this->ev100, $fNumber, $this->baseIso) * self::SIXTH;
        $shutterS = StopScale::shutterAtMost(min($atMostS, $brightS), $this->shortestS);

        return $this->with($fNumber, $shutterS, $standard, $requiredS);
    }

    public function with(
        float $fNumber,
        float $shutterS,
        SharpnessStandard $standard,
        ?float $requiredS,
    ): ExposureCandidate {
        return new ExposureCandidate(
            $fNumber,
            $shutterS,
            Exposure::iso($this->ev100, $fNumber, $shutterS),
            $standard,
            $requiredS,
        );
    }

    /** Faster shutters than the budget asks, as long as the ISO stays under the ceiling: nothing is given away that light does not ask for. */
    public function tightened(ExposureCandidate $found, float $isoCeiling): ExposureCandidate
    {
        foreach (StopScale::shutters($this->shortestS) as $shutterS) {
            if (
                $shutterS < $found->shutterS &&
                ! $this->over(
                    $tried = $this->with($found->fNumber, $shutterS, $found->standard, $found->requiredS),
                    $isoCeiling,
                )
            ) {
                return $tried;
            }
        }

        return $found;
    }

    /** Whether it asks for more ISO than allowed, by more than rounding. */
    public function over(ExposureCandidate $found, float $isoCeiling): bool
    {
        return $found->iso > $isoCeiling * self::SIXTH;
    }

    public function tooBright(ExposureCandidate $found): bool
    {
        return $found->iso * self::SIXTH < $this->baseIso;
    }
}
