<?php

declare(strict_types=1);

namespace App\Outings;

use App\Models\OutingRecord;
use RushHold\Hold\Hold;
use RushHold\Light\SunEventKind;
use RushHold\Outing\Day;
use RushHold\Outing\Deed;
use RushHold\Outing\Spot;
use RushHold\Outing\SpotState;
use RushHold\Wording\HoldWords;
use RushHold\Wording\Outing\Clocks;
use RushHold\Wording\Outing\WaterWords;
use RushHold\Wording\Units;
use Sabre\VObject\Component\VCalendar;

/** What an outing gives to other programs: a calendar of its turns with alarms, and its spots as GPX. */
final readonly class DayFiles
{
    /** An alarm rings so long before, in minutes. */
    private const ALARM_MINUTES = 10;

    /** So long before one must be off what the water takes, besides at that moment. */
    private const OFF_MINUTES = 15;

    /** Changes of the hold ring no more often than that. */
    private const APART_MINUTES = 20;

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
            int ...$alarms,
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
            foreach ($alarms as $alarm) {
                $event->add('VALARM', ['ACTION' => 'DISPLAY', 'DESCRIPTION' => $what, 'TRIGGER' => "-PT{$alarm}M"]);
            }
        };
        $water = new WaterWords($day, $units);
        $rang = -INF;
        foreach ($day->order->stays() as $number => $stay) {
            $expected = $day->outing->expected[(int) $stay->rush];
            $worked = $day->worked($stay);
            $at = $day->waters[$expected->spot->id];
            $hold = null;
            foreach ($day->steps[(int) $stay->rush] as $step) {
                $hold ??= $step->fromS >= $worked->fromS ? $step->planned?->hold : null;
            }
            $add(
                'turn-'.$number,
                $expected->name.', '.$expected->spot->name,
                $worked->fromS,
                $worked->untilS,
                trim($water->spot($at).' '.($hold === null ? '' : self::line($hold, $units))),
                self::ALARM_MINUTES,
            );
            $rang = $worked->fromS;
            $off = $at->beOffS($worked->fromS);
            if ($off !== null) {
                $off = Clocks::before($off);
                $add(
                    'off-'.$number,
                    sprintf('Be off %s by %s', $expected->spot->name, $day->outing->day->clock($off)),
                    $off,
                    $off + 60 * $at->wayOff->minutes,
                    'The walk to dry ground. '.$water->spot($at).' The official table and local rules go before this.',
                    self::OFF_MINUTES,
                    0,
                );
            }
            foreach (self::within($day, $stay, $units) as $moment => $what) {
                // one alarm for changes that follow each other shortly
                $rings = $moment - $rang >= 60 * self::APART_MINUTES;
                $add(
                    "{$what[0]}-{$moment}",
                    $what[1],
                    (float) $moment,
                    $moment + 300.0,
                    $what[2],
                    ...($rings ? [1] : []),
                );
                $rang = $rings ? (float) $moment : $rang;
            }
        }
        foreach ($day->walks($day->order) as $number => $walk) {
            if ($walk->to !== null) {
                $add("leave-{$number}", 'Leave for '.$walk->to->name, $walk->leavesS, $walk->arrivesS, '', self::ALARM_MINUTES);
            }
        }
        foreach ($day->waters as $id => $at) {
            foreach ($at->stretches as $number => $one) {
                if ($one->state === SpotState::Shut && $one->stretch->apartS($day->outing->window->stretch()) <= 0) {
                    $shut = Clocks::outward($one->stretch);
                    $add(
                        "water-{$id}-{$number}",
                        'Water cuts off '.$at->spot->name,
                        $shut->fromS,
                        $shut->untilS,
                        'By the waters you typed. The official table and local rules go before this.',
                    );
                }
            }
        }
        $events = [
            SunEventKind::Rise->value => 'Sunrise',
            SunEventKind::Over->value => 'The sun comes over what stands around',
            SunEventKind::Behind->value => 'The sun goes behind what stands around',
            SunEventKind::Set->value => 'Sunset: light ends',
        ];
        foreach ($day->sky->events as $number => $event) {
            if (isset($events[$event->kind->value])) {
                $add("{$event->kind->value}-{$number}", $events[$event->kind->value], $event->unixS, $event->unixS + 60, '', 30);
            }
        }

        return $calendar->serialize();
    }

    /**
     * What happens within a turn: the hold changes, and the light is best.
     *
     * @return array<int, array{string, string, string}> by moment: kind, summary, description
     */
    private static function within(Day $day, Deed $stay, Units $units): array
    {
        $worked = $day->worked($stay);
        [$from, $until] = [$worked->fromS, $worked->untilS];
        $rush = (int) $stay->rush;
        $name = $day->outing->expected[$rush]->name;
        $best = null;
        $told = [];
        foreach ($day->bands[$rush] as $band) {
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

        ksort($told);

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
