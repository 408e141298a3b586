<?php

declare(strict_types=1);

namespace RushHold\Calculation;

use RushHold\Faults\UnknownCalculation;
use RushHold\Light\Fog;
use RushHold\Light\Observer;
use RushHold\Light\Sun;
use RushHold\Light\Turbulence;
use RushHold\Motion\FocusLag;
use RushHold\Motion\MotionBlur;
use RushHold\Motion\Occlusion;
use RushHold\Motion\Travel;
use RushHold\Optics\Diffraction;
use RushHold\Optics\Exposure;
use RushHold\Optics\ThinLens;
use RushHold\Technique\BreakEven;
use RushHold\Technique\Trap;

/** Every calculation that can be asked for by name. */
final class Calculations
{
    /** @var ?array<string, Calculation> */
    private static ?array $all = null;

    /** @throws UnknownCalculation */
    public static function named(string $name): Calculation
    {
        return self::all()[$name] ?? throw UnknownCalculation::named($name, array_keys(self::all()));
    }

    /** @return array<string, Calculation> */
    public static function all(): array
    {
        return self::$all ??= array_column(
            [...self::optics(), ...self::motion(), ...self::technique(), ...self::light()],
            null,
            'name',
        );
    }

    /** @return list<Calculation> */
    private static function optics(): array
    {
        [$focal, $fNumber, $coc] = [
            new Input('focal_mm', 1, 5000),
            new Input('f_number', 0.5, 256),
            new Input('coc_mm', 1e-5, 1),
        ];
        [$distance, $shutter] = [new Input('distance_m', 0.001, 1e6), new Input('shutter_s', 1e-6, 3600)];

        return [
            new Calculation('depth-of-field', [$focal, $fNumber, $distance, $coc], static function (array $in): array {
                $depth = ThinLens::ofFocalLength($in['focal_mm'])->depthOfField(
                    $in['f_number'],
                    $in['distance_m'],
                    $in['coc_mm'],
                );

                return [
                    'near_m' => $depth->nearM,
                    'far_m' => $depth->farM,
                    'depth_m' => $depth->depthM(),
                    'hyperfocal_m' => $depth->hyperfocalM,
                ];
            }),
            new Calculation(
                'cover',
                [$focal, new Input('near_m', 0.001, 1e6), new Input('far_m', 0.001, 1e6), $coc],
                static function (array $in): array {
                    $cover = ThinLens::ofFocalLength($in['focal_mm'])->cover(
                        $in['near_m'],
                        $in['far_m'],
                        $in['coc_mm'],
                    );

                    return ['f_number' => $cover->fNumber, 'focus_m' => $cover->focusM];
                },
            ),
            new Calculation(
                'blur-disc',
                [$focal, $fNumber, new Input('subject_m', 0.001, 1e6), new Input('focus_m', 0.001, 1e6)],
                static fn (array $in): array => [
                    'blur_mm' => ThinLens::ofFocalLength($in['focal_mm'])->blurDiscMm(
                        $in['f_number'],
                        $in['subject_m'],
                        $in['focus_m'],
                    ),
                ],
            ),
            new Calculation(
                'diffraction',
                [$fNumber],
                static fn (array $in): array => ['fwhm_mm' => Diffraction::fwhmMm($in['f_number'])],
            ),
            new Calculation(
                'exposure',
                [new Input('ev100', -20, 30), $fNumber, $shutter],
                static fn (array $in): array => [
                    'iso' => Exposure::iso($in['ev100'], $in['f_number'], $in['shutter_s']),
                ],
            ),
        ];
    }

