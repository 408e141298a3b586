<?php

declare(strict_types=1);

namespace App\Cards;

use App\Layouts\LayoutReading;
use App\Models\Card;
use App\Models\Gear;
use App\Models\Layout;
use App\Models\Left;
use App\Models\Rush;
use App\Models\User;
use App\Plans\PlanKeeper;
use Illuminate\Database\Eloquent\Collection;
use RushHold\Card\CameraState;
use RushHold\Card\CardSheet;
use RushHold\Card\PreFlight;
use RushHold\Controls\Laying;
use RushHold\Document\DocumentChecker;
use RushHold\Document\Reader;
use RushHold\Faults\Fault;
use RushHold\Kit\Care;
use RushHold\Planning\Planner;

/** Writes out what a card shows. */
final readonly class CardKeeper
{
    /** Raised whenever tips are told differently, so that kept ones are searched again. */
    private const TIPS = 2;

    /** Holds searched at the most in one go, unless told otherwise: those of one whole card. */
    private const HOLDS = 12;

    public function __construct(private PlanKeeper $plans, private Planner $planner, private LayoutReading $layouts) {}

    /**
     * @param  int  $searches  how many more holds may be searched for what would change them, which costs a hundred plans each;
     *                         what is left over tells nothing of it yet, and is searched the next time
     * @return list<array<string, mixed>> one sheet for each hold, in order; {key, name, fault} for one that has no plan
     */
    public function sheets(Card $card, User $user, int &$searches = self::HOLDS): array
    {
        /** @var Collection<int, Rush> $found */
        $found = $user->rushes()->whereKey($card->rushes)->with(Rush::WITH_KIT)->get();
        $rushes = [];
        foreach ($found as $rush) {
            $rushes[$rush->id] = $rush;
        }
        $layings = [];
        $tips = [];
        $sheets = [];
        foreach ($card->rushes as $id) {
            $rush = $rushes[$id] ?? null;
            if ($rush === null) {
                continue;
            }
            $body = $rush->kit->body;
            $layings[$body->id] ??= $this->laying($body, $user);
            try {
                [$sheet, $told] = $this->sheet($rush, $layings[$body->id], $card->tips[$id] ?? null, $user, $searches);
                $sheets[] = $sheet;
                if ($told !== null) {
                    $tips[$id] = $told;
                }
            } catch (Fault $fault) {
                $sheets[] = ['key' => $id, 'name' => $rush->name, 'fault' => $fault->getMessage()];
            }
        }
        if ($tips != $card->tips) {
            // kept beside the card, without touching what the person wrote
            Card::query()->whereKey($card->id)->update(['tips' => json_encode((object) $tips)]);
        }

        return $sheets;
    }

    /**
     * @param  ?array{mark: string, tips: list<mixed>}  $kept
     * @return array{array<string, mixed>, ?array{mark: string, tips: list<mixed>}} the sheet, and what is to be kept of its tips
     */
    private function sheet(Rush $rush, Laying $laying, ?array $kept, User $user, int &$searches): array
    {
        $plan = $this->plans->planOf($rush, $user);
        $kit = $rush->kit;
        $left = Left::query()->where('gear_id', $kit->body_id)->first();
        $state = $left === null ? CameraState::unknown() : CameraState::fromArray(DocumentChecker::asArray($left->document));
        $glass = [];
        foreach (array_filter([$kit->lens, $kit->converter, $kit->adapter]) as $piece) {
            $glass[$piece->name] = Care::read(Reader::of($piece->read()));
        }
        $preFlight = new PreFlight($laying->sheet, $glass, self::tunedOn($kit->lens, $kit->body), $user->assumed(), now()->toDateString());
        $mark = md5((string) json_encode([self::TIPS, $this->plans->mark($rush, $user), $kit->body->document->dialect ?? null]));
        $writer = new CardSheet($laying->sheet, $preFlight);
        $known = $kept !== null && $kept['mark'] === $mark;
        $search = ! $known && $searches-- > 0;
        $sheet = $writer->of($rush->id, $rush->name, $plan, $search ? $this->planner->tips($plan) : [], $state, $laying);
        if ($known) {
            $sheet['tips'] = $kept['tips'];
        }
        /** @var list<mixed> $tips */
        $tips = $sheet['tips'];

        return [$sheet + [
            'body' => ['id' => $kit->body_id, 'name' => $kit->body->name], 'kit' => implode(', ', array_filter([$kit->lens->name, $kit->converter?->name, $kit->adapter?->name])),
            'left' => $left === null ? null : ['by' => $left->by, 'at' => $left->left_at->toIso8601ZuluString('millisecond'), 'state' => $left->document],
        ], $known || $search ? ['mark' => $mark, 'tips' => $tips] : null];
    }

    private function laying(Gear $body, User $user): Laying
    {
        return $this->layouts->laying($body, Layout::query()->where('gear_id', $body->id)->first(), $user);
    }

    /** When this lens was last fine-tuned on this body. */
    private static function tunedOn(Gear $lens, Gear $body): ?string
    {
        $days = [];
        foreach (is_array($lens->document->tuned ?? null) ? $lens->document->tuned : [] as $found) {
            if ($found instanceof \stdClass && ($found->body ?? null) === $body->name && is_string($found->on ?? null)) {
                $days[] = $found->on;
            }
        }

        return $days === [] ? null : max($days);
    }
}
