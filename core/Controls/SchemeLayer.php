<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Hold\Scheme;
use RushHold\Kit\Control;
use RushHold\Kit\ControlUse;
use RushHold\Kit\Finger;

/** Lays a button scheme on a body's controls, with the holds of the day where the scheme puts them. */
final class SchemeLayer
{
    public static function lay(LayoutOnBody $onBody, Scheme $scheme): Layout
    {
        $layout = $onBody->layout
            ->using([])
            ->scheme($scheme, in_array($scheme, [Scheme::Shutter, Scheme::ThreeButtons], true));
        $keys = self::smallestFirst($onBody);
        if ($scheme === Scheme::ThreeButtons && $keys !== []) {
            // the fast default stays under the shutter: the widest that follows
            $follow = array_values(
                array_filter($keys, static fn (string $key): bool => $onBody->holds[$key]->hold->focusMode->follows()),
            );
            $layout = $layout->basedOn($follow === [] ? $keys[count($keys) - 1] : $follow[count($follow) - 1]);
        }
        $wanted = match ($scheme) {
            Scheme::Shutter => [],
            Scheme::Thumb => [null],
            Scheme::TwoThumbs => $keys === [] ? [null] : [$keys[0], $keys[count($keys) - 1]],
            Scheme::ThreeButtons => self::chosenAndFixed($onBody, $keys, $layout->base),
        };
        foreach (array_unique($wanted) as $key) {
            $layout = self::onThumb($onBody->with($layout), $key);
        }

        return self::rest($onBody->with($layout), $scheme);
    }

    /** The hold, or plain focusing, on the next control of the thumb; then wherever the hand can hold it. */
    private static function onThumb(LayoutOnBody $onBody, ?string $key): Layout
    {
        $use = $key === null ? ControlUse::Focus : ControlUse::Recall;
        $free = array_values(
            array_filter(
                $onBody->free($use),
                static fn (Control $control): bool => $control->withShutter && $control->finger !== Finger::Index,
            ),
        );

        return $free === []
            ? $onBody->layout
            : $onBody->layout->put(
                new Assignment($free[0]->id, $use, $key, $key === null ? [] : LayoutOnBody::bundleOn($free[0])),
            );
    }

    /** What every scheme needs besides: the point stays movable, and focus on the shutter can be stopped. */
    private static function rest(LayoutOnBody $onBody, Scheme $scheme): Layout
    {
        $layout = $onBody->layout;
        $point = $onBody->free(ControlUse::Point);
        usort($point, static fn (Control $a, Control $b): int => count($a->may) <=> count($b->may)); // what can do little else
        if ($point !== []) {
            $layout = $layout->put(new Assignment($point[0]->id, ControlUse::Point));
        }
        $stop = $scheme === Scheme::Shutter ? $onBody->with($layout)->free(ControlUse::Stop)[0] ?? null : null;

        return $stop === null ? $layout : $layout->put(new Assignment($stop->id, ControlUse::Stop));
    }

    /**
     * For three buttons: the smallest that follows, to choose one in a crowd; then one that locks, to set the plane.
     *
     * @param  list<string>  $keys
     * @return list<string>
     */
    private static function chosenAndFixed(LayoutOnBody $onBody, array $keys, ?string $base): array
    {
        $others = array_values(array_diff($keys, [$base]));
        $follow = array_values(
            array_filter($others, static fn (string $key): bool => $onBody->holds[$key]->hold->focusMode->follows()),
        );
        $fixed = array_values(array_diff($others, $follow));

        return array_slice(
            [...array_slice($follow, 0, 1), ...array_slice($fixed, 0, 1), ...array_slice($follow, 1)],
            0,
            2,
        );
    }

    /** @return list<string> keys of the day's holds, that with the smallest area first */
    private static function smallestFirst(LayoutOnBody $onBody): array
    {
        $keys = array_keys($onBody->holds);
        usort(
            $keys,
            static fn (string $a, string $b): int => $onBody->holds[$a]->hold->area->reach() <=>
                $onBody->holds[$b]->hold->area->reach(),
        );

        return $keys;
    }
}
