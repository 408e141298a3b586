<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Assumptions\Assumptions;
use RushHold\Dialect\Dialect;
use RushHold\Dialect\SettingLocation;
use RushHold\Dialect\Translated;
use RushHold\Kit\BundlePart;

/**
 * Seconds a hand needs to change from one hold to another on a body, by a keystroke-level model: button, dial click, menu
 * step, and finding one's way where the eye leaves the finder (Card, Moran and Newell 1980; the figures are assumptions).
 */
final readonly class HandTimes
{
    /** Menu steps counted for a setting of which nobody has said where it lives. */
    private const UNTOLD_STEPS = 3;

    private float $buttonS;

    private float $clickS;

    private float $menuS;

    private float $lookS;

    private float $leverS;

    private float $moveS;

    public function __construct(private LayoutOnBody $onBody, Assumptions $assumptions)
    {
        [$this->buttonS, $this->clickS, $this->menuS, $this->lookS, $this->leverS, $this->moveS] = array_map(
            $assumptions->value(...),
            ['switch.button', 'switch.click', 'switch.menu', 'switch.look', 'switch.lever', 'switch.move'],
        );
    }

    /** Changing one hold for another by menus and dials, in s. */
    public function byHand(string $from, string $to): float
    {
        return $this->setting($from, $this->onBody->differing($from, $to), $to);
    }

    /**
     * Recalling a hold by a button that carries these parts, in s: the press, and by hand what the bundle leaves out.
     *
     * @param  list<BundlePart>  $carries
     */
    public function byButton(string $base, string $to, array $carries): float
    {
        $left = array_filter(
            $this->onBody->differing($base, $to),
            static fn (string $field): bool => ! in_array(LayoutOnBody::FIELDS[$field], $carries, true),
        );

        return $this->buttonS + $this->setting($base, array_values($left), $to);
    }

    /** Moving a finger from one of its buttons to another, in s; nothing when another finger works it. */
    public function moving(string $from, string $to): float
    {
        $controls = $this->onBody->profile->controls;

        return $from !== $to &&
            isset($controls[$from], $controls[$to]) &&
            $controls[$from]->finger === $controls[$to]->finger
            ? $this->moveS
            : 0.0;
    }

    /**
     * What has to be pressed and turned for a change, in words.
     *
     * @return list<string>
     */
    public function steps(string $from, string $to): array
    {
        $names = $this->onBody->profile->controlNames();

        return array_map(function (string $field) use ($to, $names): string {
            $said = $this->onBody->translations[$to][$field] ?? null;
            if ($said === null) {
                return sprintf('%s: nothing to set', $field);
            }
            $where = $said->where->words($names);

            return sprintf('%s%s: %s', $said->name, $where === '' ? '' : ' ('.$where.')', $said->word);
        }, $this->onBody->differing($from, $to));
    }

    /** @param  list<string>  $fields */
    private function setting(string $from, array $fields, string $to): float
    {
        $seconds = 0.0;
        $paths = [];
        foreach ($fields as $field) {
            $said = $this->onBody->translations[$to][$field] ?? $this->onBody->translations[$from][$field];
            $where = $said->where;
            if ($where->isInMenu() || ! $where->isTold()) {
                $paths[] = [...$where->menu === [] ? $this->untold($field) : $where->menu, '='.$field];

                continue;
            }
            $seconds += $this->atHand($where, $this->clicks($field, $from, $to));
        }

        return $seconds + ($paths === [] ? 0.0 : $this->lookS + $this->menuS * self::walked($paths));
    }

    private function atHand(SettingLocation $where, int $clicks): float
    {
        if ($where->lever !== null) {
            return $this->leverS;
        }

        return ($where->press !== null ? $this->buttonS : 0.0) +
            ($where->turn !== null ? $clicks * $this->clickS : 0.0);
    }

    /** @return list<string> */
    private function untold(string $field): array
    {
        return array_map(static fn (int $step): string => $field.$step, range(1, self::UNTOLD_STEPS - 1));
    }

    /**
     * Steps of one trip through the menu to all of these: what two paths share is walked once.
     *
     * @param  list<list<string>>  $paths
     */
    private static function walked(array $paths): int
    {
        $seen = [];
        foreach ($paths as $path) {
            $way = '';
            foreach ($path as $step) {
                $way .= "\n".$step;
                $seen[$way] = true;
            }
        }

        return count($seen);
    }

    /** Clicks of the dial between two holds' values of a field, by the order the body has them in. */
    private function clicks(string $field, string $from, string $to): int
    {
        $order = self::order($this->onBody->profile->dialect, $field);
        $a = $this->onBody->translations[$from][$field] ?? null;
        $b = $this->onBody->translations[$to][$field] ?? null;
        $at = static fn (?Translated $said): int|false => $said === null
            ? false
            : array_search($said->word, $order, true);
        [$first, $last] = [$at($a), $at($b)];

        return $first === false || $last === false ? 1 : max(1, abs($first - $last));
    }

    /** @return list<string> */
    private static function order(Dialect $dialect, string $field): array
    {
        return match ($field) {
            'tuning' => array_column($dialect->tuning->presets, 'word'),
            'stay' => array_column($dialect->tuning->stay->steps ?? [], 'word'),
            'pace' => array_column($dialect->tuning->pace->steps ?? [], 'word'),
            'pick' => array_values($dialect->tuning->pick->words ?? []),
            default => array_values($dialect->setting($field)->words ?? []),
        };
    }
}
