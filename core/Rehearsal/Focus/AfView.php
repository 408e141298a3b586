<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Focus;

use RushHold\Framing\OnTarget;
use RushHold\Hold\Hold;
use RushHold\Hold\Pick;
use RushHold\Kit\AfArea;
use RushHold\Planning\AreaScorer;
use RushHold\Planning\Situation;
use RushHold\Rehearsal\Scene\Scene;
use RushHold\Rush\Foreground;

/** Where autofocus looks, what it may take there, and how readily. Sizes and hazards are those of the area scores. */
final readonly class AfView
{
    /**
     * @param  float  $halfRad  half of the area, sideways
     * @param  float  $halfUpRad  the same, upwards
     * @param  float  $halfPatchM  half of what serves as target, sideways
     * @param  float  $halfPatchUpM  the same, upwards
     * @param  bool  $nearestWins  whether the nearest thing in the area is taken
     * @param  float  $halfGrabRad  half of where something in front is taken
     * @param  float  $keeps  chance that detection keeps it on the subject when something nearer comes in
     * @param  float  $hazard  chance in a step that a hazard comes
     * @param  float  $hazardPart  share of hazards that take a part of it or another beside it
     * @param  float  $hazardBehind  share of these and of those that take what is behind
     * @param  float  $wrongStart  chance that it starts on the wrong thing
     * @param  float  $halfTargetM  half of the patch that an obstacle has to touch
     * @param  float  $partM  how much nearer its nearest part is
     * @param  float  $misleads  chance that lock-on goes along with what hides its subject
     */
    private function __construct(
        public float $halfRad,
        public float $halfUpRad,
        public float $halfPatchM,
        public float $halfPatchUpM,
        public bool $nearestWins,
        public float $halfGrabRad,
        public float $keeps,
        public float $hazard,
        public float $hazardPart,
        public float $hazardBehind,
        public float $wrongStart,
        public float $halfTargetM,
        public float $partM,
        public float $misleads,
    ) {}

    public static function through(Situation $situation, Scene $scene, Hold $hold): self
    {
        $area = $hold->area;
        $scorer = new AreaScorer($situation);
        $score = $scorer->of($area);
        $framing = $situation->framing;
        $halfRad = $score->width * $scene->following->halfFrameRad;
        $sums = $scene->perfect ? ['part' => 0.0, 'behind' => 0.0, 'nothing' => 0.0] : $score->takes();
        $all = array_sum($sums);

        return new self(
            $halfRad,
            $score->height * $scene->following->halfFrameUpRad,
            $scorer->patchM($framing->widthM, $score->detection) / 2,
            $scorer->patchM($framing->heightM, $score->detection) / 2,
            $area->isZone() || $area === AfArea::WholeFrame,
            match (true) {
                $area === AfArea::LockOn => $framing->widthM / $situation->rush->workM / 2,
                $hold->pick === Pick::Centre && $area->isZone() => $halfRad / 2,
                default => $halfRad,
            },
            $hold->pick === Pick::Nearest ? 0.0 : $score->detection,
            ($all * Scene::STEP_S) / $scene->value('rehearse.hazard'),
            $all > 0 ? $sums['part'] / $all : 0.0,
            $all > 0 ? ($sums['part'] + $sums['behind']) / $all : 0.0,
            $scene->perfect ? 0.0 : 1 - exp(-($score->hazards['start'] ?? 0.0)),
            $framing->targetM / 2,
            $framing->depthM / 2,
            $area === AfArea::LockOn && ! $scene->perfect ? self::misleads($situation) : 0.0,
        );
    }

    /** How readily lock-on follows what stands or passes before its subject. */
    private static function misleads(Situation $situation): float
    {
        $mean = $situation->assumptions->value(
            $situation->rush->clutter->foreground === Foreground::None ? 'pull.lock_on.pass' : 'pull.lock_on.front',
        );

        return 1 - exp(-$mean);
    }

    /** Whether the area lies on the target. */
    public function isOn(float $asideM, float $aboveM, float $distanceM): bool
    {
        return abs($asideM) < OnTarget::reach($this->halfRad * $distanceM, $this->halfPatchM) &&
            abs($aboveM) < OnTarget::reach($this->halfUpRad * $distanceM, $this->halfPatchUpM);
    }
}
