<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Document\Reader;
use RushHold\Hold\Scheme;
use RushHold\Kit\ControlUse;

/** What the controls of a body do, and the holds of a day laid on them ("layout/1"). */
final readonly class Layout
{
    /** Most holds of a day, on a body as on a card. */
    public const HOLDS = 12;

    /**
     * @param  ?Scheme  $scheme  null for one of the person's own
     * @param  list<string>  $holds  keys of the holds of the day
     * @param  ?string  $base  key of the hold the camera itself is set to
     * @param  list<Assignment>  $uses
     * @param  array<string, array<string, float>>  $follows  times a day each hold follows each, from and to by key; what is missing is once
     */
    public function __construct(
        public ?Scheme $scheme,
        public bool $shutterFocuses,
        public bool $prefocus,
        public bool $gloves,
        public array $holds,
        public ?string $base,
        public array $uses,
        public array $follows = [],
    ) {}

    /** Nothing laid yet: focus on the shutter, as a camera comes out of its box. */
    public static function fresh(): self
    {
        return new self(Scheme::Shutter, true, false, false, [], null, []);
    }

    /**
     * @param  array<mixed>  $document  a layout/1 document
     *
     * @throws \RushHold\Faults\Fault naming the first field that is amiss
     */
    public static function fromArray(array $document): self
    {
        $layout = Reader::of($document);
        $follows = [];
        foreach ($layout->objects('follows') as $pair) {
            $follows[$pair->text('from')][$pair->text('to')] = $pair->number('times');
        }

        return new self(
            Scheme::tryFrom($layout->text('scheme')),
            $layout->flag('shutter_focuses'),
            $layout->flag('prefocus'),
            $layout->flag('gloves'),
            $layout->texts('holds'),
            $layout->optionalText('base'),
            array_map(Assignment::read(...), $layout->objects('uses')),
            $follows,
        );
    }

    /** @return array<string, mixed> a layout/1 document */
    public function toArray(): array
    {
        $follows = [];
        foreach ($this->follows as $from => $row) {
            foreach ($row as $to => $times) {
                $follows[] = ['from' => $from, 'to' => $to, 'times' => $times];
            }
        }

        return [
            'format' => 'layout/1',
            'scheme' => $this->scheme->value ?? 'own',
            'shutter_focuses' => $this->shutterFocuses,
            'prefocus' => $this->prefocus,
            'gloves' => $this->gloves,
            'holds' => $this->holds,
            'base' => $this->base,
            'uses' => array_map(static fn (Assignment $use): array => $use->toArray(), $this->uses),
            'follows' => $follows,
        ];
    }

    /** @return list<Assignment> what a control does; more than one is a conflict */
    public function of(string $control): array
    {
        return array_values(array_filter($this->uses, static fn (Assignment $use): bool => $use->control === $control));
    }

    /** The control a hold is recalled by, null for none. */
    public function recall(string $hold): ?Assignment
    {
        return array_values(array_filter($this->uses, static fn (Assignment $use): bool => $use->recalls($hold)))[0] ??
            null;
    }

    public function has(ControlUse $does): bool
    {
        return array_filter($this->uses, static fn (Assignment $use): bool => $use->does === $does) !== [];
    }

    /** Whether anything at all starts to focus. */
    public function focuses(): bool
    {
        return $this->shutterFocuses ||
            array_filter($this->uses, static fn (Assignment $use): bool => $use->startsFocus()) !== [];
    }

    /** How often one hold follows another in a day. */
    public function times(string $from, string $to): float
    {
        return $this->follows[$from][$to] ?? 1.0;
    }

    /** The same with this use put on its control instead of whatever that did. */
    public function put(Assignment $use): self
    {
        return $this->using([...$this->without($use->control)->uses, $use]);
    }

    /** The same with nothing on this control. */
    public function without(string $control): self
    {
        return $this->using(
            array_values(array_filter($this->uses, static fn (Assignment $use): bool => $use->control !== $control)),
        );
    }

    /** @param  list<Assignment>  $uses */
    public function using(array $uses): self
    {
        return new self(
            $this->scheme,
            $this->shutterFocuses,
            $this->prefocus,
            $this->gloves,
            $this->holds,
            $this->base,
            $uses,
            $this->follows,
        );
    }

    public function scheme(?Scheme $scheme, bool $shutterFocuses): self
    {
        return new self(
            $scheme,
            $shutterFocuses,
            $this->prefocus,
            $this->gloves,
            $this->holds,
            $this->base,
            $this->uses,
            $this->follows,
        );
    }

    public function prefocusing(bool $prefocus): self
    {
        return new self(
            $this->scheme,
            $this->shutterFocuses,
            $prefocus,
            $this->gloves,
            $this->holds,
            $this->base,
            $this->uses,
            $this->follows,
        );
    }

    public function basedOn(?string $base): self
    {
        return new self(
            $this->scheme,
            $this->shutterFocuses,
            $this->prefocus,
            $this->gloves,
            $this->holds,
            $base,
            $this->uses,
            $this->follows,
        );
    }
}
