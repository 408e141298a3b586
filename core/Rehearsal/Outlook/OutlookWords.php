<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Outlook;

use RushHold\Hold\HoldFields;
use RushHold\Kit\Orientation;
use RushHold\Motion\Skill;
use RushHold\Motion\Support;
use RushHold\Planning\Plan;
use RushHold\Rush\Streak;
use RushHold\Wording\HoldWords;
use RushHold\Wording\Share;
use RushHold\Wording\Units;

/** What would help and what must not be touched, as a person reads it. */
final readonly class OutlookWords
{
    public function __construct(private Units $units) {}

    /** What to do: "Stand back to 23 m". */
    public function help(Help $help): string
    {
        $metres = fn (): string => $this->units->length((float) $help->figures['distance_m'], 2);

        return match ($help->what) {
            Help::FARTHER => sprintf('Stand back to %s', $metres()),
            Help::NEARER => sprintf('Go up to %s', $metres()),
            Help::LET_IT_COME => sprintf('Let it come to %s before you press', $metres()),
            Help::TOWARDS => sprintf('Stand nearer to its line, so that it %s', self::bearing($help)),
            Help::ACROSS => sprintf('Stand farther off its line, so that it %s', self::bearing($help)),
            Help::SUPPORT => match (Support::from((string) $help->figures['support'])) {
                Support::Braced => 'Brace yourself, or lie down',
                Support::Monopod => 'Use a monopod',
                default => 'Use a gimbal head',
            },
            Help::LIGHT => 'Wait for one stop more light',
            Help::LENS => sprintf('Take %s', $help->figures['kit']),
            Help::CONVERTER => 'Take the converter off',
            Help::TURN => sprintf('Hold the camera %s', Orientation::from((string) $help->figures['frame'])->words()),
            Help::PRACTICE => sprintf(
                'Practise following until you are %s',
                Skill::from((string) $help->figures['skill'])->words(),
            ),
            Help::PAN => 'Pan with it',
            Help::STREAK => sprintf('Be content with %s', Streak::from((string) $help->figures['streak'])->words()),
        };
    }

    /** What that costs. */
    public function cost(Plan $plan, Help $help): string
    {
        $size = $help->plan->subjectFraction() / $plan->subjectFraction();

        return match ($help->what) {
            Help::FARTHER => sprintf('%s smaller in the frame', Share::percent((float) $help->figures['smaller'])),
            Help::NEARER => 'only where the ground is open to you',
            Help::LET_IT_COME => 'fewer moments; it comes to you, you do not go to it',
            Help::TOWARDS, Help::ACROSS => 'another picture; stay out of its way',
            Help::SUPPORT => $help->figures['support'] === Support::Braced->value
                ? 'slower to turn with it'
                : 'weight to carry, slower to set up',
            Help::LIGHT => 'the moment may not wait',
            Help::LENS => sprintf(
                'it comes out %s, and the change takes time',
                abs($size - 1) < 0.02
                    ? 'as large'
                    : sprintf('%s %s', Share::percent(abs($size - 1)), $size < 1 ? 'smaller' : 'larger'),
            ),
            Help::CONVERTER => sprintf(
                'it comes out %s smaller',
                Share::percent(1 - 1 / (float) $help->figures['converter']),
            ),
            Help::TURN => 'the hand is higher, the arm free',
            Help::PRACTICE => 'weeks',
            Help::PAN => 'the body turns with the camera',
            Help::STREAK => 'less to see of its speed',
        };
    }

    /** What is lost where a field is set off: "1/3200: 14 of 100 sharp frames lost". */
    public function touch(Touch $touch): string
    {
        if ($touch->off === null) {
            return 'may be off as far as it goes';
        }

        return sprintf(
            '%s costs %s of the sharp frames',
            HoldWords::word($touch->field, $touch->off, $this->units),
            Share::percent(min(1.0, $touch->lost)),
        );
    }

    public static function name(Touch $touch): string
    {
        return HoldFields::FIELDS[$touch->field];
    }

    private static function bearing(Help $help): string
    {
        $degrees = (float) $help->figures['bearing_deg'];

        return match (true) {
            $degrees < 12 => 'comes straight at you',
            $degrees <= 60 => sprintf('comes on at %.0f°', $degrees),
            $degrees < 120 => sprintf('crosses at %.0f°', $degrees),
            $degrees < 168 => sprintf('goes away at %.0f°', $degrees),
            default => 'goes straight away',
        };
    }
}
