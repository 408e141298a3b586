<?php

declare(strict_types=1);

namespace App\Kits;

/** Kit files from before a name changed are still read: the old name is taken for the new one, and it is said which were. */
final readonly class OlderNames
{
    /**
     * @param  \stdClass  $file  a kit/1 file; old names in it give way to the new ones
     * @return array<string, list<string>> by the place of a body in the file: what was read as what
     */
    public static function renew(\stdClass $file): array
    {
        $notes = [];
        foreach (
            ['body' => [$file->body ?? null], 'bodies' => is_array($file->bodies ?? null) ? $file->bodies : []] as $list => $bodies
        ) {
            foreach ($bodies as $at => $body) {
                $told = $body instanceof \stdClass ? self::body($body) : [];
                if ($told !== []) {
                    $notes[$list === 'body' ? $list : $list.'.'.$at] = $told;
                }
            }
        }

        return $notes;
    }

    /** @return list<string> */
    private static function body(\stdClass $body): array
    {
        $told = self::key($body, 'hold_levels_s', 'stay_levels_s') ? ['hold_levels_s is read as stay_levels_s'] : [];
        $tuning = ($body->dialect ?? null) instanceof \stdClass ? $body->dialect->tuning ?? null : null;
        if ($tuning instanceof \stdClass) {
            $moved = self::key($tuning, 'hold', 'stay');
            foreach (is_array($tuning->presets ?? null) ? $tuning->presets : [] as $preset) {
                $moved = ($preset instanceof \stdClass && self::key($preset, 'hold', 'stay')) || $moved;
            }
            $told = $moved ? [...$told, 'the tuning dial hold is read as stay'] : $told;
        }

        return $told;
    }

    private static function key(\stdClass $in, string $old, string $new): bool
    {
        if (! property_exists($in, $old) || property_exists($in, $new)) {
            return false;
        }
        $in->{$new} = $in->{$old};
        unset($in->{$old});

        return true;
    }
}
