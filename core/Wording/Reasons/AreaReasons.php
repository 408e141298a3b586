<?php

declare(strict_types=1);

namespace RushHold\Wording\Reasons;

use RushHold\Hold\Aim;
use RushHold\Kit\AfArea;
use RushHold\Kit\AfSensor;
use RushHold\Planning\Choosers\AreaChooser;
use RushHold\Planning\Reason;
use RushHold\Wording\AreaWords;
use RushHold\Wording\Share;
use RushHold\Wording\Units;

/** The AF area and where it goes in the frame. */
final readonly class AreaReasons implements FieldWords
{
    public function __construct(private Units $units) {}

    public function fields(): array
    {
        return ['area.pattern', 'area.place'];
    }

    public function why(Reason $reason): string
    {
        if ($reason->field === 'area.place') {
            return $this->place($reason);
        }

        return str_starts_with($reason->code, 'school') ? self::bySchool($reason) : $this->byNumbers($reason);
    }

    public function adopted(Reason $adopted): string
    {
        return sprintf(
            'You took the %s from a rehearsal; by the numbers it keeps the right thing %s of the time.',
            self::area($adopted, 'area'),
            Share::percent($adopted->number('score')),
        );
    }

    private static function bySchool(Reason $reason): string
    {
        $keeps = sprintf(
            'Your school takes the %s; it keeps the right thing %s of the time',
            self::area($reason, 'area'),
            Share::percent($reason->number('score')),
        );

        return match ($reason->code) {
            'school-only' => $keeps.'.',
            'school-as-good' => $keeps.', as good as any here.',
            default => sprintf(
                '%s, where %s would keep it %s. Here %s.',
                $keeps,
                self::area($reason, 'other'),
                Share::percent($reason->number('other_score')),
                self::weakness($reason),
            ),
        };
    }

    private function byNumbers(Reason $reason): string
    {
        $keeps = sprintf(
            '%s; your aim strays %s: it keeps the right thing %s of the time',
            self::ground($reason),
            $this->units->length(max($reason->number('aim_sideways_m'), $reason->number('aim_upwards_m')), 2),
            Share::percent($reason->number('score')),
        );

        return $keeps.
            match ($reason->code) {
                'middle-points' => sprintf(
                    '. At f/%s your reflex body has only its middle points left.',
                    $reason->number('widest_f'),
                ),
                'line-sensors' => '. Its line sensors see only detail across them: turn the camera if it hunts.',
                'only' => '; your body has no other.',
                'as-good' => sprintf(', and so would %s.', self::area($reason, 'other')),
                default => sprintf(
                    '. %s would %s: %s.',
                    ucfirst(self::area($reason, 'other')),
                    Share::percent($reason->number('other_score')),
                    self::weakness($reason),
                ),
            };
    }

    private static function area(Reason $reason, string $name): string
    {
        return AfArea::from($reason->choice($name))->words();
    }

    private static function weakness(Reason $reason): string
    {
        return AreaWords::weakness($reason->choice('weakness'), $reason->number('weakness_share'));
    }

    private static function ground(Reason $reason): string
    {
        $words = array_filter([
            match ($reason->choice('in_front')) {
                'sparse' => 'things in front',
                'dense' => 'dense clutter in front',
                default => '',
            },
            $reason->choice('passing') === 'none' ? '' : 'others passing',
            match ($reason->choice('behind')) {
                AreaChooser::LEAVES => 'leaves moving behind',
                'moderate' => 'shapes behind',
                'busy' => 'a busy background',
                default => '',
            },
        ]);

        return $words === [] ? 'Clean ground' : ucfirst(implode(', ', $words));
    }

    private function place(Reason $reason): string
    {
        $from = $reason->choice('from');
        $puts = $reason->number('everywhere') > 0 ? 'it covers everything, so place the subject: it' : 'the area';
        $room = fn (): string => sprintf(
            '%s or %s of its way',
            $this->units->length($reason->number('room_m'), 2),
            Units::time(min(60.0, $reason->number('room_s'))),
        );
        $short = fn (): string => sprintf(
            '; your reaction and its first strides take %s, for which only a shorter focal length or more distance leaves room.',
            Units::time($reason->number('need_s')),
        );

        return match ($reason->code) {
            'everywhere' => 'It covers everything, so there is nothing to place.',
            'comes-in', 'comes-in-short' => sprintf(
                'It comes in from the %s: %s waits on that side and leaves %s to move into%s',
                $from,
                $puts,
                $room(),
                $reason->code === 'comes-in' ? '.' : $short(),
            ),
            'comes-in-full' => sprintf(
                'It comes in from the %s, and fills so much of the frame that no side can be left free.',
                $from,
            ),
            'rises', 'rises-short' => sprintf(
                'It rises: %s sits low and leaves %s above%s',
                $puts,
                $room(),
                $reason->code === 'rises' ? '.' : $short(),
            ),
            'rises-full' => 'It rises, and fills so much of the frame that no room can be left above it'.$short(),
            'larger' => sprintf(
                $reason->number('everywhere') > 0
                    ? 'It does not fit, and the area covers everything: place its %s so that there is room before it.'
                    : 'It does not fit: the %s is put where there is room before it.',
                Aim::from($reason->choice('aim'))->words(),
            ),
            'on-aim' => sprintf(
                'On the %s, with the body in the middle of the frame.',
                Aim::from($reason->choice('aim'))->words(),
            ),
            default => 'In the middle: it may turn either way.',
        }.
            ($reason->choice('af_sensor') === AfSensor::OnImage->value
                ? ''
                : ' A reflex body\'s best points are in the middle.');
    }
}
