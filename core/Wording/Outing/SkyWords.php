<?php

declare(strict_types=1);

namespace RushHold\Wording\Outing;

use RushHold\Light\MoonEvent;
use RushHold\Light\Sun;
use RushHold\Light\SunEvent;
use RushHold\Light\SunEventKind;
use RushHold\Outing\Day;
use RushHold\Outing\Moment;

/** What sun and moon do while somebody is out, in sentences. */
final readonly class SkyWords
{
    /** Less of its disc than that gives no light to speak of. */
    private const NEW_PERCENT = 4;

    private Clocks $clocks;

    public function __construct(private Day $day)
    {
        $this->clocks = new Clocks($day->outing->day);
    }

    public function all(): string
    {
        return implode(
            ' ',
            array_filter([$this->sun(), $this->ridge(), $this->moon()], static fn (string $told): bool => $told !== ''),
        );
    }

    private function sun(): string
    {
        $sky = $this->day->sky;
        if ($sky->around->neverSets()) {
            return 'The sun does not set.';
        }
        if ($sky->around->neverRises()) {
            return 'The sun does not rise; '.$this->twilight();
        }
        $told = array_map(
            fn (SunEvent $one): string => $this->edge($one),
            array_values(array_filter($sky->events, $this->isEdge(...))),
        );
        if ($told === [] && $sky->before !== null) {
            return sprintf(
                '%s, before you begin%s.',
                ucfirst($this->edge($sky->before)),
                $sky->after === null ? '' : ', '.$this->edge($sky->after).', after your day',
            );
        }
        if ($sky->after !== null && count($told) < 2) {
            $told[] = $this->edge($sky->after).', after your day';
        }

        return $told === [] ? '' : ucfirst(implode(', ', $told)).'.';
    }

    private function twilight(): string
    {
        $sky = $this->day->sky;
        [$dawn, $dusk] = [$sky->of(SunEventKind::Dawn)[0] ?? null, $sky->of(SunEventKind::Dusk)[0] ?? null];

        return match (true) {
            $dawn !== null && $dusk !== null && $dawn->unixS < $dusk->unixS => sprintf(
                'there is twilight from %s.',
                $this->clocks->range($dawn->unixS, $dusk->unixS),
            ),
            $dawn !== null && $dusk !== null => sprintf(
                'there is twilight until %s and again from %s.',
                $this->clocks->at($dusk->unixS),
                $this->clocks->at($dawn->unixS),
            ),
            $dawn !== null => sprintf('there is twilight from %s on.', $this->clocks->at($dawn->unixS)),
            $dusk !== null => sprintf('there is twilight until %s.', $this->clocks->at($dusk->unixS)),
            ($this->day->moments[0] ?? null)?->sun->altitudeDeg > -6.0 => 'there is twilight all the while.',
            default => 'and there is no twilight to work in.',
        };
    }

    /** When it comes over what stands around, and goes behind it. */
    private function ridge(): string
    {
        $told = [];
        foreach ($this->day->sky->events as $one) {
            $comes = $one->kind === SunEventKind::Over;
            if ($comes || $one->kind === SunEventKind::Behind) {
                $told[] = sprintf(
                    '%s %s at %s',
                    $comes ? 'comes over' : 'goes behind',
                    $told === [] ? 'what stands around' : 'it',
                    $this->clocks->at($one->unixS),
                );
            }
        }

        return $told === [] ? '' : 'The sun '.implode(', ', $told).'.';
    }

    /** Of the moon only where some of the hours are darker than twilight. */
    private function moon(): string
    {
        $altitudes = array_map(static fn (Moment $one): float => $one->sun->altitudeDeg, $this->day->moments);
        if (min([90.0, ...$altitudes]) >= Sun::CIVIL_DEG) {
            return '';
        }
        $sky = $this->day->sky;
        $lit = (int) round(100 * $sky->moonAtBegin->lit);
        $told = array_map(
            fn (MoonEvent $one): string => ($one->rises ? 'rises ' : 'sets ').$this->clocks->at($one->unixS),
            $sky->moon,
        );
        $isUp = $sky->moonAtBegin->altitudeDeg > 0;

        return match (true) {
            $lit < self::NEW_PERCENT => 'The moon is new and gives no light.',
            $told !== [] => sprintf('The moon, %d %% lit, %s.', $lit, implode(' and ', $told)),
            $isUp => sprintf('The moon, %d %% lit, is up all the while.', $lit),
            default => 'The moon is not up.',
        };
    }

    private function isEdge(SunEvent $one): bool
    {
        return $one->kind === SunEventKind::Rise || $one->kind === SunEventKind::Set;
    }

    private function edge(SunEvent $one): string
    {
        return ($one->kind === SunEventKind::Rise ? 'sunrise ' : 'sunset ').$this->clocks->at($one->unixS);
    }
}
