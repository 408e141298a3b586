<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Focus;

use RushHold\Hold\Hold;
use RushHold\Hold\Pick;
use RushHold\Kit\AfArea;
use RushHold\Planning\AreaScorer;
use RushHold\Planning\Situation;
use RushHold\Rehearsal\Scene\Scene;

/** Where autofocus looks, what it may take there, and how readily. Sizes and hazards are those of the area scores. */
final readonly class AfView
{
    /** Hazards of the area scores by what they make the focus take. */
    private const TAKES = [
        'part' => ['self', 'no-eye', 'group', 'pass'],
        'behind' => ['behind', 'foliage', 'side', 'tiny', 'unseen'],
        'nothing' => ['plain', 'pinpoint', 'sensor'],
    ];

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
    ) {}

    public static function through(Situation $situation, Scene $scene, Hold $hold): self
    {
        $area = $hold->area;
        $scorer = new AreaScorer($situation);
        $score = $scorer->of($area);
        $framing = $situation->framing;
        $halfRad = $score->width * $scene->following->halfFrameRad;
        $hazards = $scene->perfect ? [] : $score->hazards;
        $sums = array_map(static fn (array $names): float => array_sum(array_intersect_key($hazards, array_flip($names))), self::TAKES);
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
            $all * Scene::STEP_S / $scene->value('rehearse.hazard'),
            $all > 0 ? $sums['part'] / $all : 0.0,
            $all > 0 ? ($sums['part'] + $sums['behind']) / $all : 0.0,
            1 - exp(-($hazards['start'] ?? 0.0)),
            $framing->targetM / 2,
            $framing->depthM / 2,
        );
    }

    /** Whether the area lies on the target: the aim is off by no more than the larger of both halves and half of the smaller. */
    public function isOn(float $asideM, float $aboveM, float $distanceM): bool
    {
        return abs($asideM) < self::reach($this->halfRad * $distanceM, $this->halfPatchM)
            && abs($aboveM) < self::reach($this->halfUpRad * $distanceM, $this->halfPatchUpM);
    }

    private static function reach(float $halfArea, float $halfPatch): float
    {
        return max($halfArea, $halfPatch) + min($halfArea, $halfPatch) / 2;
    }
}
