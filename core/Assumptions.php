<?php

declare(strict_types=1);

namespace RushHold;

use RushHold\Faults\UnknownField;
use RushHold\Motion\Gait;
use RushHold\Motion\Pattern;
use RushHold\Motion\Skill;
use RushHold\Motion\Support;

/**
 * Every figure of the craft that is a judgement and not a law, in one place, and the values one person uses for them.
 *
 * A plan lists those it rested on. A person may change any of them; what is not changed keeps its default.
 */
final class Assumptions
{
    /** @var ?array<string, Assumption> */
    private static ?array $all = null;

    /** @param  array<string, float>  $changed */
    private function __construct(private readonly array $changed) {}

    public static function defaults(): self
    {
        return new self([]);
    }

    /**
     * @param  array<mixed>  $changed  values by name
     *
     * @throws Faults\Fault naming the first that is unknown or out of range
     */
    public static function with(array $changed): self
    {
        $kept = [];
        foreach ($changed as $name => $value) {
            $known = self::all()[$name] ?? throw UnknownField::named((string) $name, array_keys(self::all()));
            if (! is_int($value) && ! is_float($value)) {
                throw Faults\WrongType::of($known->name, $value, 'a number');
            }
            $kept[$known->name] = Guard::between($known->name, (float) $value, $known->least, $known->most, $known->unit);
        }

        return new self($kept);
    }

    public function value(string $name): float
    {
        return $this->changed[$name] ?? self::all()[$name]->default;
    }

    public function isChanged(string $name): bool
    {
        return array_key_exists($name, $this->changed);
    }

    /** η: the share of the crossing motion that the pan takes out. */
    public function panning(Skill $skill): float
    {
        return $this->value('panning.'.$skill->value);
    }

    /** ε: how much of that is lost because the subject is unpredictable. */
    public function erraticness(Pattern $pattern): float
    {
        return $this->value('erraticness.'.$pattern->value);
    }

    /** β: the share of the speed that goes into bob and jink. */
    public function bob(Gait $gait): float
    {
        return $this->value('bob.'.$gait->value);
    }

    /** ω in rad/s, before any stabiliser. */
    public function shake(Support $support): float
    {
        return $this->value('shake.'.$support->value);
    }

    /** @return array<string, Assumption> */
    public static function all(): array
    {
        return self::$all ??= array_column([...self::people(), ...self::subjects(), ...self::camera(), ...self::customs()], null, 'name');
    }

    /** @return list<Assumption> */
    private static function people(): array
    {
        $pan = 'Share of the crossing motion your pan takes out, ';
        $shake = 'How fast the camera turns in your hands while the shutter is open, ';
        $rule = 'assumed; hand-held restates one over the focal length at 30 µm';

        return [
            new Assumption('panning.new', 0.70, 0, 0.99, '', $pan.'not yet practised', 'assumed'),
            new Assumption('panning.settled', 0.85, 0, 0.99, '', $pan.'fairly practised', 'assumed'),
            new Assumption('panning.expert', 0.93, 0, 0.99, '', $pan.'very practised', 'assumed'),
            new Assumption('shake.handheld', 0.030, 0, 0.5, 'rad/s', $shake.'hand-held', $rule),
            new Assumption('shake.braced', 0.015, 0, 0.5, 'rad/s', $shake.'braced or lying', $rule),
            new Assumption('shake.monopod', 0.012, 0, 0.5, 'rad/s', $shake.'on a monopod', $rule),
            new Assumption('shake.gimbal', 0.006, 0, 0.5, 'rad/s', $shake.'on a gimbal', $rule),
            new Assumption('shake.locked', 0.003, 0, 0.5, 'rad/s', $shake.'on a locked tripod with a steadying hand', $rule),
            new Assumption('hand.lag', 0.15, 0, 1, 's', 'How late a beginner\'s hand follows the ring; practice takes off up to 70 %', 'assumed'),
        ];
    }

    /** @return list<Assumption> */
    private static function subjects(): array
    {
        $loss = 'Share of your pan that is lost because it ';
        $bob = 'Share of its speed that goes up, down and sideways in a body that ';

        return [
            new Assumption('erraticness.still', 0, 0, 1, '', $loss.'sits', 'assumed'),
            new Assumption('erraticness.steady', 0, 0, 1, '', $loss.'moves steadily', 'assumed'),
            new Assumption('erraticness.accelerating', 0.10, 0, 1, '', $loss.'changes speed', 'assumed'),
            new Assumption('erraticness.stop-start', 0.20, 0, 1, '', $loss.'stops and starts', 'assumed'),
            new Assumption('erraticness.sudden', 0.25, 0, 1, '', $loss.'bursts into view', 'assumed'),
            new Assumption('erraticness.erratic', 0.30, 0, 1, '', $loss.'jinks', 'assumed'),
            new Assumption('bob.vehicle', 0.01, 0, 0.5, '', $bob.'rolls', 'assumed'),
            new Assumption('bob.glide', 0.03, 0, 0.5, '', $bob.'glides', 'assumed'),
            new Assumption('bob.swim', 0.08, 0, 0.5, '', $bob.'swims', 'assumed'),
            new Assumption('bob.flap', 0.08, 0, 0.5, '', $bob.'flaps', 'assumed'),
            new Assumption('bob.run', 0.12, 0, 0.5, '', $bob.'runs', 'assumed'),
        ];
    }

    /** @return list<Assumption> */
    private static function camera(): array
    {
        return [
            new Assumption('focus.prediction', 0.9, 0, 1, '', 'Share of the closing motion that continuous focus predicts over its lag', 'assumed'),
            new Assumption('camera.base_iso', 100, 25, 800, '', 'Lowest ISO of the body', 'assumed: the kit does not say'),
            new Assumption('lens.smallest_f', 22, 8, 64, '', 'Smallest aperture of the lens, before any converter', 'assumed: the kit does not say'),
            new Assumption('focus.single_wait', 0.4, 0.05, 5, 's', 'From a single lock to the last frame of a short burst: reaction and three frames', 'assumed'),
        ];
    }

    /** @return list<Assumption> */
    private static function customs(): array
    {
        $floor = 'Slowest shutter by custom for ';

        return [
            new Assumption('floor.still', 1 / 400, 1 / 8000, 1, 's', $floor.'what sits', 'custom among practitioners'),
            new Assumption('floor.action', 1 / 1250, 1 / 8000, 1, 's', $floor.'what runs, swims or rides', 'custom among practitioners'),
            new Assumption('floor.flight_panned', 1 / 2000, 1 / 8000, 1, 's', $floor.'flight when you pan with it', 'custom among practitioners'),
            new Assumption('floor.flight', 1 / 4000, 1 / 16000, 1, 's', $floor.'flight when you do not pan', 'custom among practitioners'),
            new Assumption('pan.streak', 0.02, 0.002, 0.5, '', 'Streak of the background, as a share of the frame\'s width, that reads as speed', 'assumed'),
        ];
    }
}
