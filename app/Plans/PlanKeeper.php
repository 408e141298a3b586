<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Plan;
use App\Models\Rush;
use App\Models\User;
use App\Problems\Problem;
use RushHold\Document\DocumentChecker;
use RushHold\Faults\Fault;
use RushHold\Hold\Dials;
use RushHold\Kit\Kit;
use RushHold\Planning\Plan as PlanOfCraft;
use RushHold\Planning\PlanDocument;
use RushHold\Planning\Planner;
use RushHold\Rush\Rush as RushOfCraft;

/** Keeps the plan of each rush up to date: reckoned again only when something it rests on has changed. */
final readonly class PlanKeeper
{
    /** Raised whenever the planner itself answers differently, so that kept plans are reckoned again. */
    private const PLANNER = 9;

    public function __construct(private Planner $planner, private DocumentChecker $checker, private Reckoning $reckoning) {}

    public function of(Rush $rush, User $user): Plan
    {
        $kit = $rush->kit->document($rush->focal_mm);
        $mark = $this->mark($rush, $user);
        $kept = $rush->plan;
        if ($kept !== null && $kept->mark === $mark) {
            return $kept;
        }
        [$document, $fault] = $this->reckon($rush->document, $kit, $user, $rush->dials());
        // two that ask at once write the same
        $plan = Plan::query()->updateOrCreate(['rush_id' => $rush->id], ['mark' => $mark, 'document' => $document, 'fault' => $fault, 'settings' => self::settings($document)]);
        $rush->setRelation('plan', $plan);

        return $plan;
    }

    /** A mark of all that the plan of a rush rests on. */
    public function mark(Rush $rush, User $user): string
    {
        return md5((string) json_encode([self::PLANNER, $rush->document, $rush->kit->document($rush->focal_mm), $user->assumptions, $user->allSettings()['units'], $rush->dials]));
    }

    /**
     * The plan without its tipping points: those are asked for once a plan stands, by PlanController::tips().
     *
     * @return array{?array<string, mixed>, ?array<string, mixed>} the plan, or the problem that stands in its way
     */
    public function reckon(\stdClass $rush, \stdClass $kit, User $user, ?Dials $dials = null): array
    {
        try {
            $plan = $this->plan($rush, $kit, $user, $dials);

            return [$this->reckoning->of('The plan', ['rush' => $rush, 'kit' => $kit, 'figures' => $user->assumptions], static function () use ($plan): array {
                $document = PlanDocument::of($plan, []);
                json_encode($document, JSON_THROW_ON_ERROR); // every number is one

                return $document;
            }), null];
        } catch (Fault $fault) {
            return [null, Problem::ofFaults([$fault])->toArray()];
        }
    }

    /**
     * @param  ?array<string, mixed>  $document  plan/1
     * @return ?array<string, mixed> what a list shows of it
     */
    private static function settings(?array $document): ?array
    {
        $hold = $document['hold'] ?? null;

        return is_array($hold) ? array_intersect_key($hold, ['shutter_s' => 1, 'f_number' => 1, 'iso' => 1]) : null;
    }

    /**
     * The plan of a kept rush, reckoned now.
     *
     * @throws Fault when the documents or the kit do not allow one
     */
    public function planOf(Rush $rush, User $user): PlanOfCraft
    {
        return $this->plan($rush->document, $rush->kit->document($rush->focal_mm), $user, $rush->dials());
    }

    /**
     * The plan itself, with the figures and units of this person.
     *
     * @throws Fault when the documents or the kit do not allow one
     */
    public function plan(\stdClass $rush, \stdClass $kit, User $user, ?Dials $dials = null): PlanOfCraft
    {
        return $this->reckoning->of('The plan', ['rush' => $rush, 'kit' => $kit, 'figures' => $user->assumptions, 'dials' => $dials?->toArray()], fn (): PlanOfCraft => $this->planner->plan(
            RushOfCraft::fromArray($this->checker->check($rush, 'rush', 'rush')),
            Kit::fromArray($this->checker->check($kit, 'kit', 'kit')),
            $user->assumed(),
            $user->units(),
            $dials,
        ));
    }
}
