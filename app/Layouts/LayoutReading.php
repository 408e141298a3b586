<?php

declare(strict_types=1);

namespace App\Layouts;

use App\Models\Gear;
use App\Models\Layout;
use App\Models\Rush;
use App\Models\User;
use App\Plans\PlanKeeper;
use Illuminate\Database\Eloquent\Collection;
use RushHold\Controls\Assignment;
use RushHold\Controls\ButtonWords;
use RushHold\Controls\LaidHold;
use RushHold\Controls\Laying;
use RushHold\Controls\Layout as LayoutOfCraft;
use RushHold\Controls\LayoutCheck;
use RushHold\Controls\Switching;
use RushHold\Document\DocumentChecker;
use RushHold\Faults\Fault;
use RushHold\Kit\BodySheet;

/** Reads the layout of a body with the holds of the account's rushes. */
final readonly class LayoutReading
{
    public function __construct(private PlanKeeper $plans) {}

    public function laying(Gear $body, ?Layout $layout, User $user): Laying
    {
        $document = $layout === null ? LayoutOfCraft::fresh() : LayoutOfCraft::fromArray(DocumentChecker::asArray($layout->document));

        return new Laying(BodySheet::read($body->read(), $body->name), $document, $this->holds($document->holds, $user), $user->assumed());
    }

    /**
     * @param  list<string>  $ids of rushes; those that are gone, or have no plan, are left out
     * @return array<string, LaidHold> by id
     */
    public function holds(array $ids, User $user): array
    {
        /** @var Collection<int, Rush> $rushes */
        $rushes = $user->rushes()->whereKey($ids)->with(Rush::WITH_KIT)->get();
        $holds = [];
        foreach ($rushes as $rush) {
            try {
                $plan = $this->plans->planOf($rush, $user);
                $holds[$rush->id] = new LaidHold($rush->id, $rush->name, $plan->hold, $plan->kit->body);
            } catch (Fault) {
                continue; // the Plan room tells what stands in its way
            }
        }

        return $holds;
    }

    /** @return array<string, mixed> what the page shows beside the layout: names, how to set each control, conflicts, seconds */
    public function of(Laying $laying): array
    {
        $dialect = $laying->sheet->dialect;

        return [
            'holds' => array_values(array_map(static fn (LaidHold $laid): array => [
                'id' => $laid->key, 'name' => $laid->name, 'hold' => $laid->hold->toArray(),
                'says' => array_values(array_map(static fn ($said): array => $said->toArray($laying->sheet->controlNames()), $laying->says[$laid->key])),
            ], $laying->holds)),
            'base' => $laying->base(),
            'buttons' => ['name' => $dialect->name('buttons'), 'where' => $dialect->where('buttons')->words($laying->sheet->controlNames()), 'words' => (object) ($dialect->setting('buttons')->words ?? [])],
            'findings' => array_map(static fn ($finding): array => $finding->toArray(), LayoutCheck::of($laying)),
            'seconds' => (object) array_map(static fn (array $row): object => (object) $row, (new Switching($laying))->matrix()),
            'assumed' => $laying->assumptions->told(['switch.']),
            'set' => array_map(static fn (Assignment $use): array => ['control' => $use->control, 'how' => ButtonWords::of($laying, $use)], $laying->layout->uses),
        ];
    }
}
