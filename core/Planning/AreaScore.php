<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Kit\AfArea;

/** How well one AF area would do in a situation. */
final readonly class AreaScore
{
    /** The cause of a loss: the aim is off the target. */
    public const SLIP = 'slip';

    /** Hazards by what they make the focus take; what stands and passes in front is reckoned by itself. */
    public const TAKES = [
        'part' => ['self', 'no-eye', 'group'],
        'behind' => ['behind', 'foliage', 'side', 'tiny', 'unseen'],
        'nothing' => ['plain', 'pinpoint', 'sensor', 'haze'],
    ];

    public float $score;

    /**
     * @param  float  $onTarget  chance that the area lies on the target when the frame is taken
     * @param  float  $width  share of the frame
     * @param  float  $height  share of the frame
     * @param  float  $detection  chance that detection finds the subject in this area
     * @param  array<string, float>  $hazards  mean count of wrong things that take the focus, by cause
     */
    public function __construct(
        public AfArea $area,
        public float $onTarget,
        public float $width,
        public float $height,
        public float $detection,
        public array $hazards,
    ) {
        $this->score = $onTarget * exp(-array_sum($hazards));
    }

    /** @return array{part: float, behind: float, nothing: float} mean counts of hazards by what they make the focus take */
    public function takes(): array
    {
        return array_map(
            fn (array $names): float => array_sum(array_intersect_key($this->hazards, array_flip($names))),
            self::TAKES,
        );
    }

    /**
     * What costs this area most.
     *
     * @return array{string, float} the cause, {@see self::SLIP} or one of the hazards', and the share of the time it costs
     */
    public function weakness(): array
    {
        $losses = [self::SLIP => 1 - $this->onTarget];
        foreach ($this->hazards as $cause => $mean) {
            $losses[$cause] = 1 - exp(-$mean);
        }
        arsort($losses);
        $worst = array_key_first($losses);

        return [$worst, $losses[$worst]];
    }
}
