<?php

declare(strict_types=1);

namespace App\Layouts;

use App\Models\GearRecord;
use App\Models\LayoutRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Plans\PlanCache;
use Illuminate\Database\Eloquent\Collection;
use RushHold\Controls\Assignment;
use RushHold\Controls\ButtonWords;
use RushHold\Controls\DayHold;
use RushHold\Controls\Layout;
use RushHold\Controls\LayoutCheck;
use RushHold\Controls\LayoutOnBody;
use RushHold\Controls\Switching;
use RushHold\Dialect\BodyProfile;
use RushHold\Document\Reader;
use RushHold\Faults\Fault;

/** Reads the layout of a body with the holds of the account's rushes. */
final readonly class LayoutReport
{
    public function __construct(private PlanCache $plans) {}

    public function onBody(GearRecord $body, ?LayoutRecord $layout, User $user): LayoutOnBody
    {
        $document = $layout === null ? Layout::fresh() : Layout::fromArray(Reader::plain($layout->document));

        return new LayoutOnBody(
            BodyProfile::read($body->read(), $body->name),
            $document,
            $this->holds($document->holds, $user),
            $user->assumed(),
        );
    }

    /**
     * @param  list<string>  $ids of rushes; those that are gone, or have no plan, are left out
     * @return array<string, DayHold> by id
     */
    public function holds(array $ids, User $user): array
    {
        /** @var Collection<int, RushRecord> $rushes */
        $rushes = $user->rushes()->whereKey($ids)->with(RushRecord::WITH_KIT)->get();
        $holds = [];
        foreach ($rushes as $rush) {
            try {
                $plan = $this->plans->planOf($rush, $user);
                $holds[$rush->id] = new DayHold($rush->id, $rush->name, $plan->hold, $plan->kit->body);
            } catch (Fault) {
                continue; // the Plan room tells what stands in its way
            }
        }

        return $holds;
    }

    /** @return array<string, mixed> what the page shows beside the layout: names, how to set each control, conflicts, seconds */
    public function of(LayoutOnBody $onBody): array
    {
        $dialect = $onBody->profile->dialect;

        return [
            'holds' => array_values(
                array_map(
                    static fn (DayHold $laid): array => [
                        'id' => $laid->key,
                        'name' => $laid->name,
                        'hold' => $laid->hold->toArray(),
                        'translation' => array_values(
                            array_map(
                                static fn ($said): array => $said->toArray($onBody->profile->controlNames()),
                                $onBody->translations[$laid->key],
                            ),
                        ),
                    ],
                    $onBody->holds,
                ),
            ),
            'base' => $onBody->base(),
            'buttons' => [
                'name' => $dialect->name('buttons'),
                'where' => $dialect->where('buttons')->words($onBody->profile->controlNames()),
                'words' => (object) ($dialect->setting('buttons')->words ?? []),
            ],
            'findings' => array_map(static fn ($finding): array => $finding->toArray(), LayoutCheck::of($onBody)),
            'seconds' => (object) array_map(
                static fn (array $row): object => (object) $row,
                (new Switching($onBody))->matrix(),
            ),
            'assumed' => $onBody->assumptions->told(['switch.']),
            'set' => array_map(
                static fn (Assignment $use): array => [
                    'control' => $use->control,
                    'how' => ButtonWords::of($onBody, $use),
                ],
                $onBody->layout->uses,
            ),
        ];
    }
}
