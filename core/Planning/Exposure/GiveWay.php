<?php

declare(strict_types=1);

namespace RushHold\Planning\Exposure;

use RushHold\Optics\StopScale;
use RushHold\Planning\Concession;
use RushHold\Planning\Situation;
use RushHold\Rush\Sure;

/**
 * When light or depth runs short: gives way in one stated order and writes down each step and its price.
 * (1) the extra stop of aperture, (2) a softer standard, (3) the shutter down to custom's floor, (4) the shortfall.
 */
final class GiveWay
{
    /** @var list<Concession> */
    private array $concessions = [];

    private readonly Concessions $priced;

    public function __construct(
        private readonly Situation $situation,
        private readonly PlannedBlur $blur,
        private readonly ExposureSearch $search,
        private readonly float $wantedF,
        private readonly bool $stopByHabit = false,
    ) {
        $this->priced = new Concessions($situation, $blur);
    }

    /** @return array{ExposureCandidate, list<Concession>} the exposure, and what gave way; of light too little or too much the caller tells */
    public function settle(): array
    {
        $found = $this->keepDepth();
        $ceiling = $this->situation->rush->isoCeiling;
        if ($this->search->over($found, $ceiling)) {
            $found = $this->giveShutter($this->giveStandard($this->giveAperture($found)));
        } else {
            $found = $this->spendSpare($this->lensStopIfSpare($found));
        }
        $this->tellShortestShutter($found);

        return [$found, $this->concessions];
    }

    /** A standard that focus lag, depth and diffraction leave room for; where none does, the aperture with the least of them. */
    private function keepDepth(): ExposureCandidate
    {
        $sensor = $this->situation->kit->body->sensor;
        $standard = $this->situation->rush->standard;
        while (true) {
            $found = $this->search->best($standard, $this->wantedF);
            if ($found !== null) {
                return $found;
            }
            $least = $this->search->leastBlurred($standard, $this->wantedF);
            $softer = $standard->softer($sensor);
            if ($softer === null) {
                $this->concessions[] = $this->priced->depth($least);

                return $least;
            }
            $this->concessions[] = $this->priced->noRoom($standard, $softer, $least);
            $standard = $softer;
        }
    }

    /** The most ISO at which light still counts as spare. */
    private function spareIso(): float
    {
        return max(
            $this->situation->rush->isoCeiling / 2 ** $this->situation->assumptions->value('exposure.spare'),
            $this->search->baseIso,
        );
    }

    /** A stop closed for the lens's sake is taken from spare light only, unless it is the person's habit: opened again by thirds. */
    private function lensStopIfSpare(ExposureCandidate $found): ExposureCandidate
    {
        if ($this->stopByHabit || $found->fNumber > $this->wantedF * 1.001) {
            return $found;
        }
        foreach (array_reverse($this->search->fNumbers) as $stop) {
            if ($stop < $found->fNumber && $this->search->over($found, $this->spareIso())) {
                $wider = $this->search->best($found->standard, $stop);
                $found = $wider !== null && $wider->iso < $found->iso ? $wider : $found;
            }
        }

        return $found;
    }

    /**
     * Where the budget allows a slower shutter than custom, spare light is spent on custom's: speeds are estimates, and a twitch is
     * faster than any of them; then on most frames instead of half of them, unless the rush says in how many. Light is spare as long
     * as the ISO stays well under the ceiling.
     */
    private function spendSpare(ExposureCandidate $found): ExposureCandidate
    {
        if ($this->situation->hasCustom()) {
            $found = $this->quickened($found, $this->situation->assumptions->value($this->situation->floorName()));
        }
        if ($this->situation->rush->sure === null) {
            $mostS = $this->blur->requiredShutterS(
                $found->fNumber,
                $this->situation->limitMm($found->standard),
                Sure::Most,
            );
            $found = $mostS === null ? $found : $this->quickened($found, $mostS);
        }

        return $found;
    }

    /** The same with a shutter as near to this faster one as spare light goes. */
    private function quickened(ExposureCandidate $found, float $toS): ExposureCandidate
    {
        $toS =
            $toS < $found->shutterS * 0.999 ? StopScale::shutterAtMost($toS * 1.001, $this->search->shortestS) : $toS;
        foreach (StopScale::shutters($this->search->shortestS) as $shutterS) {
            if ($shutterS < $found->shutterS * 0.999 && $shutterS >= $toS * 0.999) {
                $tried = $this->search->with($found->fNumber, $shutterS, $found->standard, $found->requiredS);
                if (! $this->search->over($tried, $this->spareIso())) {
                    return $tried;
                }
            }
        }

        return $found;
    }

    /** The body may simply have no shutter as fast as the motion asks for. */
    private function tellShortestShutter(ExposureCandidate $found): void
    {
        if (
            $found->requiredS !== null &&
            $found->shutterS > $found->requiredS * 1.01 &&
            $found->shutterS <= $this->search->shortestS * 1.001
        ) {
            $this->concessions[] = $this->priced->shortestShutter($found, $found->requiredS);
        }
    }

    /** The extra stop of aperture, by thirds, no more than the light asks for. */
    private function giveAperture(ExposureCandidate $found): ExposureCandidate
    {
        $wider = array_filter(array_reverse($this->search->fNumbers), fn (float $stop): bool => $stop < $this->wantedF);
        $given = $found;
        foreach ($wider as $stop) {
            $tried = $this->search->best($found->standard, $stop);
            if ($tried !== null && $tried->iso < $given->iso) {
                $given = $tried;
                if (! $this->search->over($tried, $this->situation->rush->isoCeiling)) {
                    break;
                }
            }
        }
        if ($given !== $found) {
            $this->concessions[] = $this->priced->aperture($found, $given);
        }

        return $given;
    }

    private function giveStandard(ExposureCandidate $found): ExposureCandidate
    {
        $sensor = $this->situation->kit->body->sensor;
        $ceiling = $this->situation->rush->isoCeiling;
        while ($this->search->over($found, $ceiling) && ($softer = $found->standard->softer($sensor)) !== null) {
            $given =
                $this->search->best($softer, $this->search->fNumbers[0]) ??
                $this->search->with($found->fNumber, $found->shutterS, $softer, null);
            $given = $this->search->over($given, $ceiling) ? $given : $this->search->tightened($given, $ceiling);
            $this->concessions[] = $this->priced->standard($found, $given);
            $found = $given;
        }

        return $found;
    }

    /** The shutter, down to the slowest that custom allows, and no slower than the light asks for. */
    private function giveShutter(ExposureCandidate $found): ExposureCandidate
    {
        $ceiling = $this->situation->rush->isoCeiling;
        $floorS = $this->situation->assumptions->value($this->situation->floorName());
        if (! $this->search->over($found, $ceiling) || $found->shutterS >= $floorS * 0.999) {
            return $found;
        }
        $given = $this->search->tightened(
            $this->search->with(
                $found->fNumber,
                StopScale::shutterAtMost($floorS, $this->search->shortestS),
                $found->standard,
                $found->requiredS,
            ),
            $ceiling,
        );
        $this->concessions[] = $this->priced->shutter($found, $given, $floorS);

        return $given;
    }
}
