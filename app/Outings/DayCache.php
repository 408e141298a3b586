<?php

declare(strict_types=1);

namespace App\Outings;

use App\Models\DayRecord;
use App\Models\OutingRecord;
use App\Models\User;
use App\Plans\Reckoning;
use App\Problems\Problem;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use RushHold\Document\Reader;
use RushHold\Faults\Fault;
use RushHold\Outing\Day;
use RushHold\Outing\Outing;
use RushHold\Planning\Planner;
use RushHold\Wording\Outing\DayDocument;

/** Keeps the day of each outing: reckoned again only when something it rests on has changed. */
final readonly class DayCache
{
    /** Raised whenever a day is reckoned differently, so that kept days are reckoned again. */
    private const RECKONING = 4;

    /** Days kept of one account. */
    private const KEPT = 24;

    public function __construct(
        private OutingComposer $composer,
        private Planner $planner,
        private Reckoning $reckoning,
    ) {}

    public function of(OutingRecord $outing, User $user): DayRecord
    {
        return $this->composed($outing, $this->composer->document($outing, $user), $user);
    }

    /** @param  array<string, mixed>  $document  outing/1 of that outing, for who needs it as well */
    public function composed(OutingRecord $outing, array $document, User $user): DayRecord
    {
        $fingerprint = md5((string) json_encode([self::RECKONING, $document, $user->figures()]));
        $kept = $outing->reckoned;
        $units = $user->units();
        $stands = $kept !== null && $kept->fingerprint === $fingerprint;
        if ($stands && ($kept->fault !== null || $kept->text($units) !== null)) {
            return $kept;
        }
        [$text, $fault] = $this->reckon($document, $user);

        $day = DayRecord::query()->updateOrCreate(
            ['outing_id' => $outing->id],
            [
                'fingerprint' => $fingerprint,
                'fault' => $fault,
                'reckoned_at' => now(),
                $units->value => $text,
            ] + ($stands ? [] : ['metric' => null, 'imperial' => null]),
        );
        $this->keepNewest($user);

        return $day;
    }

    /** A day that is let go is reckoned again when it is asked for; so many are kept for an account. */
    private function keepNewest(User $user): void
    {
        $ids = DayRecord::query()
            ->whereIn(
                'outing_id',
                OutingRecord::query()
                    ->withoutGlobalScope(SoftDeletingScope::class)
                    ->whereBelongsTo($user)
                    ->select('id'),
            )
            ->orderByDesc('reckoned_at')
            ->skip(self::KEPT)
            ->take(1000)
            ->pluck('outing_id');
        if ($ids->isNotEmpty()) {
            DayRecord::query()->whereKey($ids->all())->delete();
        }
    }

    /**
     * The day itself, reckoned now.
     *
     * @throws Fault naming what stands in its way
     */
    public function dayOf(OutingRecord $outing, User $user): Day
    {
        return $this->day($this->composer->document($outing, $user), $user);
    }

    /**
     * @param  array<string, mixed>  $document  outing/1
     * @return array{?string, ?array<string, mixed>} the day as text, or the problem that stands in its way
     */
    private function reckon(array $document, User $user): array
    {
        try {
            $day = $this->day($document, $user);

            return [
                $this->reckoning->json(
                    'The day',
                    ['outing' => $document],
                    static fn (): array => DayDocument::of($day, $user->units()),
                ),
                null,
            ];
        } catch (Fault $fault) {
            return [null, Problem::ofFaults([$fault])->toArray()];
        }
    }

    /** @param  array<string, mixed>  $document */
    private function day(array $document, User $user): Day
    {
        return $this->reckoning->of(
            'The day',
            ['outing' => $document],
            fn (): Day => Day::of(Outing::fromArray(Reader::plain($document)), $this->planner, $user->assumed()),
        );
    }
}
