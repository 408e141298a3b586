<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** What an adapter between mounts leaves of a body and a lens. */
final class AdapterUse
{
    /**
     * The "body" and "lens" parts of kit/1 as they work through the adapter.
     *
     * @return array{\stdClass, \stdClass}
     */
    public static function between(\stdClass $body, \stdClass $lens, \stdClass $adapter): array
    {
        [$body, $lens] = [clone $body, clone $lens];
        $af = $adapter->af ?? 'full';
        if ($af === 'none' && is_array($body->modes ?? null) && in_array(FocusMode::Manual->value, $body->modes, true)) {
            $body->modes = [FocusMode::Manual->value];
        }
        if (is_numeric($body->af_lag_s ?? null) && is_numeric($adapter->slows ?? null)) {
            $body->af_lag_s = min(1.0, $body->af_lag_s * $adapter->slows);
        }
        if (($adapter->stabiliser ?? true) === false) {
            $lens->stabiliser_stops = 0;
        }

        return [$body, $lens];
    }
}
