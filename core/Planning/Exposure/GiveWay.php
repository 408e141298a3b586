<?php

declare(strict_types=1);

namespace RushHold\Planning\Exposure;

use RushHold\Optics\Diffraction;
use RushHold\Optics\StopScale;
use RushHold\Planning\Concession;
use RushHold\Planning\Situation;
use RushHold\Wording\Units;

/**
 * When light or depth runs short: gives way in one stated order and writes down each step and its price.
 * (1) the extra stop of aperture, (2) a softer standard, (3) the shutter down to custom's floor, (4) the shortfall.
 */
final class GiveWay
{
    /** @var list<Concession> */
    private array $concessions = [];

    public function __construct(
        private readonly Situation $situation,
        private readonly FrameBlur $blur,
        private readonly ExposureSearch $search,
        private readonly float $wantedF,
    ) {}

    /** @return array{ExposureCandidate, list<Concession>, float} the exposure, what gave way, and the stops of light still missing */
    public function settle(): array
    {
        $found = $this->keepDepth();
        $ceiling = $this->situation->rush->isoCeiling;
        if ($this->search->over($found, $ceiling)) {
            $found = $this->giveShutter($this->giveStandard($this->giveAperture($found)));
        } else {
            $found = $this->spendSpare($found);
        }
        $this->tellShortestShutter($found);
        $shortfall = $this->search->over($found, $ceiling) ? log($found->iso / $ceiling, 2) : 0.0;
        array_push(
            $this->concessions, ...LightConcessions::dark($this->situation, $found->iso, $shortfall),
            ...LightConcessions::bright($this->situation, $found->fNumber, $found->shutterS, $found->iso),
        );

        return [$found, $this->concessions, $shortfall];
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
                $this->concessions[] = $this->depthLost($least);

                return $least;
            }
            $this->concessions[] = new Concession(
                'standard', sprintf('%s instead of %s', self::name($softer->value), self::name($standard->value)),
                sprintf('No aperture leaves room for %s: %s.', self::name($standard->value), $this->worstTerm($least->fNumber)),
                0.0, $softer->limitMm($sensor) - $standard->limitMm($sensor),
            );
            $standard = $softer;
        }
    }

    /**
     * Where the budget allows a slower shutter than custom, spare light is spent on custom's: speeds are estimates, and a twitch is
     * faster than any of them. Light is spare as long as the ISO stays well under the ceiling.
     */
    private function spendSpare(ExposureCandidate $found): ExposureCandidate
    {
        $floorS = $this->situation->assumptions->value($this->situation->floorName());
        $spareIso = $this->situation->rush->isoCeiling / 2 ** $this->situation->assumptions->value('exposure.spare');
        if (! $this->situation->hasCustom() || $found->shutterS <= $floorS * 1.001) {
            return $found;
        }
        foreach (StopScale::shutters($this->search->shortestS) as $shutterS) {
            if ($shutterS < $found->shutterS && $shutterS >= $floorS * 0.999) {
                $tried = $this->search->with($found->fNumber, $shutterS, $found->standard, $found->requiredS);
                if (! $this->search->over($tried, max($spareIso, $this->search->baseIso))) {
                    return $tried;
                }
            }
        }

        return $found;
    }

    /** The body may simply have no shutter as fast as the motion asks for. */
    private function tellShortestShutter(ExposureCandidate $found): void
    {
        $limitMm = $this->situation->limitMm($found->standard);
        if ($found->requiredS !== null && $found->shutterS > $found->requiredS * 1.01 && $found->shutterS <= $this->search->shortestS * 1.001) {
            $this->concessions[] = new Concession(
                'limit', sprintf('%s of blur instead of %s', Units::blur($this->total($found)), Units::blur($limitMm)),
                sprintf('The budget asks for %s and %s is the fastest your body has.', Units::shutter($found->requiredS), Units::shutter($found->shutterS)),
                0.0, $this->total($found) - $limitMm,
            );
        }
    }

    private function depthLost(ExposureCandidate $found): Concession
    {
        $over = $this->blur->fixedMm($found->fNumber) - $this->situation->limitMm($found->standard);
        $depth = $this->situation->optic->depthOfField($found->fNumber, $this->situation->rush->workM, $this->situation->limitMm($found->standard));

        return new Concession(
            'depth', sprintf('only %s of depth is sharp', $this->situation->units->length($depth->depthM())),
            sprintf('Even at f/%s %s.', $found->fNumber, $this->worstTerm($found->fNumber)), 0.0, $over,
        );
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
            $this->concessions[] = new Concession(
                'aperture', sprintf('f/%s instead of f/%s', $given->fNumber, $found->fNumber),
                'The stop you close for sharpness is the first to go when light runs short.',
                log($found->iso / $given->iso, 2), max(0.0, $this->blur->lagMm($given->fNumber) - $this->blur->lagMm($found->fNumber)),
            );
        }

        return $given;
    }

    private function giveStandard(ExposureCandidate $found): ExposureCandidate
    {
        $sensor = $this->situation->kit->body->sensor;
        $ceiling = $this->situation->rush->isoCeiling;
        while ($this->search->over($found, $ceiling) && ($softer = $found->standard->softer($sensor)) !== null) {
            $given = $this->search->best($softer, $this->search->fNumbers[0])
                ?? $this->search->with($found->fNumber, $found->shutterS, $softer, null);
            $given = $this->search->over($given, $ceiling) ? $given : $this->search->tightened($given, $ceiling);
            $this->concessions[] = new Concession(
                'standard', sprintf('%s instead of %s', self::name($softer->value), self::name($found->standard->value)),
                $given->iso < $found->iso
                    ? sprintf('%s instead of %s brings the ISO from %.0f to %.0f.', Units::shutter($given->shutterS), Units::shutter($found->shutterS), $found->iso, $given->iso)
                    : sprintf('%s is needed even so; the frame is judged by the softer standard.', Units::shutter($given->shutterS)),
                max(0.0, log($found->iso / $given->iso, 2)), max(0.0, $this->total($given) - $found->standard->limitMm($sensor)),
            );
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
            $this->search->with($found->fNumber, StopScale::shutterAtMost($floorS, $this->search->shortestS), $found->standard, $found->requiredS), $ceiling,
        );
        $this->concessions[] = new Concession(
            'shutter', sprintf('%s instead of %s', Units::shutter($given->shutterS), Units::shutter($found->shutterS)),
            sprintf('Custom goes down to %s for this.', Units::shutter($floorS)),
            log($found->iso / $given->iso, 2), max(0.0, $this->total($given) - $this->situation->limitMm($found->standard)),
        );

        return $given;
    }

    private function total(ExposureCandidate $found): float
    {
        return $this->blur->budget($found->fNumber, $found->shutterS, $found->standard)->totalMm();
    }

    private function worstTerm(float $fNumber): string
    {
        $terms = [
            'the focus lag alone blurs '.Units::blur($this->blur->lagMm($fNumber)) => $this->blur->lagMm($fNumber),
            'the depth of the group alone blurs its ends by '.Units::blur($this->blur->groupMm($fNumber)) => $this->blur->groupMm($fNumber),
            'diffraction alone blurs '.Units::blur(Diffraction::fwhmMm($fNumber)) => Diffraction::fwhmMm($fNumber),
        ];
        arsort($terms);

        return array_key_first($terms);
    }

    private static function name(string $standard): string
    {
        return ['share' => 'sharp for sharing', 'detail' => 'fine detail', 'pixel' => 'pixel sharpness'][$standard] ?? $standard;
    }
}
