<?php

declare(strict_types=1);

namespace RushHold\Assumptions;

use RushHold\Faults\Fault;
use RushHold\Faults\UnknownField;
use RushHold\Faults\WrongType;
use RushHold\Guard;
use RushHold\Motion\Gait;
use RushHold\Motion\Pattern;
use RushHold\Motion\Skill;
use RushHold\Motion\Support;
use RushHold\Rush\Catalogue;
use RushHold\Rush\Posture;

/**
 * Every figure of the craft that is a judgement and not a law, in one place, and the values one person uses for them.
 *
 * A plan lists those it rested on. A person may change any of them; what is not changed keeps its default.
 */
final class Assumptions
{
    /** @var ?array<string, Assumption> */
    private static ?array $all = null;

    /** @var ?array<string, float> */
    private static ?array $defaults = null;

    /** @var array<string, float> */
    private readonly array $values;

    /** @var array<string, true> names of those that have been read, in the order of their first reading */
    private array $read = [];

    /** @param  array<string, float>  $changed */
    private function __construct(private readonly array $changed)
    {
        self::$defaults ??= array_map(static fn (Assumption $one): float => $one->default, self::all());
        $this->values = $changed + self::$defaults;
    }

    /** The same figures, of which none has been read yet: whatever rests on them is told by {@see read()}. */
    public function unread(): self
    {
        return new self($this->changed);
    }

    /** @return list<string> names of those that have been read, and on which everything reckoned from these rests */
    public function read(): array
    {
        return array_keys($this->read);
    }

    /**
     * The same figures but for some.
     *
     * @param  array<string, float>  $other  values by name, within their ranges
     */
    public function but(array $other): self
    {
        return new self($other + $this->changed);
    }

    public static function defaults(): self
    {
        return new self([]);
    }

    /**
     * @param  array<mixed>  $changed  values by name
     *
     * @throws Fault naming the first that is unknown or out of range
     */
    public static function with(array $changed): self
    {
        $kept = [];
        foreach ($changed as $name => $value) {
            $known = self::all()[$name] ?? throw UnknownField::named((string) $name, array_keys(self::all()));
            if (! is_int($value) && ! is_float($value)) {
                throw WrongType::of($known->name, $value, 'a number');
            }
            $kept[$known->name] = Guard::between(
                $known->name,
                (float) $value,
                $known->least,
                $known->most,
                $known->unit,
            );
        }

        return new self($kept);
    }

    /**
     * What somebody once chose, as far as it can be used today: figures that are gone are left out, and those whose range has become
     * narrower go to its nearer end.
     *
     * @param  array<mixed>  $changed  values by name
     */
    public static function kept(array $changed): self
    {
        $kept = [];
        foreach ($changed as $name => $value) {
            $known = self::all()[$name] ?? null;
            if ($known !== null && (is_int($value) || is_float($value)) && is_finite((float) $value)) {
                $kept[$known->name] = max($known->least, min($known->most, (float) $value));
            }
        }

        return new self($kept);
    }

    public function value(string $name): float
    {
        $this->read[$name] = true;

        return $this->values[$name];
    }

