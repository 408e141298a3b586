<?php

declare(strict_types=1);

namespace RushHold\Dialect;

use RushHold\Document\Reader;

/** Where a setting lives on a body: steps through a menu, a dial, a control held while a dial is turned, or a lever. */
final readonly class SettingLocation
{
    /** @param  list<string>  $menu steps through the menu, outermost first */
    private function __construct(
        public array $menu,
        public ?string $press,
        public ?string $turn,
        public ?string $lever,
    ) {}

    public static function read(Reader $where): self
    {
        return new self(
            $where->has('menu') ? $where->texts('menu') : [],
            $where->optionalText('press'),
            $where->optionalText('turn'),
            $where->optionalText('lever'),
        );
    }

    /** Nobody has said where. */
    public static function untold(): self
    {
        return new self([], null, null, null);
    }

    public static function onLever(string $lever): self
    {
        return new self([], null, null, $lever);
    }

    /** Whether it takes the eye off the finder. */
    public function isInMenu(): bool
    {
        return $this->menu !== [];
    }

    public function isTold(): bool
    {
        return $this->menu !== [] || $this->press !== null || $this->turn !== null || $this->lever !== null;
    }

    /**
     * The way there in words: "menu: Focus › Field", "hold the thumb key, turn the rear dial".
     *
     * @param  array<string, string>  $controls names of the body's controls by id
     */
    public function words(array $controls = []): string
    {
        $press = $this->press === null ? null : $controls[$this->press] ?? $this->press;

        return match (true) {
            $this->menu !== [] => 'menu: '.implode(' › ', $this->menu),
            $press !== null && $this->turn !== null => sprintf('hold %s, turn %s', $press, $this->turn),
            $press !== null => 'press '.$press,
            $this->turn !== null => 'turn '.$this->turn,
            $this->lever !== null => $this->lever,
            default => '',
        };
    }
}
