<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Document\Reader;
use RushHold\Faults\NoUsableFocusMode;
use RushHold\Guard;
use RushHold\Optics\Sensor;

/** A camera body: its sensor, its speed, and what its autofocus offers. */
final readonly class Body
{
    /** The steps of pace, where a body has that dial. */
    public const PACES = [0, 1, 2];

    /**
     * @param  list<AfArea>  $areas
     * @param  list<FocusMode>  $modes
     * @param  list<Detection>  $detects
     * @param  list<AfArea>  $eyeDetectionAreas
     * @param  list<float>  $stayLevelsS  waiting time of each level of the stay dial; empty when the body has no such dial
     * @param  ?float  $outerPointsF  dimmest f-number at which the outer points of a reflex body work, null when nobody has said
     * @param  ?float  $centrePointsF  dimmest f-number at which it focuses at all, null when nobody has said
     * @param  list<FocusAid>  $aids  what helps the hand focus; none when nobody has said
     * @param  ?AfPoints  $points  its AF points, null when nobody has counted them
     * @param  ?int  $bufferFrames  frames it takes in one go, null when nobody has said
     * @param  Orientation  $orientation  how it is held; its sensor is given as it then is
     */
    private function __construct(
        public Sensor $sensor,
        public float $fps,
        public float $afLagS,
        public float $shortestShutterS,
        public AfSensor $afSensor,
        public array $areas,
        public array $modes,
        public array $detects,
        public array $eyeDetectionAreas,
        public array $stayLevelsS,
        public bool $hasPace,
        public bool $hasPick,
        public ?float $outerPointsF = null,
        public ?float $centrePointsF = null,
        public array $aids = [],
        public ?AfPoints $points = null,
        public ?int $bufferFrames = null,
        public Orientation $orientation = Orientation::Landscape,
    ) {}

    /** @throws \RushHold\Faults\Fault naming the first field that is amiss */
    public static function read(Reader $body): self
    {
        $modes = $body->choices('modes', FocusMode::class);
        if (array_diff(array_column($modes, 'value'), [FocusMode::AutoSwitch->value]) === []) {
            throw NoUsableFocusMode::among(array_column($modes, 'value'));
        }

        return new self(
            Sensor::of(
                $body->number('sensor_width_mm'),
                $body->number('sensor_height_mm'),
                $body->whole('pixels_wide'),
            ),
            Guard::above('body.fps', $body->number('fps'), 0.0),
            Guard::notNegative('body.af_lag_s', $body->number('af_lag_s'), 's'),
            Guard::above('body.shortest_shutter_s', $body->number('shortest_shutter_s'), 0.0, 's'),
            $body->choice('af_sensor', AfSensor::class),
            $body->choices('areas', AfArea::class),
            $modes,
            $body->choices('detects', Detection::class),
            $body->choices('eye_detection_areas', AfArea::class),
            $body->numbers('stay_levels_s'),
            $body->flag('has_pace'),
            $body->flag('has_pick'),
            $body->has('outer_points_f') ? $body->number('outer_points_f') : null,
            $body->has('centre_points_f') ? $body->number('centre_points_f') : null,
            $body->has('aids') ? $body->choices('aids', FocusAid::class) : [],
            $body->has('points') ? AfPoints::read($body->inside('points')) : null,
            $body->has('buffer_frames') ? $body->whole('buffer_frames') : null,
        );
    }

    public function offers(FocusMode $mode): bool
    {
        return in_array($mode, $this->modes, true);
    }

    /** Whether it focuses by itself through a lens this dim. */
    public function focusesAt(float $widestF): bool
    {
        return $this->centrePointsF === null || $widestF <= $this->centrePointsF * 1.01;
    }

    /** The same body through a lens this dim: the hand alone focuses where its own focus gives up. */
    public function through(float $widestF): self
    {
        if ($this->focusesAt($widestF) || ! $this->offers(FocusMode::Manual)) {
            return $this;
        }

        return $this->but($this->sensor, [FocusMode::Manual], $this->orientation);
    }

    /** The same body held so. */
    public function held(Orientation $orientation): self
    {
        return $orientation === $this->orientation
            ? $this
            : $this->but($this->sensor->turned(), $this->modes, $orientation);
    }

    /** @param  list<FocusMode>  $modes */
    private function but(Sensor $sensor, array $modes, Orientation $orientation): self
    {
        return new self(
            $sensor,
            $this->fps,
            $this->afLagS,
            $this->shortestShutterS,
            $this->afSensor,
            $this->areas,
            $modes,
            $this->detects,
            $this->eyeDetectionAreas,
            $this->stayLevelsS,
            $this->hasPace,
            $this->hasPick,
            $this->outerPointsF,
            $this->centrePointsF,
            $this->aids,
            $this->points,
            $this->bufferFrames,
            $orientation,
        );
    }

    /** Whether its detection knows this kind of subject. */
    public function detects(Detection $kind): bool
    {
        return $kind !== Detection::None && in_array($kind, $this->detects, true);
    }

    /** Whether it has this to help the hand focus. */
    public function helpsWith(FocusAid $aid): bool
    {
        return in_array($aid, $this->aids, true);
    }

    /** Whether eye detection works in this area. */
    public function findsEyesIn(AfArea $area): bool
    {
        return in_array($area, $this->eyeDetectionAreas, true);
    }

    /**
     * Whether a lens is too dim for the outer points of a reflex body.
     *
     * @param  float  $fromF  f-number from which it is, within a rounding of what is engraved
     */
    public function isTooDim(float $widestF, float $fromF): bool
    {
        return $this->isReflex() && $widestF >= $fromF * 0.99;
    }

    /** Whether it is a reflex body, whose points sit near the centre. */
    public function isReflex(): bool
    {
        return $this->afSensor !== AfSensor::OnImage;
    }
}
