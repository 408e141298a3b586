<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Outlook;

use RushHold\Planning\Plan;
use RushHold\Rehearsal\Estimate\Margin;
use RushHold\Rehearsal\Estimate\Tally;

/** Something the person can do, planned and rehearsed, beside things as they are. */
final readonly class Help
{
    /**
     * @param  self::*  $what
     * @param  array<string, float|string>  $figures  what its words tell, units in the names
     * @param  array<string, mixed>  $change  of the rush, by parts of rush/1, for whoever takes it; empty when it is not the rush that changes
     * @param  Margin  $margin  sharp frames more a pass
     */
    public function __construct(
        public string $what,
        public array $figures,
        public array $change,
        public Plan $plan,
        public Tally $tally,
        public Margin $margin,
    ) {}

    public const FARTHER = 'farther';

    public const NEARER = 'nearer';

    public const LET_IT_COME = 'let-it-come';

    public const TOWARDS = 'towards';

    public const ACROSS = 'across';

    public const SUPPORT = 'support';

    public const LIGHT = 'light';

    public const LENS = 'lens';

    public const CONVERTER = 'converter';

    public const TURN = 'turn';

    public const PRACTICE = 'practice';

    public const PAN = 'pan';

    public const STREAK = 'streak';
}
