<?php

declare(strict_types=1);

namespace RushHold\Wording\Reasons;

use RushHold\Planning\Reason;
use RushHold\Wording\Share;
use RushHold\Wording\Units;

/** Shutter, aperture and ISO. */
final readonly class ExposureReasons implements FieldWords
{
    public function __construct(private Units $units) {}

    public function fields(): array
    {
        return ['shutter_s', 'f_number', 'iso'];
    }

    public function why(Reason $reason): string
    {
        return match ($reason->field) {
            'shutter_s' => $this->shutter($reason),
            'f_number' => $this->aperture($reason),
            default => self::iso($reason),
        };
    }

    public function adopted(Reason $adopted): string
    {
        return match ($adopted->field) {
            'shutter_s' => sprintf('You took %s from a rehearsal.', Units::shutter($adopted->number('shutter_s'))),
            'f_number' => sprintf('You took f/%s from a rehearsal.', Units::figures($adopted->number('f_number'), 2)),
            default => sprintf(
                'With these, EV %s needs ISO %.0f.',
                Units::figures($adopted->number('ev100')),
                $adopted->number('exact_iso'),
            ),
        };
    }

    private function shutter(Reason $reason): string
    {
        $required =
            $reason->number('required_shutter_s') > 0 ? Units::shutter($reason->number('required_shutter_s')) : '';
        $limit = Units::blur($reason->number('limit_mm'));
        $rest = $this->rest($reason);
        $drift = fn (): string => sprintf(
            '%s crosses the sensor at %s mm a second',
            $this->moves($reason),
            Units::figures($reason->number('blur_rate_mm_s'), 2),
        );

        $why = match ($reason->code) {
            'streak' => sprintf(
                'Slow enough to streak the background over %s %% of the frame while you turn %s° a second with it.',
                Units::figures($reason->number('streak_share') * 100),
                Units::figures($reason->number('pan_rate_deg_s')),
            ),
            'no-budget' => 'Depth and focus lag have eaten the blur budget, so motion alone is held to the limit.'.
                self::custom($reason),
            'spare-light' => sprintf('The %s budget would allow %s; ', $limit, $required).
                ($reason->number('spare_stops') < 0.2
                    ? 'there is light for more at no cost.'
                    : sprintf(
                        'spare light of %s buys %s, which keeps to it %s.',
                        Units::stops($reason->number('spare_stops')),
                        Units::shutter($reason->number('shutter_s')),
                        self::sure($reason),
                    )).
                self::custom($reason),
            'shortest', 'too-dark' => sprintf(
                '%s; the budget asks for %s and this is what %s gives.',
                $drift(),
                $required,
                $reason->code === 'shortest' ? 'the body' : 'the light',
            ).self::custom($reason),
            default => sprintf(
                '%s; %s of blur allows %s, and %s keeps to it %s.',
                $drift(),
                $limit,
                $required,
                Units::shutter($reason->number('shutter_s')),
                self::sure($reason),
            ).self::custom($reason),
        };

        return $rest === '' ? $why : $rest.lcfirst($why);
    }

    /** What would do while it still rests. */
    private function rest(Reason $reason): string
    {
        if (! isset($reason->numbers['burst_mps'])) {
            return '';
        }

        return sprintf(
            'Set for its burst at %s%s: ',
            $this->units->speed($reason->number('burst_mps'), 2),
            $reason->number('rest_shutter_s') > 0
                ? sprintf(' (%s would do before it goes)', Units::shutter($reason->number('rest_shutter_s')))
                : '',
        );
    }

    /** In how many frames the movement stays within the limit. */
    private static function sure(Reason $reason): string
    {
        return sprintf('in %s of frames', Share::percent($reason->number('sharp_share')));
    }

    private function moves(Reason $reason): string
    {
        $speed = $this->units->speed($reason->number('residual_speed_mps'), 2);

        return match ($reason->choice('moved_by')) {
            'hands' => 'Only your hands move the picture, which',
            'sway' => sprintf('It stands, and still sways or turns at %s, which', $speed),
            'pan' => sprintf('Your pan leaves %s of its motion, which', $speed),
            default => sprintf('You hold still, so its %s', $speed),
        };
    }

    /** Custom beside the physics, and by how much they part. */
    private static function custom(Reason $reason): string
    {
        $floorS = $reason->number('custom_shutter_s');
        $floor = Units::shutter($floorS);
        $requiredS = $reason->numbers['required_shutter_s'] ?? null;
        if (abs(log($reason->number('shutter_s') / $floorS, 2)) < 0.05) {
            return sprintf(' That is custom\'s %s.', $floor);
        }
        if (! is_float($requiredS) || is_infinite($requiredS)) {
            return sprintf(' Custom says %s.', $floor); // nothing asks for another, so there is nothing to compare
        }
        $apart = log($floorS / $requiredS, 2);

        return match (true) {
            abs($apart) < 0.35 => sprintf(' Custom says %s, much the same.', $floor),
            $apart > 0 => sprintf(' Custom says %s, %s too slow for this.', $floor, Units::stops($apart)),
            default => sprintf(' Custom says %s; the numbers allow %s more.', $floor, Units::stops(-$apart)),
        };
    }

    private function aperture(Reason $reason): string
    {
        $wanted = $reason->number('wanted_f');
        $down = 2 * log(max(1.0, $reason->number('wanted_f') / max(0.1, $reason->number('widest_f'))), 2);
        $stop = fn (string $why): string => sprintf(
            '%s down from f/%s: %s.',
            abs($down - 1) < 0.12 ? 'One stop' : Units::stops($down),
            $reason->number('widest_f'),
            $why,
        );

        return match ($reason->code) {
            'open' => 'Wide open, for light and a quiet background.',
            'open-diffracts' => 'Wide open: closed further, this lens would lose more to diffraction than it gains.',
            'school-open' => 'Wide open by your school: the stop of light it keeps costs this lens some of its sharpness.',
            'stop-for-converter' => $stop('a lens with a converter gains from it'),
            'stop-for-zoom' => $stop('zooms gain from it'),
            'school-stop' => $stop('your school pays a stop of light for it'),
            'not-spare' => sprintf(
                'One stop down would gain this lens some sharpness, but light is not spare: f/%s.',
                $reason->number('f_number'),
            ),
            'dark' => sprintf('Opened from f/%s because light runs short.', $wanted),
            'group' => sprintf(
                'The group is %s deep: focus at %s, and f/%s holds its ends to %s where f/%s would blur them %s.',
                $this->units->length($reason->number('spread_m')),
                $this->units->length($reason->number('focus_m')),
                $reason->number('f_number'),
                Units::blur($reason->number('group_mm')),
                $wanted,
                Units::blur($reason->number('wanted_group_mm')),
            ),
            'bright' => sprintf(
                'Stopped down because f/%s would be too bright at %s and the lowest ISO.',
                $wanted,
                Units::shutter($reason->number('shutter_s')),
            ),
            default => sprintf(
                'Stopped down because at f/%s the focus lag alone would blur %s.',
                $wanted,
                Units::blur($reason->number('wanted_lag_mm')),
            ),
        };
    }

    private static function iso(Reason $reason): string
    {
        $needs = sprintf(
            'EV %s at f/%s and %s needs ISO %.0f.',
            Units::figures($reason->number('ev100')),
            $reason->number('f_number'),
            Units::shutter($reason->number('shutter_s')),
            $reason->number('exact_iso'),
        );

        return $needs.
            match ($reason->code) {
                'too-dark' => sprintf(
                    ' Your ceiling of %.0f leaves it %s dark.',
                    $reason->number('iso_ceiling'),
                    Units::stops($reason->number('shortfall_stops')),
                ),
                'lowest' => sprintf(' %.0f is the lowest the body has.', $reason->number('base_iso')),
                default => '',
            };
    }
}
