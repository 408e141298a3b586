<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** Puts a kit/1 together from its pieces: the numbers a plan rests on, as they work through an adapter. */
final class KitAssembly
{
    /** What a body or lens tells about itself beyond the numbers a plan rests on. */
    private const NOT_PLANNED = ['name', 'dialect', 'controls', 'care', 'sharpest_f', 'tuned'];

    /**
     * @param  array<mixed>  $body  the "body" of kit/1
     * @param  array<mixed>  $lens  the "lens" of kit/1
     * @param  ?array<mixed>  $converter
     * @param  ?array<mixed>  $adapter
     * @param  ?float  $focalMm  where the person has set the zoom, kept inside what the lens reaches; null leaves it to the plan
     * @return array{format: string, body: array<mixed>, lens: array<mixed>, converter: mixed} kit/1
     */
    public static function document(
        array $body,
        array $lens,
        ?array $converter = null,
        ?array $adapter = null,
        ?float $focalMm = null,
    ): array {
        [$body, $lens] = [self::planned($body), self::planned($lens)];
        if ($adapter !== null) {
            [$body, $lens] = self::through($adapter, $body, $lens);
        }
        [$least, $most] = [$lens['focal_min_mm'] ?? null, $lens['focal_max_mm'] ?? null];
        if ($focalMm !== null && is_numeric($least) && is_numeric($most)) {
            // a zoom that has been set offers the plan no other focal length
            $lens['focal_mm'] = $lens['focal_min_mm'] = $lens['focal_max_mm'] = max($least, min($most, $focalMm));
        }

        return ['format' => 'kit/1', 'body' => $body, 'lens' => $lens, 'converter' => $converter['factor'] ?? 1];
    }

    /**
     * What an adapter between mounts leaves of a body and a lens.
     *
     * @param  array<mixed>  $adapter
     * @param  array<mixed>  $body
     * @param  array<mixed>  $lens
     * @return array{array<mixed>, array<mixed>} body and lens as they work through it
     */
    public static function through(array $adapter, array $body, array $lens): array
    {
        $modes = $body['modes'] ?? null;
        if (
            ($adapter['af'] ?? 'full') === 'none' &&
            is_array($modes) &&
            in_array(FocusMode::Manual->value, $modes, true)
        ) {
            $body['modes'] = [FocusMode::Manual->value];
        }
        [$lagS, $slows] = [$body['af_lag_s'] ?? null, $adapter['slows'] ?? null];
        if (is_numeric($lagS) && is_numeric($slows)) {
            $body['af_lag_s'] = min(1.0, $lagS * $slows);
        }
        if (($adapter['stabiliser'] ?? true) === false) {
            $lens['stabiliser_stops'] = 0;
        }

        return [$body, $lens];
    }

    /**
     * @param  array<mixed>  $part
     * @return array<mixed>
     */
    private static function planned(array $part): array
    {
        return array_diff_key($part, array_flip(self::NOT_PLANNED));
    }
}
