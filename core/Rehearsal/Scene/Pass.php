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
            $scene, $way->distanceM, $way->crossingMps, $way->azimuthRad, $hand->asideM, $hand->aboveM,
            $between->gaps($way->azimuthRad), $between->gaps($aimRad), $measure, $chance,
            self::scatter($scene, $dice), self::scatter($scene, $dice),
            $dice->evens(1)[0], $scene->perfect ? 0.0 : $dice->normals(1)[0], $scene->perfect ? 0.0 : $dice->normals(1)[0],
            $between->obstacles($way->azimuthRad),
        );
    }

    /** Where the lens is pre-focused for the subject as it is in this step, in 1/m: about right. */
    public function prefocused(int $step): float
    {
        return 1 / ($this->distanceM[$step] * max(0.2, 1 + $this->scene->value('rehearse.prefocus') * $this->prefocus));
    }

    /**
     * Factors whose mean square is 1, so that many frames together blur as much as the plan reckons.
     *
     * @return list<float>
     */
    private static function scatter(Scene $scene, Dice $dice): array
    {
        $spread = $scene->perfect ? 0.0 : $scene->value('rehearse.scatter');
        $frames = (int) min(self::FRAMES, $scene->value('rehearse.buffer'), ceil($scene->steps * Scene::STEP_S * $scene->plan->situation->kit->body->fps) + 8);

        return array_map(static fn (float $normal): float => exp($spread * $normal - $spread ** 2), $dice->normals($frames));
    }
}
