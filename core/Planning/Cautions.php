<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Motion\Support;
use RushHold\Rush\Family;
use RushHold\Rush\LightDirection;
use RushHold\Rush\Posture;

/** What a rush involves beyond sharpness, as codes. {@see \RushHold\Wording\CautionWords} says them in words. */
final class Cautions
{
    public const DISTANCE_BIRD = 'distance-bird';

    public const DISTANCE_ANIMAL = 'distance-animal';

    public const HANDLER = 'handler';

    public const KNEELING = 'kneeling';

    public const CONSENT = 'consent';

    public const MARSHALS = 'marshals';

    public const CLOSED_GROUND = 'closed-ground';

    public const WATER = 'water';

    public const SUN = 'sun';

    public const NESTS = 'nests';

    public const RUN_OFF = 'run-off';

    public const NO_AUTOFOCUS = 'no-autofocus';

    public const HEAVY_LENS = 'heavy-lens';

    /** @return list<self::*> local law and licensed practice come first */
    public static function for(Situation $situation): array
    {
        $rush = $situation->rush;
        $kind = $rush->kind();

        return array_values(
            array_filter(
                [
                    ...match ($kind->family) {
                        Family::Bird => [self::DISTANCE_BIRD],
                        Family::Animal => $kind->handled ? [self::HANDLER] : [self::DISTANCE_ANIMAL],
                        Family::Small => [self::KNEELING],
                        Family::Person => [self::CONSENT, self::MARSHALS],
                        Family::Vehicle => [self::CLOSED_GROUND],
                    },
                    $kind->moving === Posture::Seated ? self::WATER : null,
                    $rush->lightDirection === LightDirection::Back ? self::SUN : null,
                    $kind->family === Family::Bird && ! $rush->moves() ? self::NESTS : null,
                    $kind->family === Family::Vehicle ? self::RUN_OFF : null,
                    $situation->kit->body->focusesAt($situation->kit->widestF()) ? null : self::NO_AUTOFOCUS,
                    $situation->kit->focalMm() >= $situation->assumptions->value('care.long_lens') &&
                    $rush->photographer->support === Support::Handheld
                        ? self::HEAVY_LENS
                        : null,
                ],
                is_string(...),
            ),
        );
    }
}
