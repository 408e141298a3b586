<?php

declare(strict_types=1);

namespace App\Outings;

use App\Models\OutingRecord;
use App\Models\RushRecord;
use App\Models\User;
use RushHold\Document\Reader;
use RushHold\Faults\OutsideTheOuting;
use RushHold\Faults\UnknownChoice;
use RushHold\Kit\Kit;
use RushHold\Outing\Expected;
use RushHold\Outing\HoldsOfDay;
use RushHold\Outing\Outing;
use RushHold\Planning\Planner;
use RushHold\Rush\Rush;

/** One of the rushes of a day as it is in a moment: what the day has planned for it then. */
final readonly class RushAtMoment
{
    /**
     * @param  \stdClass  $document  the rush as rush/1
     * @param  array<mixed>  $lens  the lens of its kit, as kit/1 has it
     */
    private function __construct(
        public Rush $rush,
        public Kit $kit,
        public \stdClass $document,
        public array $lens,
    ) {}

    /**
     * @param  string  $id  by which the outing names the rush
     * @param  string  $at  a moment of it, in ISO 8601
     */
    public static function of(
        OutingRecord $outing,
        User $user,
        string $id,
        string $at,
        OutingComposer $composer,
        Planner $planner,
    ): self {
        $day = Outing::fromArray(Reader::plain($composer->document($outing, $user)));
        $expected = array_column($day->expected, null, 'id')[$id] ?? null;
        if (! ($expected instanceof Expected)) {
            throw UnknownChoice::of('rush', $id, array_column($day->expected, 'id'));
        }
        $unixS = strtotime($at);
        $window = $day->window;
        if ($unixS === false || ! $window->stretch()->holds($unixS)) {
            throw OutsideTheOuting::at('at', $at, $day->day->iso($window->fromS), $day->day->iso($window->untilS));
        }
        $holds = new HoldsOfDay($day, $day->conditions($user->assumed()), $planner, $user->assumed());
        $lit = $expected->at($holds->planFor($expected, (float) $unixS), $day->place);

        $ids = array_column((array) ($outing->document->rushes ?? []), 'rush_id', 'id');
        $record = RushRecord::query()
            ->whereBelongsTo($user)
            ->whereKey((string) $ids[$id])
            ->with(RushRecord::WITH_KIT)
            ->firstOrFail();

        return new self(
            $lit,
            $expected->kit,
            $expected->ownLight ? $record->document : self::lit($record->document, $lit),
            $record->kit->document($record->focal_mm)['lens'],
        );
    }

    /** A rush as it is kept, in the light and the air of the moment. */
    private static function lit(\stdClass $kept, Rush $lit): \stdClass
    {
        $document = clone $kept;
        $document->light = (object) ['ev100' => $lit->ev100, 'direction' => $lit->lightDirection->value];
        $document->air = (object) $lit->air->toArray();

        return $document;
    }
}
