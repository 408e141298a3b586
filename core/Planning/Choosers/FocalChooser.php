<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Assumptions\Assumptions;
use RushHold\Framing\AimWander;
use RushHold\Framing\Framing;
use RushHold\Kit\Kit;
use RushHold\Planning\AreaScore;
use RushHold\Planning\Reason;
use RushHold\Planning\Situation;
use RushHold\Rush\Rush;
use RushHold\Wording\Units;

/**
 * Where to set a zoom: the longest focal length that still leaves room for the subject and one sigma of aim on either side.
 * Everything else follows from the focal length, so this comes before the choosers.
 */
final class FocalChooser
{
    /** @return array{Kit, Reason} the kit as set, and why */
    public static function set(Rush $rush, Kit $kit, Assumptions $assumptions, Units $units): array
    {
        $lens = $kit->lens;
        if (! $lens->zoom || $lens->focalMaxMm <= $lens->focalMinMm) {
            $filled = self::filled($rush, $kit, $assumptions);

            return [$kit, new Reason('focal_mm', fn (): string => ($lens->zoom ? sprintf('You have set the zoom to %s mm', Units::figures($lens->focalMm)) : 'Your lens has this one focal length').match (true) {
                $filled > 1 => sprintf('; subject and wander would need %s times the frame, so some passes are cut off.', Units::figures(min(99, $filled), 2)),
                default => sprintf('; subject and wander fill %s of the frame.', AreaScore::percent($filled)),
            }, ['focal_mm' => $lens->focalMm, 'effective_focal_mm' => $kit->focalMm(), 'filled' => $filled])];
        }
        $fill = $assumptions->value('frame.fill');
        $longest = self::longestMm($rush, $kit->at($lens->focalMinMm), $assumptions, $fill) / $kit->converter;
        $focal = $longest >= $lens->focalMaxMm ? $lens->focalMaxMm : max($lens->focalMinMm, self::round($longest));
        $set = $kit->at($focal);
        $filled = self::filled($rush, $set, $assumptions);

        return [$set, new Reason('focal_mm', fn (): string => match (true) {
            $focal >= $lens->focalMaxMm => sprintf('All of the zoom: subject and wander fill %s of the frame.', AreaScore::percent($filled)),
            $filled > $fill => sprintf('As wide as the zoom goes, and still it and your wander would fill %s of the frame.', AreaScore::percent(min(9.99, $filled))),
            default => sprintf('Longer would cut it off: at %s mm it and your wander fill %s of the frame.', Units::figures($focal), AreaScore::percent($filled)),
        }, ['focal_mm' => $focal, 'effective_focal_mm' => $set->focalMm(), 'filled' => $filled])];
    }

    /**
     * The longest focal length, with the converter, at which subject and wander fill no more than the share given:
     * the frame at the subject is W·(s−f)/f, so f = W·s / (need/fill + W), the lesser of both directions.
     */
    private static function longestMm(Rush $rush, Kit $kit, Assumptions $assumptions, float $fill): float
    {
        if ($rush->workM * 1000 <= $kit->focalMm() * 1.0001) {
            return $kit->focalMm();
        }
        [$needWidthM, $needHeightM] = self::needM($rush, $kit, $assumptions);
        $sensor = $kit->body->sensor;
        $fitting = static fn (float $sensorMm, float $needM): float => $sensorMm * $rush->workM * 1000 / ($needM * 1000 / $fill + $sensorMm);

        return min($fitting($sensor->widthMm, $needWidthM), $fitting($sensor->heightMm, $needHeightM));
    }

    /** How much of the frame the subject and one sigma of aim on either side take, in the fuller direction. */
    private static function filled(Rush $rush, Kit $kit, Assumptions $assumptions): float
    {
        if ($rush->workM * 1000 <= $kit->focalMm() * 1.0001) {
            return INF;
        }
        [$needWidthM, $needHeightM] = self::needM($rush, $kit, $assumptions);
        $magnification = $kit->optic()->magnification($rush->workM) * 1000;

        return max($needWidthM * $magnification / $kit->body->sensor->widthMm, $needHeightM * $magnification / $kit->body->sensor->heightMm);
    }

    /**
     * What subject and wander take at the subject, in metres; the same at every focal length.
     *
     * @return array{float, float} sideways, upwards
     */
    private static function needM(Rush $rush, Kit $kit, Assumptions $assumptions): array
    {
        $framing = Framing::of($rush, $kit, $kit->optic()->magnification($rush->workM), Situation::onTheMove($rush));
        $wander = AimWander::of($rush, $assumptions, $framing, arrived: true);

        return [$framing->widthM + 2 * $wander->sidewaysM, $framing->heightM + 2 * $wander->upwardsM];
    }

    /** To a mark a hand can find: 5 mm from 100 on, 1 mm below. */
    private static function round(float $focalMm): float
    {
        return $focalMm >= 100 ? floor($focalMm / 5) * 5 : floor($focalMm);
    }
}
