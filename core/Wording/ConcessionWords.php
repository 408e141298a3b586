<?php

declare(strict_types=1);

namespace RushHold\Wording;

use RushHold\Planning\Concession;
use RushHold\Planning\Exposure\Concessions;

/** What gave way, and why, as a person reads it. */
final readonly class ConcessionWords
{
    private const STANDARDS = ['share' => 'sharp for sharing', 'detail' => 'fine detail', 'pixel' => 'pixel sharpness'];

    public function __construct(private Units $units) {}

    public function what(Concession $concession): string
    {
        $figure = static fn (string $name): float => (float) $concession->figures[$name];

        return match ($concession->step) {
            'aperture' => sprintf('f/%s instead of f/%s', $figure('f_number'), $figure('was_f_number')),
            'standard' => sprintf(
                '%s instead of %s',
                self::standard($concession, 'standard'),
                self::standard($concession, 'was_standard'),
            ),
            'shutter' => sprintf(
                '%s instead of %s',
                Units::shutter($figure('shutter_s')),
                Units::shutter($figure('was_shutter_s')),
            ),
            'depth' => sprintf('only %s of depth is sharp', $this->units->length($figure('depth_m'))),
            'light' => Units::stops($concession->costStops).' too dark',
            'frame' => sprintf('%s %% of it is in the frame', Units::figures(100 * $figure('in_frame'), 2)),
            'overexposure' => Units::stops($concession->costStops).' too bright',
            'air' => sprintf('haze leaves %s %% of the contrast', Units::figures(100 * $figure('contrast'), 2)),
            default => $concession->cause === Concessions::STREAK
                ? sprintf('the subject smears %s', Units::blur($figure('total_mm')))
                : sprintf(
                    '%s of blur instead of %s',
                    Units::blur($figure('total_mm')),
                    Units::blur($figure('limit_mm')),
                ),
        };
    }

    public function why(Concession $concession): string
    {
        $figure = static fn (string $name): float => (float) $concession->figures[$name];

        return match ([$concession->step, $concession->cause]) {
            ['aperture', Concessions::LIGHT] => 'The stop you close for sharpness is the first to go when light runs short.',
            ['standard', Concessions::NO_ROOM] => sprintf(
                'No aperture leaves room for %s: %s.',
                self::standard($concession, 'was_standard'),
                self::worst($concession),
            ),
            ['standard', Concessions::LOWER_ISO] => sprintf(
                '%s instead of %s brings the ISO from %.0f to %.0f.',
                Units::shutter($figure('shutter_s')),
                Units::shutter($figure('was_shutter_s')),
                $figure('was_iso'),
                $figure('iso'),
            ),
            ['standard', Concessions::EVEN_SO] => sprintf(
                '%s is needed even so; the frame is judged by the softer standard.',
                Units::shutter($figure('shutter_s')),
            ),
            ['shutter', Concessions::CUSTOM] => sprintf(
                'Custom goes down to %s for this.',
                Units::shutter($figure('floor_s')),
            ),
            ['depth', Concessions::NO_ROOM] => sprintf(
                'Even at f/%s %s.',
                $figure('f_number'),
                self::worst($concession),
            ),
            ['limit', Concessions::SHORTEST] => sprintf(
                'The budget asks for %s and %s is the fastest your body has.',
                Units::shutter($figure('required_shutter_s')),
                Units::shutter($figure('shutter_s')),
            ),
            ['limit', Concessions::STREAK] => sprintf(
                'That is %s over what you asked for; a streaking background costs many frames for each good one.',
                Units::blur($concession->costMm),
            ),
            ['limit', Concessions::ADOPTED] => 'With shutter and aperture as you took them.',
            ['light', Concessions::LIGHT] => sprintf(
                'EV %s asks for ISO %.0f here; your ceiling is %.0f.',
                Units::figures($figure('ev100')),
                $figure('exact_iso'),
                $figure('iso_ceiling'),
            ),
            ['overexposure', Concessions::LIGHT] => sprintf(
                'f/%s at %s is too much light for ISO %.0f; a grey filter takes it off.',
                $figure('f_number'),
                Units::shutter($figure('shutter_s')),
                $figure('base_iso'),
            ),
            ['frame', Concession::TOO_LARGE] => sprintf(
                'It is %s as %s as the frame, so it is framed by its aim. All of it fits at %s mm, or from %s away.',
                $figure('share') < 1.05 ? 'just' : Units::figures($figure('share'), 2).' times',
                $concession->figures['way'],
                Units::figures($figure('fits_focal_mm'), 3),
                $this->units->length($figure('fits_distance_m'), 2),
            ),
            ['air', Concession::HUNTS] => sprintf(
                'Autofocus slows and hunts at %s; up to %s it has enough to work with.',
                $this->units->length($figure('distance_m')),
                $this->units->length($figure('clear_m')),
            ),
            ['air', Concession::HOPELESS] => sprintf(
                'No setting helps at %s: go nearer than %s, or wait until it lifts.',
                $this->units->length($figure('distance_m')),
                $this->units->length($figure('clear_m')),
            ),
            default => throw new \LogicException("No words for {$concession->step} by {$concession->cause}."),
        };
    }

    /** @return array{step: string, what: string, why: string, cost_stops: float, cost_mm: float} as a plan shows it */
    public function document(Concession $concession): array
    {
        return [
            'step' => $concession->step,
            'what' => $this->what($concession),
            'why' => $this->why($concession),
            'cost_stops' => $concession->costStops,
            'cost_mm' => $concession->costMm,
        ];
    }

    private static function standard(Concession $concession, string $name): string
    {
        $standard = (string) $concession->figures[$name];

        return self::STANDARDS[$standard] ?? $standard;
    }

    private static function worst(Concession $concession): string
    {
        return match ($concession->figures['worst']) {
            'lag' => 'the focus lag alone blurs ',
            'group' => 'the depth of the group alone blurs its ends by ',
            'shimmer' => 'the trembling of warm air alone blurs ',
            default => 'diffraction alone blurs ',
        }.Units::blur((float) $concession->figures['worst_mm']);
    }
}
