<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Page;
use App\Http\Requests\RequestBody;
use App\Http\Resources\RushResource;
use App\Limits\Quota;
use App\Models\KitRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Plans\PlanCache;
use App\Rushes\RushWriter;
use App\Undo\Creation;
use App\Undo\History;
use App\Undo\Undoable;
use App\Undo\UndoableController;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use RushHold\Faults\UnknownChoice;

/**
 * The rushes of the account: list, write, undo, duplicate, delete and bring back.
 *
 * @extends UndoableController<RushRecord>
 */
final readonly class RushController extends UndoableController
{
    /** Rushes of one page of the list. */
    private const PAGE = 500;

    public function __construct(
        private RushWriter $writer,
        private PlanCache $plans,
        private Quota $quota,
        History $history,
        Creation $creation,
    ) {
        parent::__construct($history, $creation);
    }

    /** A page of the list, what was changed last first; `next` is asked for with ?after= and null at the end. */
    public function index(Request $request): JsonResponse
    {
        $asOf = self::asOf();
        $user = $this->user($request);
        $page = Page::of($request);
        // rows as they are kept: a list is asked for often, and shows little of each
        $found = array_values(
            $page
                ->on(RushRecord::query()->whereBelongsTo($user), 'updated_at', self::PAGE)
                ->toBase()
                ->leftJoin('plans', 'plans.rush_id', '=', 'rushes.id')
                ->select(['rushes.id', 'rushes.kit_id', 'rushes.name', 'rushes.updated_at', 'plans.settings'])
                ->selectRaw("JSON_VALUE(rushes.document, '$.subject.kind') AS kind")
                ->get()
                ->all(),
        );
        $rows = array_slice($found, 0, self::PAGE);
        $kits = KitRecord::query()
            ->whereKey(array_values(array_unique(array_column($rows, 'kit_id'))))
            ->with(KitRecord::NAMES)
            ->get()
            ->keyBy('id');

        return new JsonResponse([
            'as_of' => $asOf,
            'rushes' => array_map(
                static fn (\stdClass $row): array => RushResource::row($row, $kits->get($row->kit_id)?->name() ?? ''),
                $rows,
            ),
            'next' => Page::next($found, 'updated_at', self::PAGE),
            'quota' => $this->quota->ofTable($user, 'rushes')['rushes'],
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        $body = RequestBody::of($request);
        $user = $this->user($request);

        return $this->make(
            $request,
            $body,
            $this->writer->begun($user, $this->kit($body, $user), $body->object('rush'), $this->focal($body)),
        );
    }

    public function show(Request $request): JsonResponse
    {
        return $this->answer($request, $this->record($request));
    }

    public function update(Request $request, RushRecord $rush): JsonResponse
    {
        $body = RequestBody::of($request);
        $user = $this->user($request);

        // the rush and its plan are written together, so that one flush to disk serves both
        return DB::transaction(
            fn (): JsonResponse => $this->answer(
                $request,
                $this->writer->edit(
                    $rush,
                    $body->write(),
                    $body->object('rush'),
                    $this->kit($body, $user),
                    $this->focal($body),
                    $body->optionalObject('dials'),
                ),
            ),
        );
    }

    public function duplicate(Request $request, RushRecord $rush): JsonResponse
    {
        return $this->make($request, RequestBody::of($request), $this->writer->duplicate($rush, $this->user($request)));
    }

    protected function record(Request $request): RushRecord
    {
        return $this->bound($request, 'rush', RushRecord::class);
    }

    protected function roomFor(User $user, Model&Undoable $record): void
    {
        $this->quota->forAnother($user, 'rushes');
    }

    protected function answer(Request $request, Model&Undoable $record, int $status = 200): JsonResponse
    {
        $user = $this->user($request);

        return RushResource::whole($record, $this->plans->of($record, $user), $user->units(), $this->history)->response(
            $status,
        );
    }

    private function kit(RequestBody $body, User $user): KitRecord
    {
        $id = $body->text('kit_id', 26);

        return $user->kits()->whereKey($id)->first() ??
            throw UnknownChoice::of('kit_id', $id, ['the id of a kit of yours']);
    }

    private function focal(RequestBody $body): ?float
    {
        return $body->optionalNumber('focal_mm', 2, 2500, 'mm');
    }
}
