<?php

declare(strict_types=1);

namespace App\Plans;

use App\Documents\JsonText;
use App\Documents\SchemaChecker;
use App\Models\PlanRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Problems\Problem;
use RushHold\Faults\Fault;
use RushHold\Hold\Dials;
use RushHold\Kit\Kit;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Rush\Rush;
use RushHold\Wording\Plan\PlanDocument;

/** Keeps the plan of each rush up to date: reckoned again only when something it rests on has changed. */
final readonly class PlanCache
{
    /** Raised whenever the planner itself answers differently, so that kept plans are reckoned again. */
    private const PLANNER = 16;

    public function __construct(
        private Planner $planner,
        private SchemaChecker $checker,
        private Reckoning $reckoning,
    ) {}

    public function of(RushRecord $rush, User $user): PlanRecord
    {
        $kit = $rush->kit->document($rush->focal_mm);
        $fingerprint = self::fingerprintOf($rush, $kit, $user);
        $kept = $rush->plan;
        $units = $user->units();
        $stands = $kept !== null && $kept->fingerprint === $fingerprint;
        if ($stands && ($kept->fault !== null || $kept->text($units) !== null)) {
            return $kept;
        }
        [$text, $settings, $fault] = $this->reckon(
            fn (): Plan => $this->plan($rush->value(), Kit::fromArray($kit), $user, $rush->dials()),
            $user,
        );
        // two that ask at once write the same; in other units it is the same plan
        $plan = PlanRecord::query()->updateOrCreate(
            ['rush_id' => $rush->id],
            [
                'fingerprint' => $fingerprint,
                'fault' => $fault,
                'settings' => $settings,
                $units->value => $text,
            ] + ($stands ? [] : ['metric' => null, 'imperial' => null]),
        );
        $rush->setRelation('plan', $plan);

        return $plan;
    }

    /** A fingerprint of all that the plan of a rush rests on. */
    public function fingerprint(RushRecord $rush, User $user): string
    {
        return self::fingerprintOf($rush, $rush->kit->document($rush->focal_mm), $user);
    }

    /**
     * Plans documents that somebody has sent along; nothing is kept.
     *
     * @return array{?JsonText, ?array<string, mixed>} the plan without its tipping points, or the problem that stands in its way
     */
    public function planDocuments(\stdClass $rush, \stdClass $kit, User $user): array
    {
        [$text, , $fault] = $this->reckon(
            fn (): Plan => $this->plan(
                Rush::fromArray($this->checker->check($rush, 'rush', 'rush')),
                Kit::fromArray($this->checker->check($kit, 'kit', 'kit')),
                $user,
            ),
            $user,
        );

        return [JsonText::orNull($text), $fault];
    }

    /** @return array{?JsonText, ?array<string, mixed>} the same of a rush and a kit as values */
    public function planValues(Rush $rush, Kit $kit, User $user): array
    {
        [$text, , $fault] = $this->reckon(fn (): Plan => $this->plan($rush, $kit, $user), $user);

        return [JsonText::orNull($text), $fault];
    }

    /**
     * The plan of a kept rush, reckoned now.
     *
     * @throws Fault when the documents or the kit do not allow one
     */
    public function planOf(RushRecord $rush, User $user): Plan
    {
        return $this->plan(
            $rush->value(),
            Kit::fromArray($rush->kit->document($rush->focal_mm)),
            $user,
            $rush->dials(),
        );
    }

    /**
     * Shutter in s and aperture of its hold: of the plan that is kept, where that is still the plan, else reckoned now.
     *
     * @param  RushRecord  $rush  with its kit and its plan
     * @return array{float, float}
     *
     * @throws Fault when there is no plan
     */
    public function settingsOf(RushRecord $rush, User $user): array
    {
        $kept = $rush->plan;
        if ($kept?->settings !== null && $kept->fingerprint === $this->fingerprint($rush, $user)) {
            return [(float) $kept->settings->shutter_s, (float) $kept->settings->f_number];
        }
        $hold = $this->planOf($rush, $user)->hold;

        return [$hold->shutterS, $hold->fNumber];
    }

    /**
     * The same as if nothing were known of the person's own frames.
     *
     * @throws Fault when the documents or the kit do not allow one
     */
    public function planAssumed(RushRecord $rush, User $user): Plan
    {
        $plain = clone $user;
        $plain->learnt = null;

        return $this->planOf($rush, $plain);
    }

    /**
     * The plan of a kept rush as it would be in another light; what was tried in a rehearsal stays with the light it was tried in.
     *
     * @throws Fault when the kit does not allow one
     */
    public function planIn(RushRecord $record, Rush $rush, User $user): Plan
    {
        return $this->plan($rush, Kit::fromArray($record->kit->document($record->focal_mm)), $user);
    }

    /** @param  array<mixed>  $kit */
    private static function fingerprintOf(RushRecord $rush, array $kit, User $user): string
    {
        return md5((string) json_encode([self::PLANNER, $rush->document, $kit, $user->figures(), $rush->dials]));
    }

    /**
     * The plan without its tipping points: those are asked for once a plan stands, by PlanController::tips().
     *
     * @param  \Closure(): Plan  $plan
     * @return array{?string, ?array<string, mixed>, ?array<string, mixed>} plan/1 as text and what a list shows of it, or the problem that stands in its way
     */
    private function reckon(\Closure $plan, User $user): array
    {
        try {
            $plan = $plan();
            $hold = $plan->hold;

            return [
                $this->reckoning->json(
                    'The plan',
                    ['figures' => $user->figures()],
                    static fn (): array => PlanDocument::of($plan, [], $user->units()),
                ),
                ['shutter_s' => $hold->shutterS, 'f_number' => $hold->fNumber, 'iso' => $hold->iso],
                null,
            ];
        } catch (Fault $fault) {
            return [null, null, Problem::ofFaults([$fault])->toArray()];
        }
    }

    /**
     * The plan itself, with the figures of this person.
     *
     * @throws Fault when the kit does not allow one
     */
    private function plan(Rush $rush, Kit $kit, User $user, ?Dials $dials = null): Plan
    {
        return $this->reckoning->of(
            'The plan',
            ['rush' => $rush, 'kit' => $kit, 'figures' => $user->figures(), 'dials' => $dials?->toArray()],
            fn (): Plan => $this->planner->plan($rush, $kit, $user->assumed(), $dials),
        );
    }
}
