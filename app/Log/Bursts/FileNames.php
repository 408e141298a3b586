<?php

declare(strict_types=1);

namespace App\Log\Bursts;

use App\Log\Counts\Counting;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use RushHold\Counts\Dimension;

/**
 * What the files of somebody's bodies and lenses call them: learnt from the bursts whose rush the person has told, as they have been
 * counted. Where a name has been told of two, it is the one it was told of most.
 */
final readonly class FileNames
{
    /**
     * @param  string  $type  body or lens
     * @return array<string, string> ids of gear, by the name in the files
     */
    public static function of(User $user, string $type): array
    {
        $pairs = Counting::of($user)->crossed($type === 'body' ? Dimension::Body : Dimension::Lens, Dimension::Rush);
        $rushes = array_filter(array_column($pairs, 1), static fn (string $rush): bool => $rush !== '');
        $gear = DB::table('rushes')
            ->join('kits', 'kits.id', '=', 'rushes.kit_id')
            ->whereIn('rushes.id', array_unique($rushes))
            ->pluck("kits.{$type}_id", 'rushes.id')
            ->all();
        $told = [];
        foreach ($pairs as [$name, $rush, $cell]) {
            if ($name !== '' && isset($gear[$rush])) {
                $told[$name][$gear[$rush]] = ($told[$name][$gear[$rush]] ?? 0) + $cell->bursts;
            }
        }

        return array_map(
            static fn (array $bursts): string => (string) array_search(max($bursts), $bursts, true),
            $told,
        );
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
