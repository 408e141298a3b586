<?php

declare(strict_types=1);

namespace App\Outings;

use App\Models\OutingRecord;
use RushHold\Hold\Hold;
use RushHold\Light\SunEventKind;
use RushHold\Outing\Day;
use RushHold\Outing\Spot;
use RushHold\Outing\Stay;
use RushHold\Wording\HoldWords;
use RushHold\Wording\Units;
use Sabre\VObject\Component\VCalendar;

/** What an outing gives to other programs: a calendar of its turns with alarms, and its spots as GPX. */
final readonly class DayFiles
{
    /** An alarm rings so long before, in minutes. */
    private const ALARM_MINUTES = 10;

    public static function calendar(OutingRecord $outing, Day $day, Units $units): string
    {
        // the library is older than return types, and says so at every turn
        $before = error_reporting(error_reporting() & ~E_DEPRECATED);
        try {
            return self::events($outing, $day, $units);
        } finally {
            error_reporting($before);
        }
    }

    private static function events(OutingRecord $outing, Day $day, Units $units): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Rush Hold//Outing//EN', 'X-WR-CALNAME' => $outing->name]);
        $utc = static fn (float $unixS): \DateTimeImmutable => (new \DateTimeImmutable('@'.(int) round($unixS)));
        $add = static function (
            string $id,
            string $what,
            float $fromS,
            float $untilS,
            string $why,
            int $alarm,
        ) use ($calendar, $outing, $utc): void {
            /** @var \Sabre\VObject\Component\VEvent $event */
            $event = $calendar->add('VEVENT', [
                'UID' => "{$id}.{$outing->id}@rush-hold",
                'DTSTAMP' => $utc((float) $outing->updated_at->getTimestamp()),
                'SUMMARY' => $what,
                'DESCRIPTION' => $why,
                'DTSTART' => $utc($fromS),
                'DTEND' => $utc(max($untilS, $fromS + 60)),
            ]);
            $event->add('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => $what, 'TRIGGER' => "-PT{$alarm}M"]);
        };
        foreach ($day->order->stays as $number => $stay) {
            $expected = $day->outing->expected[$stay->rush];
            $from = $day->quarterS($stay->from);
            $hold = null;
            foreach ($day->steps[$stay->rush] as $step) {
                $hold ??= $step->moment->unixS >= $from ? $step->planned?->hold : null;
            }
            $add(
                'turn-'.$number,
                $expected->name.', '.$expected->spot->name,
                $from,
                $day->quarterS($stay->until),
                $hold === null ? '' : self::line($hold, $units),
                self::ALARM_MINUTES,
            );
        }
        $early = (int) $day->assumptions->value('outing.water');
        foreach ($day->order->stays as $number => $stay) {
            $before = $day->order->stays[$number - 1] ?? null;
            $spot = $day->outing->expected[$stay->rush]->spot;
            $from = $day->quarterS($stay->from);
            $walkS = $before === null
                ? 0.0
                : 60 * $day->outing->walkMinutes($day->outing->expected[$before->rush]->spot, $spot, $day->assumptions);
            if ($walkS > 0) {
                $add("leave-{$number}", 'Leave for '.$spot->name, $from - $walkS, $from, '', self::ALARM_MINUTES);
            }
            foreach (self::within($day, $stay, $units) as $at => $what) {
                $add("{$what[0]}-{$at}", $what[1], (float) $at, $at + 300.0, $what[2], 1);
            }
        }
        foreach ($day->cutOff as $id => $stretches) {
            foreach ($stretches as $number => [$from, $until]) {
                $spot = $day->outing->place->spots[$id];
                $add(
                    "water-{$id}-{$number}",
                    'Water cuts off '.$spot->name,
                    $from,
                    $until,
                    'By the waters you typed. The official table and local rules go before this.',
                    max(1, $early),
                );
            }
        }
        foreach ([SunEventKind::Rise->value => 'Sunrise', SunEventKind::Set->value => 'Sunset: light ends'] as $kind => $words) {
            $at = $day->sun->first(SunEventKind::from($kind));
            if ($at !== null && $at >= $day->outing->fromS && $at <= $day->outing->untilS) {
                $add($kind, $words, $at, $at + 60, '', 30);
            }
        }

        return $calendar->serialize();
    }

    /**
     * What happens within a turn: the hold changes, and the light is best.
     *
     * @return array<int, array{string, string, string}> by moment: kind, summary, description
     */
    private static function within(Day $day, Stay $stay, Units $units): array
    {
        [$from, $until] = [$day->quarterS($stay->from), $day->quarterS($stay->until)];
        $name = $day->outing->expected[$stay->rush]->name;
        $best = null;
        $told = [];
        foreach ($day->bands[$stay->rush] as $band) {
            foreach ($band->steps as $step) {
                $isWithin = $step->moment->unixS >= $from && $step->moment->unixS < $until;
                if ($isWithin && ($best === null || $step->share > $best->share + 0.005)) {
                    $best = $step;
                }
            }
            $hold = $band->steps[0]->planned?->hold;
            if ($band->fromS() > $from && $band->fromS() < $until && $band->changed !== [] && $hold !== null) {
                $told[(int) $band->fromS()] = [
                    'change',
                    'Change the hold: '.$name,
                    self::line($hold, $units),
                ];
            }
        }
        if ($best !== null && $best->moment->unixS > $from) {
            $at = (int) $best->moment->unixS;
            $share = (int) round(100 * $best->share);
            $change = $told[$at] ?? null;
            $told[$at] = [
                'best',
                ($change === null ? 'Best light: ' : 'Best light, and change the hold: ').$name,
                "{$share} of 100 frames come out. ".($change[2] ?? ''),
            ];
        }

        return $told;
    }

    /** A hold in one line. */
    private static function line(Hold $hold, Units $units): string
    {
        $fields = ['shutter_s', 'f_number', 'iso', 'focus_mode', 'area.pattern', 'tuning.stay', 'tuning.pace'];

        return implode(
            ', ',
            array_map(static fn (string $field): string => HoldWords::word($field, $hold, $units), $fields),
        );
    }

    /** @param  list<Spot>  $spots */
    public static function gpx(string $name, array $spots): string
    {
        $xml = new \XMLWriter();
        $xml->openMemory();
        $xml->setIndent(true);
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElement('gpx');
        $xml->writeAttribute('version', '1.1');
        $xml->writeAttribute('creator', 'Rush Hold');
        $xml->writeAttribute('xmlns', 'http://www.topografix.com/GPX/1/1');
        $xml->startElement('metadata');
        $xml->writeElement('name', $name);
        $xml->endElement();
        foreach ($spots as $spot) {
            $xml->startElement('wpt');
            $xml->writeAttribute('lat', sprintf('%.7F', $spot->position->latitudeDeg));
            $xml->writeAttribute('lon', sprintf('%.7F', $spot->position->longitudeDeg));
            $xml->writeElement('name', $spot->name);
            $xml->writeElement('desc', sprintf('towards %.0f°', $spot->bearingDeg));
            $xml->endElement();
        }
        $xml->endElement();
        $xml->endDocument();

        return $xml->outputMemory();
    }
}
