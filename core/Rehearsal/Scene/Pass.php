<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Scene;

/**
 * One pass, step by step, whatever the camera is set to: the same seed gives the same subject, the same things in between and
 * the same hand, so that two holds are tried on the very same moment.
 *
 * Everything is one list of numbers a step ({@see Scene::STEP_S}), because lists are what the language walks quickest.
 */
final readonly class Pass
{
    /** The most frames of one pass. */
    public const FRAMES = 512;

    /**
     * @param  list<float>  $distanceM  of the subject
     * @param  list<float>  $crossingMps  of its way without jinks: what the pan has to follow
     * @param  list<float>  $azimuthRad  of the subject, from where it is at the working distance
     * @param  list<float>  $asideM  the aim beside the target, at the subject
     * @param  list<float>  $aboveM  the aim above the target, at the subject
     * @param  list<float>  $gapRad  from the subject to the middle of the nearest obstacle
     * @param  list<float>  $aimGapRad  from the aim to the middle of the nearest obstacle
     * @param  list<float>  $measure  scatter of the measurement in this step
     * @param  list<float>  $chance  even between 0 and 1: what happens in this step or does not
     * @param  list<float>  $panScatter  factor on what the pan leaves, by frame
     * @param  list<float>  $shakeScatter  factor on the shake, by frame
     * @param  list<float>  $ownScatter  factor on its bob, sway and limbs, by frame
     * @param  float  $phase  when in the drive's beat the first frame comes, 0 to 1
     * @param  float  $timing  how early or late a press comes, in its spread
     * @param  float  $prefocus  how far off the pre-focus is, in its spread
     * @param  list<Obstacle>  $obstacles
     */
    private function __construct(
        public Scene $scene,
        public array $distanceM,
        public array $crossingMps,
        public array $azimuthRad,
        public array $asideM,
        public array $aboveM,
        public array $gapRad,
        public array $aimGapRad,
        public array $measure,
        public array $chance,
        public array $panScatter,
        public array $shakeScatter,
        public array $ownScatter,
        public float $phase,
        public float $timing,
        public float $prefocus,
        public array $obstacles,
    ) {}

    /** All chance is drawn in one order, so that what one part needs never shifts another. */
    public static function draw(Scene $scene, Dice $dice): self
    {
        $steps = $scene->steps;
        $way = SubjectPath::draw($scene, $dice);
        $hand = Hand::follow($scene, $way, $dice);
        $between = Obstacles::draw($scene, $way->azimuthRad, $dice);
        $measure = $scene->perfect ? array_fill(0, $steps, 0.0) : $dice->normals($steps);
        $chance = $dice->evens($steps);
        $aimRad = [];
        foreach ($way->azimuthRad as $at => $azimuth) {
            $aimRad[] = $azimuth + $hand->asideM[$at] / $way->distanceM[$at];
        }

        return new self(
            $scene,
            $way->distanceM,
            $way->crossingMps,
            $way->azimuthRad,
            $hand->asideM,
            $hand->aboveM,
            $between->gaps($way->azimuthRad),
            $between->gaps($aimRad),
            $measure,
            $chance,
            self::panScatter($scene, $dice),
            self::shakeScatter($scene, $dice),
            self::ownScatter($scene, $dice),
            $dice->evens(1)[0],
            $scene->perfect ? 0.0 : $dice->normals(1)[0],
            $scene->perfect ? 0.0 : $dice->normals(1)[0],
            $between->obstacles($way->azimuthRad),
        );
    }

    /** Where the lens is pre-focused for the subject as it is in this step, in 1/m: about right. */
    public function prefocused(int $step): float
    {
        return 1 / ($this->distanceM[$step] * max(0.2, 1 + $this->scene->value('rehearse.prefocus') * $this->prefocus));
    }

    /**
     * Factors on what the pan leaves: it errs to both sides, so many frames have next to nothing and some twice as much. Their mean
     * square is 1, so that many frames together blur as much as the plan reckons ({@see \RushHold\Motion\FrameSpread}).
     *
     * @return list<float>
     */
    private static function panScatter(Scene $scene, Dice $dice): array
    {
        return array_map(
            static fn (float $normal): float => $scene->perfect ? 1.0 : abs($normal),
            $dice->normals(self::frames($scene)),
        );
    }

    /**
     * Factors on the shake, whose mean square is 1 too.
     *
     * @return list<float>
     */
    private static function shakeScatter(Scene $scene, Dice $dice): array
    {
        $spread = $scene->perfect ? 0.0 : $scene->value('rehearse.scatter');

        return array_map(
            static fn (float $normal): float => exp($spread * $normal - $spread ** 2),
            $dice->normals(self::frames($scene)),
        );
    }

    /**
     * Factors on its own bob, sway and limbs: they swing, so a frame meets them anywhere between full speed and the turn. Their mean
     * square is 1 too.
     *
     * @return list<float>
     */
    private static function ownScatter(Scene $scene, Dice $dice): array
    {
        return array_map(
            static fn (float $chance): float => $scene->perfect ? 1.0 : M_SQRT2 * abs(cos(2 * M_PI * $chance)),
            $dice->evens(self::frames($scene)),
        );
    }

    /** The most frames there may be in a pass. */
    private static function frames(Scene $scene): int
    {
        return (int) min(
            self::FRAMES,
            $scene->plan->situation->kit->body->bufferFrames ?? $scene->value('rehearse.buffer'),
            ceil($scene->steps * Scene::STEP_S * $scene->plan->situation->kit->body->fps) + 8,
        );
    }

    /**
     * Whether it has come into view and is inside the frame.
     *
     * @param  float  $distanceM  how far away it is then
     */
    public function isInFrame(int $step, float $distanceM): bool
    {
        $aim = $this->scene->following;

        return $step >= $this->scene->arrives &&
            abs($aim->besideRad * $distanceM - $this->asideM[$step]) <= $aim->halfFrameRad * $distanceM &&
            abs($aim->highRad * $distanceM - $this->aboveM[$step]) <= $aim->halfFrameUpRad * $distanceM;
    }

    /**
     * Whether something stands between.
     *
     * @param  float  $distanceM  how far away it is then
     */
    public function isHidden(int $step, float $distanceM): bool
    {
        return $distanceM > $this->scene->strips->distanceM && $this->gapRad[$step] < $this->scene->strips->halfRad;
    }
}
