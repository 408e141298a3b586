<?php

declare(strict_types=1);

namespace RushHold\Controls\Checks;

use RushHold\Controls\Assignment;
use RushHold\Controls\Finding;
use RushHold\Controls\LayoutOnBody;
use RushHold\Kit\BundlePart;
use RushHold\Kit\Control;

/** A bundle that carries what it should leave alone, leaves out what the hold needs, or holds what its control cannot. */
final class BundleContents implements Check
{
    public function find(LayoutOnBody $onBody): array
    {
        $found = [];
        foreach ($onBody->layout->uses as $use) {
            $control = $onBody->profile->controls[$use->control] ?? null;
            if (! $use->recalls() || $control === null) {
                continue;
            }
            array_push(
                $found,
                ...$this->tooMuch($onBody, $use, $control),
                ...$this->cannot($onBody, $use, $control),
                ...$this->tooLittle($onBody, $use, $control),
            );
        }

        return $found;
    }

    /** @return list<Finding> */
    private function tooMuch(LayoutOnBody $onBody, Assignment $use, Control $control): array
    {
        $much = array_values(array_filter($use->carries, static fn (BundlePart $part): bool => $part->isExposure()));
        if ($much === []) {
            return [];
        }

        return [
            new Finding(
                'bundle-too-much',
                sprintf(
                    '%s also recalls %s: pressing it changes the exposure you tested.',
                    self::capital($control->name),
                    self::listed($much),
                ),
                $use->control,
                $use->hold,
                sprintf('Leave %s out', self::listed($much)),
                $onBody->layout->put(
                    $use->carrying(
                        array_values(
                            array_filter($use->carries, static fn (BundlePart $part): bool => ! $part->isExposure()),
                        ),
                    ),
                ),
            ),
        ];
    }

    /** @return list<Finding> */
    private function cannot(LayoutOnBody $onBody, Assignment $use, Control $control): array
    {
        $cannot = array_values(
            array_filter(
                $use->carries,
                static fn (BundlePart $part): bool => ! $control->canCarry($part) && ! $part->isExposure(),
            ),
        );
        if ($cannot === []) {
            return [];
        }

        return [
            new Finding(
                'bundle-cannot',
                sprintf('%s cannot recall %s on this body.', self::capital($control->name), self::listed($cannot)),
                $use->control,
                $use->hold,
                sprintf('Leave %s out', self::listed($cannot)),
                $onBody->layout->put(
                    $use->carrying(array_values(array_filter($use->carries, $control->canCarry(...)))),
                ),
            ),
        ];
    }

    /** @return list<Finding> */
    private function tooLittle(LayoutOnBody $onBody, Assignment $use, Control $control): array
    {
        $missing = $this->missing($onBody, $use);
        if ($missing === []) {
            return [];
        }
        $can = array_values(array_filter($missing, $control->canCarry(...)));
        $says = sprintf(
            '%s leaves out %s: for “%s” it stays as the camera is set.',
            self::capital($control->name),
            self::listed($missing),
            $onBody->name((string) $use->hold),
        );

        return [
            new Finding(
                'bundle-misses',
                $can === [] ? $says.' This control cannot hold it.' : $says,
                $use->control,
                $use->hold,
                $can === [] ? null : sprintf('Put %s in', self::listed($can)),
                $can === [] ? null : $onBody->layout->put($use->carrying([...$use->carries, ...$can])),
            ),
        ];
    }

    /** @return list<BundlePart> what the hold has otherwise than the camera is set to, and tuning always where the body tunes */
    private function missing(LayoutOnBody $onBody, Assignment $use): array
    {
        $base = $onBody->base();
        if ($use->hold === null || $base === null || ! isset($onBody->translations[$use->hold])) {
            return [];
        }
        $needed = array_map(
            static fn (string $field): BundlePart => LayoutOnBody::FIELDS[$field],
            $onBody->differing($base, $use->hold),
        );
        if (
            array_intersect(array_keys($onBody->translations[$use->hold]), ['tuning', 'stay', 'pace', 'pick']) !== [] &&
            ! self::lacksTuning($onBody)
        ) {
            $needed[] = BundlePart::Tuning;
        }

        return array_values(
            array_filter(
                array_unique($needed, SORT_REGULAR),
                static fn (BundlePart $part): bool => ! $use->carries($part),
            ),
        );
    }

    private static function lacksTuning(LayoutOnBody $onBody): bool
    {
        return $onBody->profile->body->stayLevelsS === [] && $onBody->profile->dialect->tuning->presets === [];
    }

    /** @param  list<BundlePart>  $parts */
    private static function listed(array $parts): string
    {
        $words = array_map(static fn (BundlePart $part): string => $part->words(), $parts);
        $last = array_pop($words);

        return $words === [] ? (string) $last : implode(', ', $words).' and '.$last;
    }

    private static function capital(string $text): string
    {
        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }
}
