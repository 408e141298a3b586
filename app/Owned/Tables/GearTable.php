<?php

declare(strict_types=1);

namespace App\Owned\Tables;

use App\Kits\GearDocuments;
use App\Models\GearRecord;
use App\Models\User;
use App\Owned\Column;
use App\Owned\OwnedTable;
use App\Owned\Row;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Bodies, lenses, converters, adapters and supports. */
final readonly class GearTable extends OwnedTable
{
    /** Pieces an account begins with. */
    private const STARTER = 2;

    public function __construct(private GearDocuments $documents) {}

    public function name(): string
    {
        return 'gear';
    }

    public function columns(): array
    {
        return [
            'id' => Column::id(),
            'user_id' => Column::account(),
            'type' => Column::plain(),
            'name' => Column::plain(),
            'document' => Column::document(),
            ...Column::undo(),
            ...Column::creation(),
            ...Column::times(),
        ];
    }

    /** @return class-string<GearRecord> */
    public function record(): string
    {
        return GearRecord::class;
    }

    public function check(Row $row): array
    {
        $type = $row->choice('type', GearRecord::TYPES);
        $this->documents->check($row->object('document'), $type, $row->at('document'));

        return ['type' => $type, 'name' => $row->name()] + $row->all();
    }

    public function fills(int $account): bool
    {
        $rows = $this->rowsOf($account);

        return (clone $rows)->where('revision', '>', 1)->exists() || $rows->count() > self::STARTER;
    }

    public function limits(): array
    {
        return [
            'body' => 'bodies',
            'lens' => 'lenses',
            'converter' => 'converters',
            'adapter' => 'adapters',
            'support' => 'supports',
            'gear_bytes' => 'words about your kit',
        ];
    }

    public function used(User $user): array
    {
        $used = array_fill_keys(array_keys($this->limits()), 0);
        $rows = $this->rowsOf($user->id)->whereNull('deleted_at')->groupBy('type');
        foreach ($rows->get(['type', DB::raw('COUNT(*) AS count'), DB::raw('SUM(LENGTH(document)) AS bytes')]) as $of) {
            $used[(string) $of->type] = (int) $of->count;
            $used['gear_bytes'] += (int) $of->bytes;
        }

        return $used;
    }

    /** It stays with the kits it is in. */
    public function isNamed(Model $record): bool
    {
        $in = static fn (Builder $kits): Builder => $kits
            ->where('body_id', $record->getKey())
            ->orWhere('lens_id', $record->getKey())
            ->orWhere('converter_id', $record->getKey())
            ->orWhere('adapter_id', $record->getKey());

        return DB::table('kits')->where($in)->exists();
    }

    public function addresses(): array
    {
        return ['gear', 'kit-file'];
    }
}
