<?php

declare(strict_types=1);

namespace RushHold\Wording;

use RushHold\Planning\Exposure\GroupWay;

/** The ways out for a group, as a person reads them. */
final readonly class WayWords
{
    public function __construct(private Units $units) {}

    public function what(GroupWay $way): string
    {
        $number = $way->numbers;

        return match ($way->way) {
            GroupWay::STOP_DOWN => sprintf('f/%s covers all of them', Units::figures($number['f_number'])),
            GroupWay::SHORTER => sprintf(
                '%s mm instead of %s',
                Units::figures($number['focal_mm']),
                Units::figures($way->against['now_mm']),
            ),
            GroupWay::STEP_BACK => sprintf('step back to %s', $this->units->length($number['distance_m'])),
            GroupWay::FEWER => sprintf('%d of %d are sharp now', $number['sharp'], $number['count']),
            GroupWay::LINE_UP => 'wait until they line up',
        };
    }

    public function why(GroupWay $way): string
    {
        return match ($way->way) {
            GroupWay::STOP_DOWN => self::stopDown($way),
            GroupWay::SHORTER => sprintf(
                'Cropped to the same picture it leaves %s of %s pixels across.',
                number_format($way->numbers['pixels_across'], 0, '.', ' '),
                number_format($way->against['pixels_wide'], 0, '.', ' '),
            ),
            GroupWay::STEP_BACK => sprintf(
                'They come out %s of the size they have now.',
                Share::percent($way->numbers['size']),
            ),
            GroupWay::FEWER => sprintf(
                'Spread evenly, those within %s of depth; focus on the one that matters.',
                $this->units->length($way->against['depth_m']),
            ),
            GroupWay::LINE_UP => 'Side by side at the same distance their depth costs nothing.',
        };
    }

    /** @return array{way: string, what: string, why: string, numbers: object} as a plan shows it */
    public function document(GroupWay $way): array
    {
        return [
            'way' => $way->way,
            'what' => $this->what($way),
            'why' => $this->why($way),
            'numbers' => (object) array_filter($way->numbers, is_finite(...)),
        ];
    }

    private static function stopDown(GroupWay $way): string
    {
        ['f_number' => $needed, 'stops' => $stops] = $way->numbers;
        ['now_f' => $now, 'smallest_f' => $smallest] = $way->against;

        return match (true) {
            ! is_finite($needed) || $needed > $smallest * 1.03 => sprintf(
                'That is past the f/%s your lens has.',
                Units::figures($smallest),
            ),
            $stops <= 0.05 => sprintf('f/%s does it.', Units::figures($now)),
            default => sprintf(
                '%s stops more light than f/%s, or as many in ISO.',
                Units::figures($stops, 2),
                Units::figures($now),
            ),
        };
    }
}
