<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\User;
use Illuminate\Support\Facades\DB;

/**
 * What the files of somebody's bodies and lenses call them: learnt from the bursts whose rush the person has told. Where a name has been
 * told of two, it is the one it was told of most.
 */
final readonly class FileNames
{
    /**
     * @param  string  $type  body or lens
     * @return array<string, string> ids of gear, by the name in the files
     */
    public static function of(User $user, string $type): array
    {
        $column = $type === 'body' ? 'bursts.body' : 'bursts.lens';
        $rows = DB::table('bursts')
            ->join('rushes', 'rushes.id', '=', 'bursts.rush_id')
            ->join('kits', 'kits.id', '=', 'rushes.kit_id')
            ->where('bursts.user_id', $user->id)
            ->where($column, '!=', '')
            ->groupBy($column, "kits.{$type}_id")
            ->orderByRaw('COUNT(*)')
            ->get([DB::raw("{$column} AS name"), "kits.{$type}_id AS gear"]);
        $ids = [];
        foreach ($rows as $row) {
            $ids[(string) $row->name] = (string) $row->gear;
        }

        return $ids;
    }

    /** @return array<string, float> frames a second of bodies, by the name in the files */
    public static function fps(User $user): array
    {
        $ids = self::of($user, 'body');
        $gear = $user->gear()->whereKey(array_values($ids))->get()->keyBy('id');
        $fps = [];
        foreach ($ids as $name => $id) {
            $told = $gear->get($id)?->document->fps ?? null;
            if (is_int($told) || is_float($told)) {
                $fps[$name] = (float) $told;
            }
        }

        return $fps;
    }
}
