<?php

declare(strict_types=1);

namespace RushHold\Wording\Plan;

use RushHold\Assumptions\Assumptions;
use RushHold\Hold\ManualTechnique;
use RushHold\Hold\StabiliserUse;
use RushHold\Optics\Diffraction;
use RushHold\Planning\Plan;
use RushHold\Rush\Limbs;
use RushHold\Rush\Sky;

/** The workings of every figure a plan shows. */
final readonly class Workings
{
    private const OPTICS = 'Thin lens, docs/model.md, Optics';

    private const MOTION = 'docs/model.md, Motion';

    public function __construct(private Plan $plan) {}

    /** @return list<Working> */
    public function all(): array
    {
        return [
            ...$this->blur(),
            ...$this->settings(),
            ...$this->focus(),
            ...$this->frame(),
            ...(new JudgementWorkings($this->plan))->all(),
        ];
    }

    /**
     * @param  list<Working>  $workings
     * @return list<string> names of the assumptions they rest on
     */
    public static function assumptionNames(array $workings): array
    {
        $names = array_map(
            static fn (Working $working): array => array_column($working->inputs, 'assumption'),
            $workings,
        );

        return array_values(array_unique(array_filter(array_merge(...$names), is_string(...))));
    }

    /** @return list<Working> */
    private function blur(): array
    {
        $blur = $this->plan->blur;
        $frame = $this->plan->frameBlur;
        $situation = $this->plan->situation;
        $shutter = self::in('t', 'shutter', $this->plan->settings->shutterS, 's', 'chosen');
        $fNumber = self::in('N', 'f-number', $this->plan->settings->fNumber, '', 'chosen');
        $focal = self::in('f', 'focal length with converter', $situation->kit->focalMm(), 'mm', 'kit');

        return [
            new Working(
                'blur_mm.total',
                'All blur together',
                '√(motion² + shake² + defocus² + diffraction² + shimmer²)',
                [
                    self::in('', 'motion', $blur->motionMm, 'mm', 'computed'),
                    self::in('', 'shake', $blur->shakeMm, 'mm', 'computed'),
                    self::in('', 'defocus', $blur->defocusMm, 'mm', 'computed'),
                    self::in('', 'diffraction', $blur->diffractionMm, 'mm', 'computed'),
                    self::in(
                        '',
                        $situation->seeing->turbulence === null
                            ? 'shimmer, 0 until you say what the light runs over'
                            : 'shimmer',
                        $blur->shimmerMm,
                        'mm',
                        'computed',
                    ),
                ],
                $blur->totalMm(),
                'mm',
                'Independent parts add as squares, '.self::MOTION,
            ),
            $this->limit(),
            new Working(
                'blur_mm.motion',
                'Motion of the subject',
                'm · v_res · t',
                [
                    self::in(
                        'm',
                        $this->plan->draft->technique === ManualTechnique::Trap
                            ? 'magnification at the plane'
                            : 'magnification',
                        $frame->magnification,
                        '',
                        'computed',
                    ),
                    self::in('v_res', 'speed your pan leaves', $frame->residual->totalMps(), 'm/s', 'computed'),
                    $shutter,
                ],
                $blur->motionMm,
                'mm',
                self::MOTION,
            ),
            $this->residual(),
            new Working(
                'blur_mm.shake',
                'Shake of your hands',
                'f · ω / 2^stops · t',
                [
                    $focal,
                    self::assumed(
                        $this->plan->situation->assumptions,
                        'ω',
                        'shake.'.$situation->rush->photographer->support->value,
                    ),
                    self::in(
                        'stops',
                        'stabiliser',
                        $this->plan->draft->stabiliser === StabiliserUse::Off
                            ? 0.0
                            : $situation->kit->lens->stabiliserStops,
                        'stops',
                        'kit',
                    ),
                    $shutter,
                ],
                $blur->shakeMm,
                'mm',
                self::MOTION,
            ),
            new Working(
                'blur_mm.defocus',
                'Out of focus',
                'f²·|s−q| / (N·s·(q−f))',
                [
                    $focal,
                    $fNumber,
                    self::in('s', 'distance', $situation->rush->workM, 'm', 'rush'),
                    self::in('|s−q|', 'focus error over the lag', $frame->lagErrorM, 'm', 'computed'),
                    self::in(
                        '',
                        'of it the depth of the group',
                        $frame->groupMm($this->plan->settings->fNumber),
                        'mm',
                        'computed',
                    ),
                ],
                $blur->defocusMm,
                'mm',
                self::OPTICS,
            ),
            new Working(
                'blur_mm.diffraction',
                'Diffraction',
                '1.03 · λ · N',
                [self::in('λ', 'green light', Diffraction::WAVELENGTH_MM, 'mm', 'computed'), $fNumber],
                $blur->diffractionMm,
                'mm',
                'Airy 1835, full width at half maximum; docs/model.md, Optics',
            ),
            ...$this->shimmer(),
        ];
    }

    /** @return list<Working> */
    private function shimmer(): array
    {
        $situation = $this->plan->situation;
        $air = $situation->rush->air;
        $turbulence = $situation->seeing->turbulence;
        if ($turbulence === null || $air->ground === null) {
            return [];
        }
        $assumptions = $situation->assumptions;
        $said = static function (string $symbol, string $name, ?float $value, string $unit, string $or) use (
            $assumptions,
        ): array {
            return $value === null
                ? self::assumed($assumptions, $symbol, $or)
                : self::in($symbol, $name, $value, $unit, 'rush');
        };

        return [
            new Working(
                'blur_mm.shimmer',
                'Shimmer of the air',
                'f · 0.98·λ / r0, with r0 = (0.423·k²·C·s·3/8)^(−3/5)',
                [
                    self::in('f', 'focal length with converter', $situation->kit->focalMm(), 'mm', 'kit'),
                    self::in('s', 'distance', $situation->rush->workM, 'm', 'rush'),
                    self::in('C', 'trembling of the air', $turbulence->cn2, 'm^(−2/3)', 'computed'),
                    self::assumed($assumptions, 'C0', 'air.ground.'.$air->ground->value),
                    self::in('α', 'altitude of the sun', (float) $situation->seeing->sunDeg, '°', $air->sunDeg === null ? 'computed' : 'rush'),
                    self::assumed($assumptions, '', 'air.sun.'.($air->sky ?? Sky::Clear)->value),
                    $said('u', 'wind', $air->windMps, 'm/s', 'air.calm'),
                    self::assumed($assumptions, '', 'air.wind'),
                    $said('h', 'height of the line of sight', $air->heightM, 'm', 'air.height'),
                ],
                $this->plan->blur->shimmerMm,
                'mm',
                'Wyngaard, Izumi and Collins 1971, Fried 1966; docs/model.md, Light through the day',
            ),
        ];
    }

    private function limit(): Working
    {
        $sensor = $this->plan->situation->kit->body->sensor;
        $standard = $this->plan->settings->standard;
        $inputs =
            $standard->value === 'pixel'
                ? [self::in('', 'pixel pitch', $sensor->pitchMm(), 'mm', 'kit')]
                : [
                    self::in('', 'at 43.27 mm diagonal', $standard->statedMm(), 'mm', 'computed'),
                    self::in('', 'diagonal of your sensor', $sensor->diagonalMm(), 'mm', 'kit'),
                ];

        return new Working(
            'blur_mm.limit',
            'Largest blur that counts as sharp',
            $standard->value === 'pixel' ? '2 · pixel pitch' : 'c · diagonal / 43.27',
            $inputs,
            $this->plan->blur->limitMm,
            'mm',
            'Sharpness standard, docs/model.md, Optics',
        );
    }

    private function residual(): Working
    {
        $rush = $this->plan->situation->rush;
        $residual = $this->plan->frameBlur->residual;
        $inputs = [
            self::in('v_t', 'crossing speed', $this->plan->frameBlur->travel->crossingMps(), 'm/s', 'computed'),
            $rush->photographer->panning
                ? self::assumed(
                    $this->plan->situation->assumptions,
                    'η',
                    'panning.'.$rush->photographer->skill->value,
                )
                : self::in('η', 'you do not pan', 0.0, '', 'rush'),
            self::assumed($this->plan->situation->assumptions, 'ε', 'erraticness.'.$rush->pattern->value),
            self::assumed($this->plan->situation->assumptions, 'β', 'bob.'.$rush->kind()->gait->value),
            self::in('v', 'own speed', $rush->travel->speedMps, 'm/s', 'rush'),
        ];
        if ($rush->intent->limbs === Limbs::Freeze) {
            $inputs[] = self::in('v_limb', $rush->kind()->limbs, $residual->limbMps, 'm/s', 'rush');
        }

        return new Working(
            'residual_speed_mps',
            'Speed left after the pan',
            $rush->intent->limbs === Limbs::Freeze
                ? '√((v_t·(1−η(1−ε)))² + (β·v)² + v_limb²)'
                : '√((v_t·(1−η(1−ε)))² + (β·v)²)',
            $inputs,
            $residual->totalMps(),
            'm/s',
            self::MOTION,
        );
    }

    /** @return list<Working> */
    private function settings(): array
    {
        $plan = $this->plan;
        $settings = $plan->settings;
        $limit = self::in('c', 'largest blur that counts as sharp', $plan->blur->limitMm, 'mm', 'computed');

        return [
            new Working(
                'shutter_s',
                'Longest shutter the budget allows',
                '√(c² − defocus² − diffraction² − shimmer²) / √((m·v_res)² + (f·ω)²)',
                [
                    $limit,
                    self::in('', 'defocus', $plan->blur->defocusMm, 'mm', 'computed'),
                    self::in('', 'diffraction', $plan->blur->diffractionMm, 'mm', 'computed'),
                    self::in('', 'shimmer', $plan->blur->shimmerMm, 'mm', 'computed'),
                    self::in('', 'blur a second of open shutter', $plan->frameBlur->rateMmS(), 'mm/s', 'computed'),
                    self::assumed($this->plan->situation->assumptions, '', $plan->situation->floorName()),
                ],
                $settings->requiredShutterS,
                's',
                self::MOTION.'; then the next third-stop your body has',
            ),
            new Working(
                'iso',
                'ISO the exposure asks for',
                '100·N² / (t·2^EV)',
                [
                    self::in('N', 'f-number', $settings->fNumber, '', 'chosen'),
                    self::in('t', 'shutter', $settings->shutterS, 's', 'chosen'),
                    self::in('EV', 'light at ISO 100', $plan->situation->rush->ev100, 'EV', 'rush'),
                    self::in('', 'your ceiling', $plan->situation->rush->isoCeiling, '', 'rush'),
                    self::assumed($this->plan->situation->assumptions, '', 'camera.base_iso'),
                ],
                $settings->exactIso,
                '',
                'docs/model.md, Exposure and the order of giving way; then the nearest third-stop',
            ),
            new Working(
                'f_number',
                'Aperture',
                'the widest at which ISO stays as low as any other would leave it',
                [
                    self::in('', 'widest with converter', $plan->situation->kit->widestF(), '', 'kit'),
                    self::assumed($this->plan->situation->assumptions, '', 'lens.smallest_f'),
                    self::in(
                        '',
                        'blur by focus lag at this aperture',
                        $plan->frameBlur->lagMm($settings->fNumber),
                        'mm',
                        'computed',
                    ),
                ],
                $settings->fNumber,
                '',
                'docs/model.md, Exposure and the order of giving way',
            ),
        ];
    }

    /** @return list<Working> */
    private function focus(): array
    {
        $plan = $this->plan;
        $rush = $plan->situation->rush;
        $distance = self::in('s', 'distance', $rush->workM, 'm', 'rush');
        $optics = [
            self::in('f', 'focal length with converter', $plan->situation->kit->focalMm(), 'mm', 'kit'),
            self::in('N', 'f-number', $plan->settings->fNumber, '', 'chosen'),
            self::in('c', 'largest blur that counts as sharp', $plan->blur->limitMm, 'mm', 'computed'),
        ];
        $follows = $plan->frameBlur->prediction > 0;

        return [
            new Working(
                'depth',
                'Depth of field',
                's(H−f)/(H+s−2f) to s(H−f)/(H−s)',
                [
                    $distance,
                    self::in('H', 'hyperfocal distance', $plan->depth->hyperfocalM, 'm', 'computed'),
                    ...$optics,
                ],
                is_finite($plan->depth->depthM()) ? $plan->depth->depthM() : null,
                'm',
                self::OPTICS,
            ),
            new Working(
                'hyperfocal_m',
                'Hyperfocal distance',
                'f²/(N·c) + f',
                $optics,
                $plan->depth->hyperfocalM,
                'm',
                self::OPTICS,
            ),
            new Working(
                'lag_error_m',
                'Focus error over the lag',
                '(1−p)·|v_r|·τ + ½(v_t²/s + |a|)·τ²',
                [
                    $follows
                        ? self::assumed($this->plan->situation->assumptions, 'p', 'focus.prediction')
                        : self::in('p', 'focus is locked, nothing is predicted', 0.0, '', 'computed'),
                    self::in('v_r', 'closing speed', $rush->travel->closingMps(), 'm/s', 'computed'),
                    self::in('v_t', 'crossing speed', $rush->travel->crossingMps(), 'm/s', 'computed'),
                    $distance,
                    self::in('a', 'acceleration', $rush->travel->accelerationMps2, 'm/s²', 'rush'),
                    self::in('τ', 'lag of the body', $plan->situation->kit->body->afLagS, 's', 'kit'),
                ],
                $plan->frameBlur->lagErrorM,
                'm',
                self::MOTION,
            ),
        ];
    }

    /** @return list<Working> */
    private function frame(): array
    {
        $plan = $this->plan;
        $rush = $plan->situation->rush;
        $magnification = self::in('m', 'magnification', $plan->situation->magnification, '', 'computed');
        $width = self::in('w', 'width of the sensor', $plan->situation->kit->body->sensor->widthMm, 'mm', 'kit');
        $crossing = self::in('v_t', 'crossing speed', $rush->travel->crossingMps(), 'm/s', 'computed');

        return [
            new Working(
                'subject_fraction_of_frame',
                'Size in the frame',
                'length · m / w',
                [
                    self::in('', 'length', $rush->subject->lengthM, 'm', 'rush'),
                    $magnification,
                    $width,
                    self::in('', 'pixels across', (float) $plan->situation->kit->body->sensor->pixelsWide, 'px', 'kit'),
                ],
                $plan->subjectFraction(),
                '',
                self::OPTICS,
            ),
            new Working(
                'magnification',
                'Magnification',
                'f / (s − f)',
                [
                    self::in('f', 'focal length with converter', $plan->situation->kit->focalMm(), 'mm', 'kit'),
                    self::in('s', 'distance', $rush->workM, 'm', 'rush'),
                ],
                $plan->situation->magnification,
                '',
                self::OPTICS,
            ),
            new Working(
                'frame_crossing_s',
                'Time to cross the frame',
                'w / (m · v_t)',
                [$width, $magnification, $crossing],
                $plan->frameCrossingS(),
                's',
                self::OPTICS,
            ),
            new Working(
                'pan_rate_deg_s',
                'How fast to turn',
                'v_t / s',
                [$crossing, self::in('s', 'distance', $rush->workM, 'm', 'rush')],
                rad2deg($rush->travel->panRateRadS($rush->workM)),
                '°/s',
                self::MOTION,
            ),
        ];
    }

    /**
     * An input by symbol, name, value and unit, and where it comes from: rush, kit, computed or chosen.
     *
     * @return array{symbol: string, name: string, value: float|string|null, unit: string, origin: string, assumption: ?string}
     */
    public static function in(
        string $symbol,
        string $name,
        float|string|null $value,
        string $unit,
        string $origin,
    ): array {
        return [
            'symbol' => $symbol,
            'name' => $name,
            'value' => is_float($value) && ! is_finite($value) ? null : $value,
            'unit' => $unit,
            'origin' => $origin,
            'assumption' => null,
        ];
    }

    /**
     * An input that is an assumed figure, which can be changed where it is read.
     *
     * @return array{symbol: string, name: string, value: float|string|null, unit: string, origin: string, assumption: ?string}
     */
    public static function assumed(Assumptions $assumptions, string $symbol, string $name): array
    {
        $known = Assumptions::all()[$name];

        return ['assumption' => $name, 'origin' => 'assumed'] +
            self::in($symbol, lcfirst($known->meaning), $assumptions->value($name), $known->unit, 'assumed');
    }
}
