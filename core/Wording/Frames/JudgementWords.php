<?php

declare(strict_types=1);

namespace RushHold\Wording\Frames;

use RushHold\Sharpness\BlurFound;
use RushHold\Sharpness\BlurMap;
use RushHold\Sharpness\FrameVerdict;
use RushHold\Sharpness\Judgement;
use RushHold\Sharpness\Turn;

/** What a verdict on a frame rests on, in sentences. */
final readonly class JudgementWords
{
    /** Less of the body's own blur than this is not worth a word, in px. */
    private const WORTH_PX = 0.3;

    /**
     * @param  ?float  $pitchMm  from pixel to pixel on the sensor, null when nobody knows it
     * @param  Turn  $turn  how the frame is looked at
     */
    public function __construct(private ?float $pitchMm, private Turn $turn = new Turn(1)) {}

    /** @return list<string> two at the most */
    public function why(Judgement $judgement): array
    {
        $subject = $judgement->blur->subject;

        return match ($judgement->verdict) {
            FrameVerdict::Out => [
                'Nothing here looks like the subject of the other frames: it is outside the frame or behind something, or looks quite different.',
            ],
            FrameVerdict::Dark => ['Hardly any of the subject is brighter than a quarter of what a file can hold.'],
            FrameVerdict::Bright => [
                sprintf('%d %% of the subject are as bright as a file can hold.', round(100 * $judgement->blur->burnt)),
            ],
            FrameVerdict::Unclear => ['Too little detail stands where the subject should be.'],
            default => $subject === null
                ? ['It has been found again, but nothing is left of its detail.']
                : [$this->measured($judgement, $subject), ...$this->cause($judgement, $subject)],
        };
    }

    private function measured(Judgement $judgement, BlurFound $subject): string
    {
        return sprintf(
            'The subject is blurred by %s%s; the standard allows %s.',
            $this->width($subject->totalPx()),
            $judgement->floorPx < self::WORTH_PX ? '' : sprintf(', %s of it this body’s own', $this->width($judgement->floorPx)),
            $this->width($judgement->limitPx),
        );
    }

    /** @return list<string> */
    private function cause(Judgement $judgement, BlurFound $subject): array
    {
        $around = $judgement->blur->around;

        return match ($judgement->verdict) {
            FrameVerdict::Panned => $around === null
                ? []
                : [sprintf('What is around it streaks by %s: the camera went with it.', $this->width($around->motionPx))],
            FrameVerdict::Moved => [
                sprintf(
                    'It streaks by %s along %s; %s.',
                    $this->width($subject->motionPx),
                    self::direction($this->turn->direction($subject->motionDeg)),
                    $around === null ? 'what is around it says nothing of the hands' : 'what is around it does not',
                ),
            ],
            FrameVerdict::Shaken => [
                sprintf('All streaks alike, along %s: the hands.', self::direction($this->turn->direction($subject->motionDeg))),
            ],
            FrameVerdict::Elsewhere => $judgement->elsewhere === null
                ? []
                : [sprintf('What lies %s is sharp.', $this->place($judgement))],
            FrameVerdict::Soft => ['It is blurred alike in all directions, and nothing else is sharp: missed, or the air.'],
            default => [],
        };
    }

    private function width(float $px): string
    {
        if ($px < 1) {
            return 'less than 1 px';
        }

        return $this->pitchMm === null
            ? sprintf('%.1f px', $px)
            : sprintf('%.1f px (%d µm)', $px, round($px * $this->pitchMm * 1000));
    }

    /** From the rows clockwise on the screen, as a person would say it. */
    private static function direction(float $degrees): string
    {
        return match (true) {
            $degrees < 22.5 || $degrees >= 157.5 => 'the width of the frame',
            $degrees < 67.5 => 'a slope down to the right',
            $degrees < 112.5 => 'the height of the frame',
            default => 'a slope up to the right',
        };
    }

    private function place(Judgement $judgement): string
    {
        $map = $judgement->blur->map;
        if ($map === null) {
            return 'elsewhere';
        }
        $box = $judgement->blur->box;
        $half = ($this->turn->isOnItsSide() ? $box->width : $box->height) / 2;
        [$across, $down] = $this->turn->step(...$map->from($box, ...BlurMap::middle($judgement->elsewhere ?? 0)));

        return match (true) {
            $down > $half => 'below it',
            $down < -$half => 'above it',
            $across > 0 => 'to the right of it',
            default => 'to the left of it',
        };
    }
}