    /** @return list<Calculation> */
    private static function motion(): array
    {
        [$focal, $distance] = [new Input('focal_mm', 1, 5000), new Input('distance_m', 0.001, 1e6)];
        [$shutter, $crossing] = [new Input('shutter_s', 1e-6, 3600), new Input('crossing_mps', 0, 1000)];

        return [
            new Calculation(
                'motion-blur',
                [$focal, $distance, new Input('speed_mps', 0, 1000), $shutter],
                static fn (array $in): array => [
                    'blur_mm' => MotionBlur::ofSubjectMm(
                        ThinLens::ofFocalLength($in['focal_mm'])->magnification($in['distance_m']),
                        $in['speed_mps'],
                        $in['shutter_s'],
                    ),
                ],
            ),
            new Calculation(
                'shake-blur',
                [$focal, new Input('omega_rad_s', 0, 10), $shutter],
                static fn (array $in): array => [
                    'blur_mm' => MotionBlur::ofShakeMm($in['focal_mm'], $in['omega_rad_s'], $in['shutter_s']),
                ],
            ),
            new Calculation(
                'lag',
                [
                    new Input('closing_mps', -1000, 1000),
                    $crossing,
                    $distance,
                    new Input('acceleration_mps2', -1000, 1000),
                    new Input('lag_s', 0, 10),
                    new Input('prediction', 0, 1),
                ],
                static function (array $in): array {
                    $bearing = rad2deg(atan2($in['crossing_mps'], $in['closing_mps']));
                    $travel = Travel::of(
                        hypot($in['closing_mps'], $in['crossing_mps']),
                        $bearing,
                        $in['acceleration_mps2'],
                    );

                    return ['error_m' => FocusLag::errorM($travel, $in['distance_m'], $in['lag_s'], $in['prediction'])];
                },
            ),
            new Calculation(
                'occlusion',
                [
                    new Input('obstacle_m', 0, 1000),
                    new Input('obstacle_distance_m', 0.001, 1e6),
                    new Input('target_m', 0, 1000),
                    $distance,
                    $crossing,
                ],
                static fn (array $in): array => [
                    'time_s' => Occlusion::timeS(
                        $in['obstacle_m'],
                        $in['obstacle_distance_m'],
                        $in['target_m'],
                        $in['distance_m'],
                        $in['crossing_mps'],
                    ),
                ],
            ),
        ];
    }

    /** @return list<Calculation> */
    private static function light(): array
    {
        $distance = new Input('distance_m', 0.001, 1e6);

        return [
            new Calculation(
                'sun',
                [new Input('latitude_deg', -90, 90), new Input('longitude_deg', -180, 180), new MomentInput('time_utc')],
                static function (array $in): array {
                    $sun = Sun::at(Observer::at($in['latitude_deg'], $in['longitude_deg']), $in['time_utc']);

                    return [
                        'altitude_deg' => $sun->altitudeDeg,
                        'apparent_deg' => $sun->apparentDeg(),
                        'azimuth_deg' => $sun->azimuthDeg,
                    ];
                },
            ),
            new Calculation(
                'shimmer',
                [new Input('cn2', 1e-20, 1e-6), $distance, new Input('focal_mm', 1, 5000)],
                static function (array $in): array {
                    $air = Turbulence::of($in['cn2']);

                    return [
                        'r0_mm' => 1000 * $air->coherenceM($in['distance_m']),
                        'angle_urad' => 1e6 * $air->blurRad($in['distance_m']),
                        'blur_mm' => $air->blurMm($in['focal_mm'], $in['distance_m']),
                    ];
                },
            ),
            new Calculation(
                'fog',
                [new Input('visibility_m', 1, 1e6), new Input('distance_m', 0, 1e6)],
                static fn (array $in): array => [
                    'contrast' => Fog::contrast($in['visibility_m'], $in['distance_m']),
                ],
            ),
        ];
    }

    /** @return list<Calculation> */
    private static function technique(): array
    {
        $seconds = static fn (string $name): Input => new Input($name, 0, 60);

        return [
            new Calculation(
                'trap',
                [
                    new Input('focal_mm', 1, 5000),
                    new Input('f_number', 0.5, 256),
                    new Input('distance_m', 0.001, 1e6),
                    new Input('coc_mm', 1e-5, 1),
                    new Input('speed_mps', 0, 1000),
                    new Input('bearing_deg', 0, 180),
                    new Input('fps', 0.1, 1000),
                    new Input('sensor_width_mm', 1, 100),
                ],
                static function (array $in): array {
                    $trap = Trap::at(
                        ThinLens::ofFocalLength($in['focal_mm']),
                        $in['f_number'],
                        $in['distance_m'],
                        $in['coc_mm'],
                        Travel::of($in['speed_mps'], $in['bearing_deg']),
                        $in['fps'],
                        $in['sensor_width_mm'],
                    );

                    return [
                        'depth_m' => $trap->depthM,
                        'time_s' => $trap->timeS,
                        'frames' => $trap->frames,
                        'p_one' => $trap->pOne(),
                    ];
                },
            ),
            new Calculation(
                'break-even',
                [
                    $seconds('af_s'),
                    new Input('af_recover_s', 0.001, 60),
                    $seconds('hand_s'),
                    $seconds('hand_correct_s'),
                    new Input('hand_hit', 0, 1),
                ],
                static fn (array $in): array => [
                    'af_hit' => BreakEven::afHit(
                        $in['af_s'],
                        $in['af_recover_s'],
                        $in['hand_s'],
                        $in['hand_correct_s'],
                        $in['hand_hit'],
                    ),
                ],
            ),
        ];
    }
}