    /**
     * Those whose names begin so, as a person reads and changes them.
     *
     * @param  list<string>  $beginnings
     * @return list<array{name: string, meaning: string, unit: string, value: float, default: float, least: float, most: float}>
     */
    public function told(array $beginnings): array
    {
        $told = [];
        foreach (self::all() as $one) {
            if (
                array_filter($beginnings, static fn (string $begins): bool => str_starts_with($one->name, $begins)) !==
                []
            ) {
                $told[] = [
                    'name' => $one->name,
                    'meaning' => $one->meaning,
                    'unit' => $one->unit,
                    'value' => $this->value($one->name),
                    'default' => $one->default,
                    'least' => $one->least,
                    'most' => $one->most,
                ];
            }
        }

        return $told;
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

    /**
     * How a posture is stretched out, in shares of the length.
     *
     * @return array{along: float, across: float, upwards: float, head_forwards: float, head_up: float}
     */
    public function posture(Posture $posture): array
    {
        $share = fn (string $part): float => $this->value("posture.{$posture->value}.{$part}");

        return [
            'along' => $share('along'),
            'across' => $share('across'),
            'upwards' => $share('upwards'),
            'head_forwards' => $share('head_forwards'),
            'head_up' => $share('head_up'),
        ];
    }

    /** ω in rad/s, before any stabiliser. */
    public function shake(Support $support): float
    {
        return $this->value('shake.'.$support->value);
    }

    /** @return array<string, Assumption> */
    public static function all(): array
    {
        return self::$all ??= array_column(
            [
                ...self::people(),
                ...self::subjects(),
                ...self::camera(),
                ...self::customs(),
                ...self::aim(),
                ...self::areas(),
                ...self::clutter(),
                ...self::tracking(),
                ...self::postures(),
                ...self::hand(),
                ...self::pulls(),
                ...self::fingers(),
                ...self::card(),
                ...self::rehearsal(),
                ...self::light(),
                ...self::air(),
            ],
            null,
            'name',
        );
    }

    /** @return list<Assumption> */
    private static function people(): array
    {
        $pan = 'Share of the crossing motion your pan takes out, ';
        $shake = 'How fast the camera turns in your hands while the shutter is open, ';
        $rule = 'assumed; hand-held restates one over the focal length at 30 µm';

        return [
            new Assumption('panning.new', 0.7, 0, 0.99, '', $pan.'not yet practised', 'assumed'),
            new Assumption('panning.settled', 0.85, 0, 0.99, '', $pan.'fairly practised', 'assumed'),
            new Assumption('panning.expert', 0.93, 0, 0.99, '', $pan.'very practised', 'assumed'),
            new Assumption('shake.handheld', 0.03, 0, 0.5, 'rad/s', $shake.'hand-held', $rule),
            new Assumption('shake.braced', 0.015, 0, 0.5, 'rad/s', $shake.'braced or lying', $rule),
            new Assumption('shake.monopod', 0.012, 0, 0.5, 'rad/s', $shake.'on a monopod', $rule),
            new Assumption('shake.gimbal', 0.006, 0, 0.5, 'rad/s', $shake.'on a gimbal', $rule),
            new Assumption('shake.locked', 0.003, 0, 0.5, 'rad/s', $shake.'on a locked tripod with a steadying hand', $rule),
            new Assumption('hand.lag', 0.15, 0, 1, 's', 'How late a beginner\'s hand follows the ring', 'assumed'),
            new Assumption('hand.practised', 0.7, 0, 0.99, '', 'How much of that lateness full practice takes off', 'assumed'),
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
            new Assumption('erraticness.accelerating', 0.1, 0, 1, '', $loss.'changes speed', 'assumed'),
            new Assumption('erraticness.stop-start', 0.2, 0, 1, '', $loss.'stops and starts', 'assumed'),
            new Assumption('erraticness.sudden', 0.25, 0, 1, '', $loss.'bursts into view', 'assumed'),
            new Assumption('erraticness.erratic', 0.3, 0, 1, '', $loss.'jinks', 'assumed'),
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
            new Assumption('lens.stop_most_f', 11, 1, 64, '', 'f-number past which a stop for the lens\'s sake loses more to diffraction than it gains', 'custom among practitioners'),
            new Assumption('focus.single_wait', 0.4, 0.05, 5, 's', 'From a single lock to the last frame of a short burst: reaction and three frames', 'assumed'),
        ];
    }

    /** @return list<Assumption> */
    private static function customs(): array
    {
        $floor = 'Slowest shutter by custom for ';
        $streak = 'Streak of the background, as a share of the frame\'s width, that reads as ';

        return [
            new Assumption('floor.still', 1 / 400, 1 / 8000, 1, 's', $floor.'what sits', 'custom among practitioners'),
            new Assumption('floor.action', 1 / 1250, 1 / 8000, 1, 's', $floor.'what runs, swims or rides', 'custom among practitioners'),
            new Assumption('floor.flight_panned', 1 / 2000, 1 / 8000, 1, 's', $floor.'flight when you pan with it', 'custom among practitioners'),
            new Assumption('floor.flight', 1 / 4000, 1 / 16000, 1, 's', $floor.'flight when you do not pan', 'custom among practitioners'),
            new Assumption('exposure.spare', 2, 0, 10, 'stops', 'How far under your ISO ceiling light counts as spare, to be spent on custom\'s shutter', 'assumed'),
            new Assumption('pan.streak.hint', 0.025, 0.002, 0.5, '', $streak.'a hint of speed', 'assumed'),
            new Assumption('pan.streak.plain', 0.06, 0.002, 0.5, '', $streak.'plain speed', 'assumed'),
            new Assumption('pan.streak.long', 0.12, 0.002, 0.5, '', $streak.'lines', 'assumed'),
            new Assumption('pan.smear', 0.06, 0.005, 1, 'mm', 'Smear of the subject that still reads as sharp beside streaks, on a 36 × 24 mm sensor', 'assumed'),
            new Assumption('exposure.tolerance', 0.005, 0, 1, '', 'Share of the blur limit by which it may be passed before that is told, with dials you have set', 'assumed'),
        ];
    }

    /** @return list<Assumption> */
    private static function aim(): array
    {
        $hold = 'How far your aim wanders at rest, one sigma, ';
        $late = 'How late your aim is behind a crossing subject, ';

        return [
            new Assumption('aim.handheld', 0.0025, 0, 0.05, 'rad', $hold.'hand-held', 'assumed'),
            new Assumption('aim.braced', 0.0014, 0, 0.05, 'rad', $hold.'braced or lying', 'assumed'),
            new Assumption('aim.monopod', 0.0012, 0, 0.05, 'rad', $hold.'on a monopod', 'assumed'),
            new Assumption('aim.gimbal', 0.0008, 0, 0.05, 'rad', $hold.'on a gimbal', 'assumed'),
            new Assumption('aim.locked', 0.0004, 0, 0.05, 'rad', $hold.'on a locked tripod', 'assumed'),
            new Assumption('aim.late.new', 0.055, 0, 0.5, 's', $late.'not yet practised', 'assumed'),
            new Assumption('aim.late.settled', 0.03, 0, 0.5, 's', $late.'fairly practised', 'assumed'),
            new Assumption('aim.late.expert', 0.016, 0, 0.5, 's', $late.'very practised', 'assumed'),
            new Assumption('aim.late.unpanned', 0.1, 0, 1, 's', $late.'when you do not pan', 'assumed'),
            new Assumption('aim.upwards', 0.35, 0, 1, '', 'Share of that lateness which goes up and down', 'assumed'),
            new Assumption('aim.grounded', 0.25, 0, 1, '', 'Share of its jinks that go up and down for what cannot fly', 'assumed'),
            new Assumption('aim.fidget', 0.05, 0, 1, 's', 'How much of a sitting subject\'s speed turns into nods and steps aside before you follow', 'assumed'),
            new Assumption('aim.bob', 0.08, 0, 1, 's', 'How long its bob runs one way before it turns back', 'assumed'),
            new Assumption('aim.entry', 0.16, 0, 0.5, '', 'How far beside the place you expect it, it comes in, as a share of the frame', 'assumed'),
            new Assumption('person.reaction', 0.25, 0.05, 1, 's', 'From seeing to pressing', 'assumed'),
            new Assumption('aim.recover.new', 0.35, 0, 3, 's', 'How long your aim stays off when it slips, not yet practised', 'assumed'),
            new Assumption('aim.recover.settled', 0.2, 0, 3, 's', 'How long your aim stays off when it slips, fairly practised', 'assumed'),
            new Assumption('aim.recover.expert', 0.12, 0, 3, 's', 'How long your aim stays off when it slips, very practised', 'assumed'),
            new Assumption('aim.hardly', 0.05, 0, 1, 's', 'A slip of the aim too short to notice', 'assumed'),
            new Assumption('aim.hardly_off', 0.02, 0, 1, '', 'Share of the time your aim may be off before a slip is waited for', 'assumed'),
            new Assumption('aim.back', 125, 90, 180, '°', 'Bearing from which it shows its back and no eye', 'assumed'),
            new Assumption('aim.face_turned', 75, 0, 180, '°', 'Bearing up to which the face of a moving person can be had', 'assumed'),
            new Assumption('aim.face_hidden', 110, 0, 180, '°', 'Bearing beyond which the face of one who keeps its place is turned away', 'assumed'),
            new Assumption('aim.smallest_head', 0.004, 0.0001, 0.2, '', 'Share of the frame\'s width below which a head is too small to aim at', 'assumed'),
        ];
    }

    /** @return list<Assumption> */
    private static function areas(): array
    {
        $sizes = [
            'spot' => [0.012, 0.018, 'a pinpoint'],
            'single-point' => [0.03, 0.045, 'one point'],
            'point-plus' => [0.075, 0.11, 'an expanded point'],
            'zone-small' => [0.16, 0.22, 'a small zone'],
            'zone-wide' => [0.5, 0.2, 'a wide zone'],
            'zone-tall' => [0.17, 0.62, 'a tall zone'],
            'zone-large' => [0.42, 0.5, 'a large zone'],
            'whole-frame' => [1.0, 1.0, 'the whole frame'],
            'lock-on' => [1.0, 1.0, 'what lock-on follows in'],
        ];
        $all = [];
        foreach ($sizes as $id => [$width, $height, $words]) {
            $all[] = new Assumption("area.{$id}.width", $width, 0.002, 1, '', "Width of {$words}, as a share of the frame", 'assumed: your body\'s manual shows its own');
            $all[] = new Assumption("area.strays.{$id}", 1, 0.1, 10, '×', 'How many times more readily than reckoned something else takes the focus from '.($id === 'lock-on' ? 'lock-on' : $words), 'assumed: your own frames tell');
            $all[] = new Assumption("area.{$id}.height", $height, 0.002, 1, '', "Height of {$words}, as a share of the frame", 'assumed: your body\'s manual shows its own');
        }

        return [
            ...$all,
            new Assumption('area.reflex.width', 0.55, 0.05, 1, '', 'Width of the field that a reflex body\'s points cover', 'assumed'),
            new Assumption('area.reflex.height', 0.45, 0.05, 1, '', 'Height of the field that a reflex body\'s points cover', 'assumed'),
            new Assumption('area.reflex.dim_f', 8, 2, 64, '', 'f-number from which a reflex body loses its outer points', 'assumed'),
            new Assumption('area.start.new', 0.72, 0, 1, '', 'How often you start lock-on on the right thing, not yet practised', 'assumed'),
            new Assumption('area.start.settled', 0.9, 0, 1, '', 'How often you start lock-on on the right thing, fairly practised', 'assumed'),
            new Assumption('area.start.expert', 0.96, 0, 1, '', 'How often you start lock-on on the right thing, very practised', 'assumed'),
            new Assumption('area.as_good', 0.015, 0.001, 0.2, '', 'Points of chance by which two areas count as equally good', 'assumed'),
        ];
    }

    /**
     * Hazards: how readily something else takes the focus. Each is a mean count of wrong things; the chance of none is exp(−sum).
     *
     * @return list<Assumption>
     */
    private static function clutter(): array
    {
        $front = 'Wrong things in front for an area as large as the frame, ';
        $behind = 'Wrong things behind for an area as large as the frame, ';
        $pass = 'Others passing through an area as large as the frame, ';

        return [
            new Assumption('clutter.front.sparse', 1.0, 0, 20, '', $front.'sparse', 'assumed'),
            new Assumption('clutter.front.dense', 7.0, 0, 20, '', $front.'dense', 'assumed'),
            new Assumption('clutter.behind.moderate', 0.6, 0, 20, '', $behind.'some shapes', 'assumed'),
            new Assumption('clutter.behind.busy', 1.8, 0, 20, '', $behind.'busy', 'assumed'),
            new Assumption('clutter.pass.occasional', 0.8, 0, 20, '', $pass.'now and then', 'assumed'),
            new Assumption('clutter.pass.frequent', 2.6, 0, 20, '', $pass.'all the time', 'assumed'),
            new Assumption('clutter.gap', 20, 0.1, 1000, 'm', 'Gap behind the subject at which a background has lost half of what distance takes from it', 'assumed'),
            new Assumption('clutter.far', 0.5, 0, 1, '', 'Share of a background that counts however far behind the subject it is', 'assumed'),
            new Assumption('clutter.similar', 1.6, 1, 10, '', 'How much more a background counts that has the subject\'s tone', 'assumed'),
            new Assumption('clutter.foliage', 0.8, 0, 20, '', 'Wrong things when leaves move, for lock-on', 'assumed'),
            new Assumption('clutter.self', 0.5, 0, 5, '', 'Wing tip, ear or twig of its own that takes the focus at shallow depth', 'assumed'),
            new Assumption('clutter.group', 0.3, 0, 5, '', 'Each other one of its kind beside it, for an area as large as the frame', 'assumed'),
            new Assumption('clutter.unseen', 0.9, 0, 5, '', 'Missing whoever leads or comes in, for an area without size', 'assumed'),
            new Assumption('clutter.side', 0.6, 0, 5, '', 'The whole frame taking something on the side where nothing comes from', 'assumed'),
            new Assumption('clutter.plain', 0.35, 0, 5, '', 'Finding nothing on a plain subject, for an area without size', 'assumed'),
            new Assumption('clutter.pinpoint', 0.3, 0, 5, '', 'A pinpoint on something that moves finding nothing to hold on', 'assumed'),
            new Assumption('clutter.no_eye', 0.06, 0, 5, '', 'Focus on the body instead of the eye where the area finds no eyes', 'assumed'),
            new Assumption('clutter.tiny', 0.35, 0, 5, '', 'An automatic area passing over a subject too small to stand out', 'assumed'),
            new Assumption('detection.least', 0.03, 0.001, 0.5, '', 'Smallest share of the frame\'s width at which detection still finds it half the time', 'assumed'),
            new Assumption('detection.eye_least', 0.01, 0.0005, 0.2, '', 'Smallest share of the frame\'s width the head may have for eye detection', 'assumed'),
        ];
    }

    /** @return list<Assumption> */
    private static function tracking(): array
    {
        $speeding = 'How fast it may change speed, as a share of its speed each second, when it ';

        return [
            new Assumption('obstacle.place', 0.8, 0.01, 0.99, '', 'Where obstacles stand when the rush does not say, as a share of the distance', 'assumed'),
            new Assumption('obstacle.margin', 1.2, 1, 5, '', 'Waiting kept in hand over the longest time hidden', 'assumed'),
            new Assumption('obstacle.pass_speed', 3, 0.1, 50, 'm/s', 'How fast others cross the view of a subject that keeps its place', 'assumed'),
            new Assumption('obstacle.frequent', 1.6, 1, 5, '', 'How much longer it is hidden when one who passes is followed by the next', 'assumed'),
            new Assumption('obstacle.longest', 10, 0.1, 60, 's', 'Longest time hidden that is reckoned with', 'assumed'),
            new Assumption('pace.horizon', 0.25, 0.02, 2, 's', 'How far ahead the camera predicts', 'assumed'),
            new Assumption('pace.accelerating', 0.15, 0, 5, '/s', $speeding.'speeds up or slows', 'assumed'),
            new Assumption('pace.stop-start', 0.4, 0, 5, '/s', $speeding.'stops and starts', 'assumed'),
            new Assumption('pace.sudden', 0.3, 0, 5, '/s', $speeding.'bursts into view', 'assumed'),
            new Assumption('pace.erratic', 0.5, 0, 5, '/s', $speeding.'jinks', 'assumed'),
            new Assumption('stay.switching', 0.1, 0, 2, 's', 'Longest waiting that still lets you take whoever comes', 'assumed'),
            new Assumption('stay.hopping', 0.3, 0, 2, 's', 'Longest waiting that still lets you change to whoever leads', 'assumed'),
            new Assumption('stay.sure_aim', 0.85, 0, 1, '', 'How often one point would be on it, for the responsive school to wait least', 'assumed'),
            new Assumption('stay.fair_aim', 0.5, 0, 1, '', 'How often one point would be on it, for the responsive school not to wait longest', 'assumed'),
            new Assumption('pace.steady', 0.25, 0, 1, '', 'Share of the half depth within which a constant speed may be assumed', 'assumed'),
            new Assumption('act.brake', 1.5, 0.2, 20, 's', 'Time in which something that lands comes to a stand', 'assumed'),
            new Assumption('act.hover', 0.5, 0, 5, 'm/s', 'How much something that hovers moves about', 'assumed'),
            new Assumption('act.dive', 5, 0, 9.8, 'm/s²', 'How much faster something that dives becomes', 'below gravity, which is all that pulls it'),
            new Assumption('motion.travels', 0.5, 0, 5, 'm/s', 'Speed below which it does not travel but faces where it likes', 'assumed'),
            new Assumption('motion.spring', 0.3, 0.02, 2, 's', 'How long what springs away needs to its burst\'s speed, and how much of that should stay in the frame', 'assumed'),
            new Assumption('motion.climb', 0.6, 0, 1, '', 'Share of its way that goes up when a bird springs, or something comes up from below', 'assumed'),
            new Assumption('motion.walk', 3, 0, 20, 'm/s', 'Speed above which what moves shows itself as it runs or flies', 'assumed'),
            new Assumption('routine.far_ground', 40, 1, 1000, 'm', 'How far behind it a background is far enough', 'assumed'),
            new Assumption('routine.shaky', 0.3, 0, 5, '', 'Share of the blur limit from which shaking hands are worth steadying', 'assumed'),
            new Assumption('routine.sure', 0.95, 0, 1, '', 'How often an area keeps the right thing for nothing to be said about losing it', 'assumed'),
            new Assumption('routine.most', 0.8, 0, 1, '', 'Share of all blur that is most of it', 'assumed'),
            new Assumption('routine.air', 100, 5, 20000, 'm', 'Distance from which warm air blurs more than the settings do', 'assumed'),
            new Assumption('routine.warm', 12, -6, 20, 'EV', 'Light in which the ground warms the air', 'assumed'),
            new Assumption('routine.lead', 3, 0.2, 30, 's', 'How long before the frame what comes on is picked up', 'custom among practitioners'),
            new Assumption('routine.shows', 0.25, 0, 5, '', 'Share of the half depth by which the plane must trail in 0.25 s for a burst to show it', 'assumed'),
            new Assumption('routine.likely', 0.05, 0, 1, '', 'Share of frames from which a fault is worth looking for', 'assumed'),
            new Assumption('help.step', 1.3, 1.05, 3, '', 'How many times as far or as near is tried when help is looked for', 'assumed'),
            new Assumption('help.bright', 14, -6, 20, 'EV', 'Light from which waiting for more is no help', 'assumed'),
            new Assumption('odds.poor', 0.15, 0, 1, '', 'Share of sharp frames under which a plan says so before anything else', 'assumed'),
            new Assumption('odds.dark', 3, 0, 12, 'stops', 'How much too dark a frame may be and still be brought up afterwards', 'assumed'),
            new Assumption('frame.fill', 0.9, 0.3, 1, '', 'Share of the frame that subject and wander together may fill', 'assumed'),
            new Assumption('frame.room', 0.12, 0, 0.4, '', 'How far off the centre a subject goes that has a side to move into, as a share of the frame', 'assumed'),
            new Assumption('frame.awaited', 1.6, 0, 4, '', 'How much farther out a subject is awaited that is not there yet', 'assumed'),
            new Assumption('frame.margin', 0.03, 0, 0.2, '', 'Least room between a subject and the edge of the frame it is put near, as a share of the frame', 'assumed'),
            new Assumption('frame.turn_gain', 1.2, 1, 3, '', 'How much larger the subject must come out for the camera to be turned', 'assumed'),
            new Assumption('frame.turn_least', 0.3, 0, 1, '', 'Share of the frame below which the subject is so small that turning the camera gains nothing', 'assumed'),
            new Assumption('frame.turn_across', 35, 0, 90, '°', 'Bearing off the lens axis from which it goes across rather than towards or away', 'assumed'),
            new Assumption('frame.lead', 0.2, 0, 0.5, '', 'Room before the aim of what is hardly wider than the frame, as a share of its width', 'assumed'),
            new Assumption('frame.aim_top', 0.3, 0, 0.5, '', 'How near the top the aim may come of what is taller than the frame, as a share of its height', 'assumed'),
            new Assumption('drive.still_fps', 5, 0.5, 240, '/s', 'Frames a second that are enough for what sits', 'assumed'),
            new Assumption('trap.smallest', 0.6, 0.05, 1, '', 'Least size in the frame, against that at the working distance, that a trap may leave it', 'assumed'),
            new Assumption('trap.better', 0.05, 0, 1, '', 'Share of frames more that are worth setting the plane elsewhere', 'assumed'),
        ];
    }

    /**
     * How bodies are stretched out, and how large the patch is that must be sharp: as the catalogue has them.
     *
     * @return list<Assumption>
     */
    private static function postures(): array
    {
        $all = [];
        foreach (Posture::cases() as $posture) {
            [$along, $across, $upwards] = $posture->shares();
            [$forwards, $up] = $posture->head();
            $of = ' '.$posture->words().', as a share of its length';
            $name = 'posture.'.$posture->value;
            $all[] = new Assumption($name.'.along', $along, 0.05, 4, '', 'How long is'.$of, 'assumed');
            $all[] = new Assumption($name.'.across', $across, 0.05, 4, '', 'How wide across its way is'.$of, 'assumed');
            $all[] = new Assumption($name.'.upwards', $upwards, 0.05, 4, '', 'How tall is'.$of, 'assumed');
            $all[] = new Assumption($name.'.head_forwards', $forwards, 0, 0.6, '', 'How far before its middle is the head of'.$of, 'assumed');
            $all[] = new Assumption($name.'.head_up', $up, 0, 0.6, '', 'How far above its middle is the head of'.$of, 'assumed');
        }
        foreach (Catalogue::all() as $kind) {
            $all[] = new Assumption('patch.'.$kind->id, $kind->target, 0.01, 1, '', "Patch of {$kind->words} that must be sharp, as a share of its length", 'assumed');
            $all[] = new Assumption('sway.'.$kind->id, $kind->swayMps, 0, 5, 'm/s', "How much {$kind->words} moves at the least, standing still: it sways, breathes, turns its head", 'assumed');
        }

        return $all;
    }

    /** @return list<Assumption> */
    private static function hand(): array
    {
        return [
            new Assumption('af.acquire', 0.25, 0, 5, 's', 'Time for autofocus to get hold of it', 'averaged over repeated trials, yours may differ'),
            new Assumption('af.recover', 2.2, 0.05, 20, 's', 'Time for autofocus to come back from a wrong grab', 'averaged over repeated trials, yours may differ'),
            new Assumption('hand.acquire', 0.55, 0, 5, 's', 'Time for your hand to focus', 'averaged over repeated trials, yours may differ'),
            new Assumption('hand.correct', 0.4, 0, 5, 's', 'Time for your hand to correct', 'averaged over repeated trials, yours may differ'),
            new Assumption('hand.hit_least', 0.4, 0, 1, '', 'How often a first try by hand hits, without practice', 'assumed'),
            new Assumption('hand.hit_most', 0.9, 0, 1, '', 'How often a first try by hand hits, with full practice', 'assumed'),
            new Assumption('hand.able', 0.6, 0, 1, '', 'Skill by hand from which the numbers may choose manual focus', 'assumed'),
            new Assumption('hand.margin', 0.15, 0, 1, '', 'How much better the hand must be before it is chosen over autofocus', 'assumed'),
            new Assumption('hand.sweep', 1.0, 0.1, 10, 's', 'Time of one sweep of the ring from the nearest to the farthest it may be', 'assumed'),
            new Assumption('hand.window', 1.0, 0.1, 30, 's', 'How long the moment lasts that you follow by hand', 'assumed'),
            new Assumption('camera.shutter_lag', 0.05, 0, 0.5, 's', 'From pressing to the first frame', 'assumed'),
        ];
    }

    /**
     * How the kinds of area differ in what they take, against an area of their size.
     *
     * @return list<Assumption>
     */
    private static function pulls(): array
    {
        return [
            new Assumption('pull.lock_on.front', 1.2, 0, 5, '', 'Share of the things in front that lock-on may take, as if it were an area of this size', 'assumed'),
            new Assumption('pull.whole.behind', 0.8, 0, 5, '', 'How readily the whole frame takes the background', 'assumed'),
            new Assumption('pull.lock_on.same_tone', 1, 0, 5, '', 'How readily lock-on takes a background of the subject\'s tone', 'assumed'),
            new Assumption('pull.lock_on.behind', 0.4, 0, 5, '', 'How readily lock-on takes another background', 'assumed'),
            new Assumption('pull.box.front', 2.3, 1, 10, '', 'How much more readily a zone or the whole frame takes what stands in front, where the nearest wins', 'assumed'),
            new Assumption('pull.box.behind', 0.5, 0, 5, '', 'How readily a point or zone takes the background', 'assumed'),
            new Assumption('pull.lock_on.pass', 0.5, 0, 5, '', 'Share of those passing that lock-on may take, as if it were an area of this size', 'assumed'),
            new Assumption('pull.whole.foliage', 0.8, 0, 5, '', 'Moving leaves for the whole frame, against lock-on', 'assumed'),
            new Assumption('pull.zone.foliage', 0.4, 0, 5, '', 'Moving leaves for a zone, against lock-on', 'assumed'),
            new Assumption('detection.mends', 0.8, 0, 1, '', 'Share of grabs at nearer parts that detection prevents', 'assumed'),
            new Assumption('pull.lock_on.self', 0.6, 0, 5, '', 'How readily lock-on takes a nearer part, against an area of its size', 'assumed'),
            new Assumption('pull.lock_on.group', 0.3, 0, 5, '', 'Share of the others of its kind that lock-on may take', 'assumed'),
            new Assumption('pull.lock_on.unseen', 0.8, 0, 5, '', 'Missing whoever leads, for lock-on', 'assumed'),
            new Assumption('pull.lock_on.nothing', 1.75, 0, 5, '', 'How much more lock-on misses while there is nothing to start it on', 'assumed'),
            new Assumption('pull.waiting.clean', 0.1, 0, 5, '', 'The whole frame settling on a clean background before anything comes in', 'assumed'),
            new Assumption('pull.waiting.moderate', 0.5, 0, 5, '', 'The whole frame settling on a moderate background before anything comes in', 'assumed'),
            new Assumption('pull.waiting.busy', 1, 0, 5, '', 'The whole frame settling on a busy background before anything comes in', 'assumed'),
            new Assumption('pull.whole.leader', 0.4, 0, 5, '', 'The whole frame taking another than whoever leads', 'assumed'),
            new Assumption('pull.pick', 0.5, 0, 1, '', 'What the pick dial leaves of missing whoever leads or comes in, inside a zone', 'assumed'),
            new Assumption('pull.lock_on.plain', 0.3, 0, 5, '', 'Lock-on losing a plain subject', 'assumed'),
            new Assumption('pull.tiny', 0.12, 0.001, 1, '', 'Share of the frame from which an automatic area passes over nothing', 'assumed'),
            new Assumption('sensor.line.low', 0.5, 0, 5, '', 'Line sensors seeing nothing across them on a subject of low detail', 'assumed'),
            new Assumption('sensor.line.medium', 0.2, 0, 5, '', 'Line sensors seeing nothing across them on a subject of medium detail', 'assumed'),
            new Assumption('sensor.line.high', 0.08, 0, 5, '', 'Line sensors seeing nothing across them on a subject of high detail', 'assumed'),
            new Assumption('detection.same_tone', 0.6, 0, 1, '', 'What a background of its tone leaves of detection', 'assumed'),
            new Assumption('detection.plain', 0.6, 0, 1, '', 'What a plain subject leaves of detection', 'assumed'),
            new Assumption('detection.sparse', 0.75, 0, 1, '', 'What a few things in front leave of detection in wide areas', 'assumed'),
            new Assumption('detection.dense', 0.25, 0, 1, '', 'What dense clutter in front leaves of detection in wide areas', 'assumed'),
            new Assumption('detection.best', 0.9, 0, 1, '', 'How often detection finds a clear, large subject', 'assumed'),
            new Assumption('area.reflex.dim_left', 0.5, 0.05, 1, '', 'What a dim lens leaves of a reflex body\'s field, each way', 'assumed'),
        ];
    }

    /**
     * Seconds of a change at the camera: a keystroke-level model (Card, Moran and Newell 1980), with the field's own figures.
     *
     * @return list<Assumption>
     */
    private static function fingers(): array
    {
        return [
            new Assumption('switch.button', 0.2, 0, 5, 's', 'Pressing a button', 'assumed; keystroke-level model, Card, Moran and Newell 1980'),
            new Assumption('switch.click', 0.15, 0, 5, 's', 'One click of a dial', 'assumed'),
            new Assumption('switch.menu', 0.45, 0, 5, 's', 'One step in a menu', 'assumed'),
            new Assumption('switch.look', 1.35, 0, 10, 's', 'Finding your way where the eye leaves the finder', 'assumed; mental preparation, Card, Moran and Newell 1980'),
            new Assumption('switch.move', 0.1, 0, 5, 's', 'Moving a finger from one button to the next', 'assumed'),
            new Assumption('switch.lever', 0.4, 0, 5, 's', 'Moving a lever or a switch on the lens', 'assumed'),
            new Assumption('dialect.pace', 1.5, 0, 10, '', 'How many levels of hold a step of pace counts when the nearest preset is looked for', 'assumed'),
            new Assumption('dialect.pick', 1, 0, 10, '', 'How many levels of hold another pick counts when the nearest preset is looked for', 'assumed'),
        ];
    }

    /** @return list<Assumption> */
    private static function card(): array
    {
        return [
            new Assumption('care.firmware', 120, 1, 3650, 'd', 'Days after which you look for firmware again', 'assumed'),
            new Assumption('care.contacts', 60, 1, 3650, 'd', 'Days after which the contacts are looked at again', 'assumed'),
            new Assumption('care.tuned', 365, 1, 3650, 'd', 'Days after which a reflex body and its lens are fine-tuned again', 'assumed'),
            new Assumption('care.long_lens', 400, 50, 2000, 'mm', 'Focal length from which a lens in the hand is heavy to hold up', 'assumed'),
            new Assumption('care.dark', 8, -6, 20, 'EV', 'Light below which you work in the dark', 'assumed'),
        ];
    }

    /**
     * What a rehearsal needs beyond a plan: how a moment runs in time.
     *
     * @return list<Assumption>
     */
    private static function rehearsal(): array
    {
        return [
            new Assumption('rehearse.pass', 3, 0.5, 10, 's', 'Longest pass that is played', 'assumed'),
            new Assumption('rehearse.arrival', 0.3, 0, 3, 's', 'When what is not there yet comes into view', 'assumed'),
            new Assumption('rehearse.sits', 0.6, 0.1, 3, 's', 'How long what will spring is watched before it goes', 'assumed'),
            new Assumption('rehearse.jink', 0.25, 0.02, 2, 's', 'How long a jink goes one way', 'assumed'),
            new Assumption('rehearse.return', 1, 0.1, 60, 's', 'How soon it comes back to its way after a jink', 'assumed'),
            new Assumption('rehearse.fidget', 0.3, 0.02, 5, 's', 'How long what sits keeps a lean', 'assumed'),
            new Assumption('rehearse.scatter', 0.35, 0, 2, '', 'How much your hands shake more or less from frame to frame: spread of the logarithm', 'assumed'),
            new Assumption('rehearse.twig', 0.02, 0.001, 2, 'm', 'Width of what stands in front when the rush does not say', 'assumed'),
            new Assumption('rehearse.passer', 0.5, 0.01, 10, 'm', 'Width of whoever passes when the rush does not say', 'assumed'),
            new Assumption('rehearse.hazard', 2, 0.1, 60, 's', 'How long a subject is followed for a hazard to come once', 'assumed'),
            new Assumption('rehearse.measures', 0.12, 0, 2, '', 'Scatter of one measurement of autofocus, as a share of the half depth at the widest aperture', 'assumed'),
            new Assumption('rehearse.memory.0', 0.12, 0.01, 2, 's', 'How far back tracking looks for its speed at pace 0, which takes it as constant', 'assumed'),
            new Assumption('rehearse.memory.1', 0.05, 0.01, 2, 's', 'How far back tracking looks for its speed at pace 1', 'assumed'),
            new Assumption('rehearse.memory.2', 0.05, 0.01, 2, 's', 'How far back tracking looks at pace 2, which takes changes of speed as going on', 'assumed'),
            new Assumption('rehearse.no_wait', 0.3, 0, 3, 's', 'How long a body without a dial waits after losing it', 'assumed'),
            new Assumption('rehearse.glimpse', 0.04, 0, 1, 's', 'Time to take a subject again that is still almost sharp', 'assumed'),
            new Assumption('rehearse.grab', 0.08, 0, 2, 's', 'Time to take something in front', 'assumed'),
            new Assumption('rehearse.soft', 0.005, 0.0001, 0.2, '', 'Blur, as a share of the frame, from which taking it needs the whole time of a first focus', 'assumed'),
            new Assumption('rehearse.lost', 0.05, 0.001, 0.5, '', 'Blur, as a share of the frame, from which autofocus needs its whole time to come back', 'assumed'),
            new Assumption('rehearse.dim', 5, -4, 14, 'EV', 'Light below which autofocus slows', 'assumed'),
            new Assumption('rehearse.dim_half', 2, 0.2, 10, 'EV', 'Light less for autofocus to need twice the time', 'assumed'),
            new Assumption('rehearse.plain', 1.6, 1, 10, '', 'How much longer autofocus needs on a plain subject', 'assumed'),
            new Assumption('rehearse.travel', 0.5, 0.02, 5, 's', 'Time the lens needs from closest focus to infinity', 'assumed'),
            new Assumption('rehearse.settle', 0.03, 0.001, 1, 's', 'Time the lens needs to settle after a jump', 'assumed'),
            new Assumption('rehearse.prefocus', 0.08, 0, 1, '', 'How far off its distance you have pre-focused, as a share', 'assumed'),
            new Assumption('rehearse.burst', 3, 1, 30, '', 'Frames of a short burst', 'custom among practitioners'),
            new Assumption('rehearse.rest', 0.5, 0, 5, 's', 'From one short burst to the next', 'assumed'),
            new Assumption('rehearse.buffer', 60, 1, 2000, '', 'Frames until the buffer is full', 'assumed: the kit does not say'),
            new Assumption('rehearse.timing', 0.06, 0, 1, 's', 'How exactly you press for a trap', 'assumed'),
            new Assumption('rehearse.trap_early', 0.2, 0, 2, 's', 'How long before it reaches the trap you press', 'assumed'),
            new Assumption('rehearse.trap_after', 0.4, 0, 2, 's', 'How long after it reached the trap you let go', 'assumed'),
            new Assumption('rehearse.look_again', 0.05, 0.005, 1, 's', 'How soon you look again whether it is in view', 'assumed'),
            new Assumption('rehearse.single', 1, 0.1, 10, 's', 'From one single frame to the next', 'assumed'),
            new Assumption('rehearse.phase_least', 0.3, 0.05, 5, 's', 'Shortest time that what stops and starts keeps stopping or starting', 'assumed'),
            new Assumption('rehearse.phase_spread', 0.9, 0, 5, 's', 'How much longer than that it may be', 'assumed'),
            new Assumption('rehearse.fastest', 1.2, 1, 3, '', 'Speed up to which what stops and starts gets, against its own', 'assumed'),
            new Assumption('rehearse.slowest', 0.2, 0, 1, '', 'Speed down to which it gets, against its own', 'assumed'),
            new Assumption('remedy.worth', 0.3, 0, 1, '', 'Share of the frames lost to a cause that a dial must save to be named against it', 'assumed'),
            new Assumption('remedy.better', 0.15, 0, 1, '', 'Share by which a bolder change must save more than a smaller one', 'assumed'),
            new Assumption('remedy.loss', 0.05, 0, 1, '', 'Share of all frames that a cause must cost to be worth a word', 'assumed'),
        ];
    }

    /** @return list<Assumption> */
    private static function light(): array
    {
        $clear = 'Light of a clear sky with the sun ';
        $ev = static fn (int $at, float $ev, string $where): Assumption => new Assumption("light.sun.{$at}", $ev, -6, 18, 'EV', $clear.$where, 'assumed');
        $stops = static fn (string $name, float $stops, string $of): Assumption => new Assumption("light.{$name}", $stops, -10, 0, 'stops', "What {$of} takes of the light", 'assumed');

        return [
            $ev(-6, 3, '6° under the horizon'),
            $ev(-3, 6, '3° under the horizon'),
            $ev(0, 9.5, 'on the horizon'),
            $ev(3, 11.5, '3° up'),
            $ev(6, 12.5, '6° up'),
            $ev(10, 13.3, '10° up'),
            $ev(20, 14.3, '20° up'),
            $ev(30, 14.7, '30° up'),
            $ev(45, 15, '45° up and more'),
            $stops('sky.hazy', -1, 'a hazy sky'),
            $stops('sky.bright', -2, 'bright cloud'),
            $stops('sky.overcast', -3, 'an overcast sky'),
            $stops('sky.heavy', -4, 'heavy cloud'),
            $stops('shade', -2.5, 'a cliff or trees before the sun'),
            $stops('canopy', -1.5, 'a roof of leaves, besides the sun'),
            new Assumption('light.offset_prior', 1, 0, 20, '', 'Readings that a place as reckoned counts for, before its own say otherwise', 'assumed'),
            new Assumption('light.meter_fades', 3, 0.25, 24, 'h', 'How long after a metering the day\'s light counts as reckoned again', 'assumed'),
            new Assumption('outing.frames', 12, 1, 1000, '', 'Frames you take of one chance: a few short bursts', 'assumed'),
            new Assumption('outing.pace', 1.1, 0.2, 3, 'm/s', 'How fast you walk with your kit, by the crow', 'assumed'),
            new Assumption('outing.pace_sand', 0.75, 0.1, 1, '', 'Share of that on sand, and on whatever the water has left', 'assumed'),
            new Assumption('outing.pace_mud', 0.5, 0.1, 1, '', 'Share of that on mud and marsh', 'assumed'),
            new Assumption('outing.pace_stone', 0.7, 0.1, 1, '', 'Share of that over stones', 'assumed'),
            new Assumption('outing.pace_snow', 0.5, 0.1, 1, '', 'Share of that in snow', 'assumed'),
            new Assumption('outing.way_off', 20, 1, 240, 'min', 'How far it is at the least from a spot to ground that stays dry where nobody has said', 'assumed'),
            new Assumption('outing.water', 15, 0, 240, 'min', 'Time to spare before the water takes a spot or the way to it, and after it has left them', 'assumed'),
            new Assumption('outing.water_reckoned', 45, 0, 240, 'min', 'The same where a high or low water is not typed but as tides usually go on', 'assumed'),
            new Assumption('outing.water_lift', 0.1, 0, 1, '', 'How much higher such a water is taken, as a share of what the typed ones move', 'assumed'),
            new Assumption('outing.water_near', 0.3, 0, 5, 'm', 'How little under what cuts a spot off a high water stays to be warned of', 'assumed'),
            new Assumption('outing.waits', 0.5, 0, 1000, '', 'Sharp frames that an hour of waiting must bring at the least to be waited', 'assumed'),
            new Assumption('outing.turn', 1, 0, 5, 'min', 'What turning to another rush at the same spot takes', 'assumed'),
            new Assumption('outing.softer', 0.5, 0, 1, '', 'What a frame counts that is sharp by a softer standard than you asked for', 'assumed'),
            new Assumption('outing.keeps', 0.8, 0.1, 1, '', 'Share of its best that a hold must still bring to keep its promise', 'assumed'),
        ];
    }

    /** @return list<Assumption> */
    private static function air(): array
    {
        $ground = static fn (string $name, float $c, string $over): Assumption => new Assumption("air.ground.{$name}", $c, 1e-16, 1e-10, 'm^(−2/3)', "How the air trembles 1.5 m over {$over} under a high clear sun, without wind", 'assumed');
        $sun = static fn (string $name, float $share, string $under): Assumption => new Assumption("air.sun.{$name}", $share, 0, 1, '', "Share of the sun's heat that reaches the ground under {$under}", 'assumed');

        return [
            $ground('water', 1e-14, 'open water'),
            $ground('snow', 3e-14, 'snow'),
            $ground('marsh', 6e-14, 'marsh'),
            $ground('grass', 2e-13, 'grass'),
            $ground('stone', 4e-13, 'stone'),
            $ground('sand', 5e-13, 'sand'),
            $ground('tarmac', 1e-12, 'tarmac'),
            $sun('clear', 1, 'a clear sky'),
            $sun('hazy', 0.8, 'a hazy sky'),
            $sun('bright', 0.5, 'bright cloud'),
            $sun('overcast', 0.15, 'an overcast sky'),
            $sun('heavy', 0.05, 'heavy cloud'),
            new Assumption('air.wind', 4, 0.5, 50, 'm/s', 'Wind that halves the trembling', 'assumed'),
            new Assumption('air.calm', 2, 0, 50, 'm/s', 'Wind where nobody has said', 'assumed'),
            new Assumption('air.height', 1.5, 0.1, 500, 'm', 'Height of the line of sight over the ground where nobody has said', 'assumed'),
            new Assumption('air.hunts', 0.4, 0.05, 1, '', 'Contrast under which autofocus slows and hunts', 'assumed'),
            new Assumption('air.hopeless', 0.15, 0.01, 1, '', 'Contrast under which no setting helps', 'assumed'),
            new Assumption('air.hunt_half', 0.1, 0.01, 1, '', 'How much less contrast makes autofocus twice as slow once it hunts', 'assumed'),
            new Assumption('air.wash', 3, 0.5, 20, '', 'How many times the blur that counts as sharp shimmer must be to take half the contrast autofocus sees', 'assumed'),
            new Assumption('air.blank', 0.8, 0, 5, '', 'How much a small area loses where haze has taken all contrast', 'assumed'),
        ];
    }
}
