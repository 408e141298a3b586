<?php

declare(strict_types=1);

namespace RushHold\Wording\Reasons;

use RushHold\Planning\Reason;
use RushHold\Wording\Units;

/** The three dials of tracking. */
final readonly class TuningReasons implements FieldWords
{
    public function __construct(private Units $units) {}

    public function fields(): array
    {
        return ['tuning.stay', 'tuning.pace', 'tuning.pick'];
    }

    public function why(Reason $reason): string
    {
        return match ($reason->field) {
            'tuning.stay' => self::stay($reason),
            'tuning.pace' => $this->pace($reason),
            default => self::pick($reason),
        };
    }

    public function adopted(Reason $adopted): string
    {
        return $adopted->field === 'tuning.stay'
            ? sprintf(
                'You took level %d from a rehearsal; it waits %s.',
                $adopted->number('level'),
                Units::time($adopted->number('waits_s')),
            )
            : sprintf('You took %d from a rehearsal.', $adopted->number('level'));
    }

    private static function stay(Reason $reason): string
    {
        $level = (int) $reason->number('level');
        $waitsS = $reason->number('waits_s');
        $waits = Units::time($waitsS);
        $needS = max($reason->number('hidden_s'), $reason->number('slip_s'));
        $needs = Units::time($needS);
        $lost = match (true) {
            $needS <= $waitsS => '',
            $reason->number('hidden_s') >= $reason->number('slip_s') => sprintf(
                ' It may be hidden %s, so expect to lose it behind things.',
                $needs,
            ),
            default => sprintf(' You slip off for about %s at a time, so expect to lose it then.', $needs),
        };

        return match ($reason->code) {
            'no-dial' => 'Your body has no dial for how long it waits.',
            'school' => sprintf('Your school sets level %d, which waits %s. ', $level, $waits).
                ((int) $reason->number('level_by_numbers') === $level
                    ? 'The numbers say the same.'
                    : sprintf('This rush needs %s, level %d.', $needs, $reason->number('level_by_numbers'))),
            'hops' => sprintf('You want to change to whoever leads: level %d waits %s.', $level, $waits).$lost,
            'bursts' => sprintf(
                'It is off without warning: level %d waits %s, so that the focus goes after it at once.',
                $level,
                $waits,
            ).$lost,
            'at-once' => sprintf('You want whoever comes first: level %d waits %s.', $level, $waits).$lost,
            'beyond' => sprintf('It may be hidden for %s; even the highest level waits only %s.', $needs, $waits),
            'clear' => sprintf(
                'Nothing hides it and your aim hardly slips: level %d waits %s, which is enough.',
                $level,
                $waits,
            ),
            'hidden' => sprintf(
                'Something hides it for up to %s; level %d waits %s.',
                Units::time($reason->number('hidden_s')),
                $level,
                $waits,
            ),
            default => sprintf(
                'You slip off for about %s at a time; level %d waits %s.',
                Units::time($reason->number('slip_s')),
                $level,
                $waits,
            ),
        };
    }

    private function pace(Reason $reason): string
    {
        $units = $this->units;
        $school =
            $reason->school === null
                ? ''
                : sprintf(
                    'Your school sets %d; the numbers say %d. ',
                    $reason->number('level'),
                    $reason->number('level_by_numbers'),
                );

        return match ($reason->code) {
            'no-dial' => 'Your body has no dial for changes of speed.',
            'constant' => $school.'Its closing speed hardly changes, so a constant one may be assumed.',
            default => $school.
                sprintf(
                    'At %s its closing speed changes by %s each second, %s in the %s the camera looks ahead; %s is sharp.',
                    $units->length($reason->number('at_m')),
                    $units->speed($reason->number('change_mps2'), 2),
                    $units->length($reason->number('drift_m'), 2),
                    Units::time($reason->number('ahead_s')),
                    $units->length($reason->number('half_depth_m'), 2),
                ),
        };
    }

    private static function pick(Reason $reason): string
    {
        return match ($reason->code) {
            'no-dial' => 'Your body has no dial for which thing in a zone wins.',
            'school' => 'Your school leaves it on auto.',
            'in-front' => 'The nearest thing here is what stands in front, so the camera had better not look for it.',
            'leader' => 'You want whoever leads, and the leader is nearest.',
            'comes-in' => 'You want whoever comes into view, which is nearer than what is behind.',
            'crowd' => 'There are others like it: what you keep in the middle of the zone wins.',
            default => 'You follow one: it stays with the first it took.',
        };
    }
}
