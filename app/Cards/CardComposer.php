<?php

declare(strict_types=1);

namespace App\Cards;

use App\Layouts\LayoutReport;
use App\Models\CameraStateRecord;
use App\Models\CardRecord;
use App\Models\GearRecord;
use App\Models\LayoutRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Outings\DayOnCard;
use App\Outings\RushAtHour;
use App\Plans\PlanCache;
use App\Plans\Remembered;
use Illuminate\Database\Eloquent\Collection;
use RushHold\Card\CameraState;
use RushHold\Card\CardPage;
use RushHold\Card\PreFlight;
use RushHold\Controls\Layout;
use RushHold\Controls\LayoutOnBody;
use RushHold\Document\Reader;
use RushHold\Faults\Fault;
use RushHold\Kit\Care;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rehearsal\Outlook\OutlookDocument;
use RushHold\Rehearsal\Outlook\Touches;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Take;

/** Writes out what a card shows. */
final readonly class CardComposer
{
    /** Raised whenever tips are told differently, so that kept ones are searched again. */
    private const TIPS = 3;

    /** Holds searched at the most in one go, unless told otherwise: those of one whole card. */
    private const HOLDS = Layout::HOLDS;

    public function __construct(
        private PlanCache $plans,
        private Planner $planner,
        private LayoutReport $layouts,
        private DayOnCard $day,
        private Remembered $remembered,
    ) {}

    /**
     * @param  int  $searches  how many more holds may be searched for what would change them, which costs a hundred plans each;
     *                         what is left over tells nothing of it yet, and is searched the next time
     * @return list<array<string, mixed>> one page for each hold, in order; {key, name, fault} for one that has no plan
     */
    public function pages(CardRecord $card, User $user, int &$searches = self::HOLDS): array
    {
        /** @var Collection<int, RushRecord> $found */
        $found = $user->rushes()->whereKey($card->rushes)->with(RushRecord::WITH_KIT)->get();
        $rushes = [];
        foreach ($found as $rush) {
            $rushes[$rush->id] = $rush;
        }
        $card->loadMissing(['outing.place', 'outing.reckoned']);
        $hours = $card->outing === null ? [] : $this->day->of($card->outing, $user);
        $bodies = [];
        $tips = [];
        $pages = [];
        foreach ($card->rushes as $id) {
            $rush = $rushes[$id] ?? null;
            if ($rush === null) {
                continue;
            }
            $body = $rush->kit->body;
            $bodies[$body->id] ??= $this->onBody($body, $user);
            try {
                [$page, $told] = $this->page(
                    $rush,
                    $hours[$id] ?? null,
                    $bodies[$body->id],
                    $card->tips[$id] ?? null,
                    $user,
                    $searches,
                );
                $pages[] = $page;
                if ($told !== null) {
                    $tips[$id] = $told;
                }
            } catch (Fault $fault) {
                $pages[] = ['key' => $id, 'name' => $rush->name, 'fault' => $fault->getMessage()];
            }
        }
        if ($tips != $card->tips) {
            // kept beside the card, without touching what the person wrote
            CardRecord::query()
                ->whereKey($card->id)
                ->update(['tips' => json_encode((object) $tips)]);
        }

        return $pages;
    }

    /**
     * @param  ?array{fingerprint: string, tips: list<mixed>, fast: list<mixed>}  $kept
     * @return array{array<string, mixed>, ?array{fingerprint: string, tips: list<mixed>, fast: list<mixed>}} the page, and what is to be kept of its tips
     */
    private function page(
        RushRecord $rush,
        ?RushAtHour $hour,
        LayoutOnBody $onBody,
        ?array $kept,
        User $user,
        int &$searches,
    ): array {
        $plan = $hour?->rush === null
            ? $this->plans->planOf($rush, $user)
            : $this->plans->planIn($rush, $hour->rush, $user);
        $kit = $rush->kit;
        $left = CameraStateRecord::query()->where('gear_id', $kit->body_id)->first();
        $state = $left === null ? CameraState::unknown() : CameraState::fromArray(Reader::plain($left->document));
        $glass = [];
        foreach (array_filter([$kit->lens, $kit->converter, $kit->adapter]) as $piece) {
            $glass[$piece->name] = Care::read(Reader::of($piece->read()));
        }
        $preFlight = new PreFlight(
            $onBody->profile,
            $glass,
            self::tunedOn($kit->lens, $kit->body),
            $user->assumed(),
            now()->toDateString(),
        );
        $fingerprint = md5(
            (string) json_encode([
                self::TIPS,
                $this->plans->fingerprint($rush, $user),
                $user->units(),
                $kit->body->document->dialect ?? null,
                $hour?->hours,
                // two days may have the same hours, and another light
                $hour?->rush === null ? null : serialize($hour->rush),
            ]),
        );
        $writer = new CardPage($onBody->profile, $preFlight);
        $page = $writer->of($rush->id, $rush->name, $plan, [], [], $state, $onBody, $user->units());
        $told = match (true) {
            $kept !== null && $kept['fingerprint'] === $fingerprint => $kept,
            $searches-- > 0 => $this->searched($fingerprint, $writer, $plan, $user),
            default => null,
        };
        if ($told !== null) {
            $page['tips'] = $told['tips'];
            $page['fast'] = $told['fast'];
        }
        $page['pre_flight'] = [...$hour->checks ?? [], ...$page['pre_flight']];

        return [
            $page + [
                'hours' => $hour?->hours,
                'water' => $hour?->water,
                'spot' => $hour?->spot,
                'body' => ['id' => $kit->body_id, 'name' => $kit->body->name],
                'kit' => implode(', ', array_filter([$kit->lens->name, $kit->converter?->name, $kit->adapter?->name])),
                'camera_state' => $left === null
                        ? null
                        : [
                            'by' => $left->by,
                            'at' => $left->left_at->toIso8601ZuluString('millisecond'),
                            'state' => $left->document,
                        ],
            ],
            $told,
        ];
    }

    /**
     * What would change a hold and what of it must not be touched, as searched now or lately for somebody else who plans the same.
     *
     * @return array{fingerprint: string, tips: list<mixed>, fast: list<mixed>}
     */
    private function searched(string $fingerprint, CardPage $writer, Plan $plan, User $user): array
    {
        $text = $this->remembered->text(
            ['card', $fingerprint],
            fn (): string => json_encode(
                [
                    'tips' => $writer->tips($plan, $this->planner->tips($plan), $user->units()),
                    'fast' => self::fast($plan, $user),
                ],
                JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
            ),
        );
        /** @var array{tips: list<mixed>, fast: list<mixed>} $found */
        $found = json_decode($text, true, flags: JSON_THROW_ON_ERROR);

        return ['fingerprint' => $fingerprint] + $found;
    }

    /** @return list<array{name: string, words: string}> what must not be touched */
    private static function fast(Plan $plan, User $user): array
    {
        $rehearsal = Rehearsal::of($plan);
        $camera = $rehearsal->camera();
        $takes = [];
        for ($seed = 0; $seed < Touches::PASSES; $seed++) {
            $takes[] = Take::of($rehearsal->pass($seed), $camera);
        }
        $told = array_filter(
            (new OutlookDocument($user->units()))->touches(Touches::of($rehearsal, $takes)),
            static fn (array $touch): bool => $touch['matters'],
        );

        return array_values(
            array_map(static fn (array $touch): array => ['name' => $touch['name'], 'words' => $touch['words']], $told),
        );
    }

    private function onBody(GearRecord $body, User $user): LayoutOnBody
    {
        return $this->layouts->onBody($body, LayoutRecord::query()->where('gear_id', $body->id)->first(), $user);
    }

    /** When this lens was last fine-tuned on this body. */
    private static function tunedOn(GearRecord $lens, GearRecord $body): ?string
    {
        $days = [];
        foreach (is_array($lens->document->tuned ?? null) ? $lens->document->tuned : [] as $found) {
            if (
                $found instanceof \stdClass &&
                ($found->body ?? null) === $body->name &&
                is_string($found->on ?? null)
            ) {
                $days[] = $found->on;
            }
        }

        return $days === [] ? null : max($days);
    }
}
