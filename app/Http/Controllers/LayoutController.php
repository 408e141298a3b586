<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\SchemaChecker;
use App\Http\Requests\RequestBody;
use App\Layouts\LayoutReport;
use App\Models\GearRecord;
use App\Models\LayoutRecord;
use App\Models\User;
use App\Undo\Creation;
use App\Undo\History;
use App\Undo\Undoable;
use App\Undo\UndoableController;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use RushHold\Controls\Layout;
use RushHold\Controls\SchemeLayer;
use RushHold\Controls\Switching;
use RushHold\Faults\UnknownChoice;
use RushHold\Hold\Scheme;

/**
 * What the controls of a body do, checked against the holds of the day.
 *
 * @extends UndoableController<LayoutRecord>
 */
final readonly class LayoutController extends UndoableController
{
    public function __construct(
        private LayoutReport $report,
        private SchemaChecker $checker,
        History $history,
        Creation $creation,
    ) {
        parent::__construct($history, $creation);
    }

    public function show(Request $request, GearRecord $gear): JsonResponse
    {
        return $this->shown($gear, $this->of($gear), $this->user($request));
    }

    public function update(Request $request, GearRecord $gear): JsonResponse
    {
        $body = RequestBody::of($request);
        $user = $this->user($request);
        $document = $body->object('layout');
        $this->check($document, $user);

        return $this->answer(
            $request,
            $this->history->edit($this->begun($gear, $user), $body->write(), static function (
                LayoutRecord $layout,
            ) use ($document): void {
                $layout->document = $document;
            }),
        );
    }

    /** The layout with a button scheme laid on it; nothing is kept. */
    public function scheme(Request $request, GearRecord $gear, string $scheme): JsonResponse
    {
        $wanted =
            Scheme::tryFrom($scheme) ??
            throw UnknownChoice::of('scheme', $scheme, array_column(Scheme::cases(), 'value'));

        return new JsonResponse([
            'layout' => SchemeLayer::lay(
                $this->report->onBody($gear->asBody(), $this->of($gear), $this->user($request)),
                $wanted,
            )->toArray(),
        ]);
    }

    /** The quickest layout for the holds of the day; nothing is kept. */
    public function best(Request $request, GearRecord $gear): JsonResponse
    {
        $onBody = $this->report->onBody($gear->asBody(), $this->of($gear), $this->user($request));
        $best = (new Switching($onBody))->best();

        return new JsonResponse(
            [
                'layout' => $best['layout']->toArray(),
                'most' => $best['most'] === null ? null : $onBody->name($best['most']),
            ] + $best,
        );
    }

    protected function record(Request $request): LayoutRecord
    {
        return $this->begun($this->bound($request, 'gear', GearRecord::class), $this->user($request));
    }

    protected function roomFor(User $user, Model&Undoable $record): void
    {
        // one for each body, which has room
    }

    protected function answer(Request $request, Model&Undoable $record, int $status = 200): JsonResponse
    {
        return $this->shown($this->bound($request, 'gear', GearRecord::class), $record, $this->user($request));
    }

    private function shown(GearRecord $gear, ?LayoutRecord $layout, User $user): JsonResponse
    {
        $onBody = $this->report->onBody($gear->asBody(), $layout, $user);

        return new JsonResponse(
            [
                'id' => $gear->id,
                'layout' => $layout->document ?? $onBody->layout->toArray(),
                'report' => $this->report->of($onBody),
            ] +
                ($layout === null
                    ? ['revision' => 1, 'write_id' => '', 'can_undo' => false, 'can_redo' => false]
                    : $this->history->undoState($layout)),
        );
    }

    private function of(GearRecord $gear): ?LayoutRecord
    {
        return LayoutRecord::query()->where('gear_id', $gear->id)->first();
    }

    /** The layout of a body, begun on its first change. */
    private function begun(GearRecord $gear, User $user): LayoutRecord
    {
        return $this->of($gear) ??
            DB::transaction(function () use ($gear, $user): LayoutRecord {
                User::query()->whereKey($user->id)->lockForUpdate()->first();
                $layout = $this->of($gear);
                if ($layout === null) {
                    $layout = $user
                        ->layouts()
                        ->make([
                            'gear_id' => $gear->asBody()->id,
                            'document' => json_decode((string) json_encode(Layout::fresh()->toArray())),
                        ]);
                    $this->history->begin($layout);
                }

                return $layout;
            });
    }

    /** Every hold it names, wherever, must answer a rush of this account, deleted or not. */
    private function check(\stdClass $document, User $user): void
    {
        $layout = Layout::fromArray($this->checker->check($document, 'layout', 'layout'));
        $named = ['base' => $layout->base];
        foreach ($layout->holds as $at => $id) {
            $named["holds.{$at}"] = $id;
        }
        foreach ($layout->uses as $at => $use) {
            $named["uses.{$at}.hold"] = $use->hold;
        }
        foreach (is_array($document->follows) ? $document->follows : [] as $at => $pair) {
            $named["follows.{$at}.from"] = $pair->from ?? null;
            $named["follows.{$at}.to"] = $pair->to ?? null;
        }
        $this->refuseStrangers($user, 'layout', array_filter($named, is_string(...)));
    }
}
