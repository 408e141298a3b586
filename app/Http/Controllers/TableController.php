<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\FilePurpose;
use App\Files\Files;
use App\Http\Requests\RequestBody;
use App\Log\Table\TableKeeper;
use App\Log\Table\TableLook;
use App\Log\Table\Tables;
use App\Log\Table\TableText;
use App\Models\FileRecord;
use App\Models\RunRecord;
use App\Runs\RunKinds;
use App\Runs\Runs;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Frames told in a table: how its columns are read, taken in, stopped, taken back. */
final readonly class TableController extends Controller
{
    public function __construct(
        private Tables $tables,
        private TableLook $look,
        private TableKeeper $keeper,
        private Files $files,
        private Runs $runs,
    ) {}

    /** The one that is being taken in, or was last. */
    public function index(Request $request): JsonResponse
    {
        return self::told($this->tables->last($this->user($request)));
    }

    public function look(Request $request): JsonResponse
    {
        $body = RequestBody::of($request);

        return new JsonResponse($this->look->look($this->file($request, $body), self::chosen($body)));
    }

    public function store(Request $request): JsonResponse
    {
        $body = RequestBody::of($request);

        return self::told(
            $this->tables->begin($this->user($request), $this->file($request, $body), self::chosen($body)),
            201,
        );
    }

    /** Stops it; what has come in stays. */
    public function destroy(Request $request, RunRecord $table): JsonResponse
    {
        abort_unless($table->kind === RunKinds::TABLE, 404);
        $this->runs->cancel($table);

        return self::told($table);
    }

    /** Takes frames that came with it away again, as many as one request may. */
    public function back(Request $request, RunRecord $table): JsonResponse
    {
        abort_unless($table->kind === RunKinds::TABLE, 404);
        $this->runs->cancel($table);

        $left = $this->keeper->back($this->user($request), $table->id);
        $table->reading->is_back = $left === 0;
        $table->save();

        return new JsonResponse(['left' => $left]);
    }

    private function file(Request $request, RequestBody $body): FileRecord
    {
        return $this->files->ofAccount(
            $this->user($request),
            FilePurpose::Table,
            $body->text('file_id', 26),
            'file_id',
        );
    }

    /** @return array<string, mixed> columns and days, where they are told */
    private static function chosen(RequestBody $body): array
    {
        $columns = $body->optionalTexts('columns', TableText::COLUMNS);

        return $columns === null ? [] : ['columns' => $columns, 'days' => $body->text('days', 3)];
    }

    private static function told(?RunRecord $run, int $status = 200): JsonResponse
    {
        return new JsonResponse(['table' => $run?->told()], $status);
    }
}
