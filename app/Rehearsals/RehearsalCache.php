<?php

declare(strict_types=1);

namespace App\Rehearsals;

use App\Models\KitRecord;
use App\Models\RehearsalRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Plans\PlanCache;
use App\Plans\Reckoning;
use App\Plans\Remembered;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use RushHold\Document\Reader;
use RushHold\Hold\Dials;
use RushHold\Hold\Hold;
use RushHold\Kit\FocusMode;
use RushHold\Kit\Kit;
use RushHold\Planning\Planner;
use RushHold\Rehearsal\Estimate\EstimateDocument;
use RushHold\Rehearsal\Estimate\Margin;
use RushHold\Rehearsal\Estimate\RemedySearch;
use RushHold\Rehearsal\Estimate\Tally;
use RushHold\Rehearsal\Outlook\Frontier;
use RushHold\Rehearsal\Outlook\HelpSearch;
use RushHold\Rehearsal\Outlook\OutlookDocument;
use RushHold\Rehearsal\Outlook\Touches;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Take;
use RushHold\Rehearsal\TakeDocument;

/** Rehearses the plan of a rush, and keeps what the last rehearsal told for as long as that plan stands. */
final readonly class RehearsalCache
{
    /** Passes of an estimate, as far as there is time for them. */
    private const PASSES = 200;

    /** Passes on which each single dial is tried. */
    private const TRIES = 60;

    /** Passes on which each thing a person could do is tried. */
    private const HELPS = 40;

    /** Other kits that are tried at the most. */
    private const KITS = 4;

    /** Passes of an estimate that are played however long they take. */
    private const LEAST = 12;

    /** Beginnings of the names of the figures a rehearsal rests on beyond the plan's. */
    private const ASSUMED = ['rehearse.', 'af.', 'focus.prediction', 'aim.recover.', 'person.reaction'];

    /** Raised whenever a rehearsal itself tells otherwise, so that kept ones are made again. */
    private const MODEL = 5;

    public function __construct(
        private PlanCache $plans,
        private Reckoning $reckoning,
        private Planner $planner,
        private Remembered $remembered,
    ) {}

    /**
     * What many passes tell of the hold as it is: as kept, or reckoned now.
     *
     * @return array<string, mixed>
     *
     * @throws \RushHold\Faults\Fault when there is no plan
     */
    public function estimate(RushRecord $rush, User $user): array
    {
        return array_diff_key($this->kept($rush, $user), ['by_pass' => 1, 'model' => 1]) + [
            'assumed' => $user->assumed()->told(self::ASSUMED),
        ];
    }

    /** @return array<string, mixed> with the sharp frames of each pass */
    private function kept(RushRecord $rush, User $user): array
    {
        $fingerprint = $this->plans->fingerprint($rush, $user);
        $kept = $rush->rehearsal;
        if ($kept !== null && $kept->fingerprint === $fingerprint && ($kept->document->model ?? null) === self::MODEL) {
            return ['at' => $kept->made_at->toIso8601ZuluString()] + (array) $kept->document;
        }
        $document = $this->remembered('estimate', $rush, $user, [], function () use ($rush, $user): array {
            $rehearsal = Rehearsal::of($this->plans->planOf($rush, $user));
            $tally = self::tally($rehearsal, $rehearsal->plan->hold);

            return ['model' => self::MODEL, 'by_pass' => $tally->sharp()] +
                EstimateDocument::of($tally, self::isByHand($rehearsal));
        });
        $at = Carbon::now();
        RehearsalRecord::query()->updateOrCreate(
            ['rush_id' => $rush->id],
            ['fingerprint' => $fingerprint, 'document' => $document, 'made_at' => $at],
        );

        return ['at' => $at->toIso8601ZuluString()] + $document;
    }

    /**
     * What the same passes tell of the hold with these dials turned, beside the hold as it is.
     *
     * @return array<string, mixed>
     */
    public function tried(RushRecord $rush, User $user, Dials $dials): array
    {
        $plan = $this->plans->planOf($rush, $user);
        /** @var list<int> $now */
        $now = $this->kept($rush, $user)['by_pass'];

        return $this->reckoned($rush, $user, static function () use ($plan, $dials, $now): array {
            $rehearsal = Rehearsal::of($plan);
            $then = self::tally($rehearsal, $dials->on($plan->hold));

            return EstimateDocument::of($then, self::isByHand($rehearsal)) + [
                'words' => EstimateDocument::words($plan, $dials),
                'gain' => Margin::between($then->sharp(), $now)->toArray(),
            ] +
                EstimateDocument::light($plan, $dials);
        });
    }

    /** @return array<string, mixed> */
    public function remedies(RushRecord $rush, User $user): array
    {
        return $this->remembered('remedies', $rush, $user, [], function () use ($rush, $user): array {
            $plan = $this->plans->planOf($rush, $user);

            return EstimateDocument::remedies(
                $plan,
                RemedySearch::find(Rehearsal::of($plan), $plan->hold, self::TRIES, self::clock()),
            );
        });
    }

    /**
     * Sharp frames against ISO, what must not be touched, and what would help most.
     *
     * @return ?array<string, mixed>  null where it has no plan
     */
    public function outlook(RushRecord $rush, User $user): ?array
    {
        if ($this->plans->of($rush, $user)->fault !== null) {
            return null;
        }
        $others = $this->otherKits($rush, $user);

        return $this->remembered('outlook', $rush, $user, $others, function () use ($rush, $others, $user): array {
            $plan = $this->plans->planOf($rush, $user);
            $rehearsal = Rehearsal::of($plan);
            $takes = self::takes($rehearsal);

            return (new OutlookDocument($user->units()))->of(
                $plan,
                count($takes),
                Frontier::of($rehearsal, $takes),
                Touches::of($rehearsal, $takes),
                HelpSearch::find(
                    $this->planner,
                    $plan,
                    array_map(Kit::fromArray(...), $others),
                    self::HELPS,
                    self::clock(),
                ),
            );
        });
    }

    /** @return list<Take> of the hold as it is */
    private static function takes(Rehearsal $rehearsal): array
    {
        $camera = $rehearsal->camera();
        $goesOn = self::clock();
        $takes = [];
        for ($seed = 0; $seed < Touches::PASSES && ($seed < self::LEAST || $goesOn()); $seed++) {
            $takes[] = Take::of($rehearsal->pass($seed), $camera);
        }

        return $takes;
    }

    /** @return array<string, array<mixed>> other kits of the same person as documents, by the names of their parts */
    private function otherKits(RushRecord $rush, User $user): array
    {
        $found = [];
        /** @var Collection<int, KitRecord> $kits */
        $kits = $user->kits()->whereKeyNot($rush->kit_id)->with(KitRecord::PARTS)->limit(self::KITS)->get();
        foreach ($kits as $kit) {
            $found[$kit->name()] = Reader::plain($kit->document());
        }

        return $found;
    }

    /**
     * One pass with the hold as it is and, where dials are turned, with those: the same pass.
     *
     * @return array<string, mixed>
     */
    public function take(RushRecord $rush, User $user, int $seed, Dials $dials): array
    {
        $plan = $this->plans->planOf($rush, $user);

        return $this->reckoned($rush, $user, static function () use ($plan, $seed, $dials): array {
            $rehearsal = Rehearsal::of($plan);
            $pass = $rehearsal->pass($seed);
            $take = Take::of($pass, $rehearsal->camera());

            return TakeDocument::of($seed, $take) + [
                'tried' => $dials->areNone()
                    ? null
                    : TakeDocument::tried(Take::of($pass, $rehearsal->camera($dials->on($plan->hold)))),
            ];
        });
    }

    /**
     * The same as remembered, or reckoned now; what was cut short for want of time is not kept.
     *
     * @param  array<string, array<mixed>>  $others  kits it rests on besides that of the rush
     * @param  \Closure(): array<string, mixed>  $reckon
     * @return array<string, mixed>
     */
    private function remembered(string $what, RushRecord $rush, User $user, array $others, \Closure $reckon): array
    {
        $fingerprint = $this->plans->fingerprint($rush, $user);
        $text = $this->remembered->text(
            [$what, self::MODEL, $fingerprint, $user->units()->value, $others],
            fn (): string => json_encode($this->reckoned($rush, $user, $reckon), JSON_THROW_ON_ERROR),
            self::clock(),
        );

        return (array) json_decode($text, flags: JSON_THROW_ON_ERROR);
    }

    /**
     * What is reckoned for somebody, every number of it one.
     *
     * @param  \Closure(): array<string, mixed>  $reckon
     * @return array<string, mixed>
     */
    private function reckoned(RushRecord $rush, User $user, \Closure $reckon): array
    {
        return $this->reckoning->of(
            'The rehearsal',
            [
                'rush' => $rush->document,
                'kit' => $rush->kit->document($rush->focal_mm),
                'figures' => $user->figures(),
            ],
            static function () use ($reckon): array {
                $told = $reckon();
                json_encode($told, JSON_THROW_ON_ERROR);

                return $told;
            },
        );
    }

    /** @return \Closure(): bool whether there is time left, from now on */
    public static function clock(): \Closure
    {
        $until = hrtime(true) + (int) (config('rushhold.reckon_s') * 1e9);

        return static fn (): bool => hrtime(true) < $until;
    }

    private static function isByHand(Rehearsal $rehearsal): bool
    {
        return $rehearsal->plan->hold->focusMode === FocusMode::Manual;
    }

    private static function tally(Rehearsal $rehearsal, Hold $hold): Tally
    {
        $tally = new Tally();
        $camera = $rehearsal->camera($hold);
        $goesOn = self::clock();
        for ($seed = 0; $seed < self::PASSES && ($seed < self::LEAST || $goesOn()); $seed++) {
            $tally->add(Take::of($rehearsal->pass($seed), $camera)->counts());
        }

        return $tally;
    }
}
