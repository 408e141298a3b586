<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Assumptions\Assumptions;
use RushHold\Framing\AimWander;
use RushHold\Framing\Framing;
use RushHold\Kit\Kit;
use RushHold\Planning\Reason;
use RushHold\Planning\Situation;
use RushHold\Rush\Rush;

/**
 * Where to set a zoom: the longest focal length that still leaves room for the subject and one sigma of aim on either side.
 * Everything else follows from the focal length, so this comes before the choosers.
 */
final class FocalChooser
{
    /** @return array{Kit, Reason} the kit as set, and why */
    public static function set(Rush $rush, Kit $kit, Assumptions $assumptions): array
    {
        $lens = $kit->lens;
        if (! $lens->zoom || $lens->focalMaxMm <= $lens->focalMinMm) {
            return [$kit, self::because($lens->zoom ? 'set' : 'fixed', $kit, self::filled($rush, $kit, $assumptions))];
        }
        $fill = $assumptions->value('frame.fill');
        $longest = self::longestMm($rush, $kit->at($lens->focalMinMm), $assumptions, $fill) / $kit->converter;
        $focal = $longest >= $lens->focalMaxMm ? $lens->focalMaxMm : max($lens->focalMinMm, self::round($longest));
        $set = $kit->at($focal);
        $filled = self::filled($rush, $set, $assumptions);

        return [
            $set,
            self::because(
                match (true) {
                    $focal >= $lens->focalMaxMm => 'longest',
                    $filled > $fill => 'widest',
                    default => 'fitting',
                },
                $set,
                $filled,
            ),
        ];
    }

    /** @param  float  $filled  share of the frame that subject and wander need */
    private static function because(string $code, Kit $set, float $filled): Reason
    {
        return new Reason('focal_mm', $code, [
            'focal_mm' => $set->lens->focalMm,
            'effective_focal_mm' => $set->focalMm(),
            'filled' => $filled,
        ]);
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
        $fitting = static fn (float $sensorMm, float $needM): float => ($sensorMm * $rush->workM * 1000) /
            (($needM * 1000) / $fill + $sensorMm);

        return min($fitting($sensor->widthMm, $needWidthM), $fitting($sensor->heightMm, $needHeightM));
    }

    /**
     * How much of the frame the subject and one sigma of aim on either side take, in the fuller direction.
     *
     * @param  float  $above  how much of its own height it needs beside that
     */
    public static function filled(Rush $rush, Kit $kit, Assumptions $assumptions, float $above = 0.0): float
    {
        if ($rush->workM * 1000 <= $kit->focalMm() * 1.0001) {
            return INF;
        }
        [$needWidthM, $needHeightM, $heightM] = self::needM($rush, $kit, $assumptions);
        $magnification = $kit->optic()->magnification($rush->workM) * 1000;

        return max(
            ($needWidthM * $magnification) / $kit->body->sensor->widthMm,
            (($needHeightM + $above * $heightM) * $magnification) / $kit->body->sensor->heightMm,
        );
    }

    /**
     * What subject and wander take at the subject, in metres; the same at every focal length.
     *
     * @return array{float, float, float} sideways, upwards, and its own height
     */
    private static function needM(Rush $rush, Kit $kit, Assumptions $assumptions): array
    {
        $framing = Framing::of(
            $rush,
            $kit,
            $assumptions,
            $kit->optic()->magnification($rush->workM),
            Situation::onTheMove($rush, $assumptions),
        );
        $wander = AimWander::of($rush, $assumptions, $framing, arrived: true);

        return [
            $framing->widthM + 2 * $wander->sidewaysM,
            $framing->heightM + 2 * $wander->upwardsM,
            $framing->heightM,
        ];
    }

    /** To a mark a hand can find: 5 mm from 100 on, 1 mm below. */
    private static function round(float $focalMm): float
    {
        return $focalMm >= 100 ? floor($focalMm / 5) * 5 : floor($focalMm);
    }
}
