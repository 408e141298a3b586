<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** What the line of sight runs over, by how warm the sun makes it. */
enum Ground: string
{
    case Water = 'water';
    case Snow = 'snow';
    case Marsh = 'marsh';
    case Grass = 'grass';
    case Stone = 'stone';
    case Sand = 'sand';
    case Tarmac = 'tarmac';

    /** As a sentence says it. */
    public function words(): string
    {
        return $this === self::Water ? 'open water' : $this->value;
    }
}
