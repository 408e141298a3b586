<?php

declare(strict_types=1);

namespace App\Cards;

/** Paper a card is printed on. */
enum Paper: string
{
    case A6 = 'a6';
    case A5 = 'a5';
    case A4 = 'a4';
    case Letter = 'letter';

    /** What it is called where it is chosen. */
    public function words(): string
    {
        return $this === self::Letter ? 'letter' : strtoupper($this->value);
    }

    /** Its width and height, as a style sheet takes them. */
    public function size(): string
    {
        return match ($this) {
            self::A6 => '105mm 148mm',
            self::A5 => '148mm 210mm',
            self::A4 => '210mm 297mm',
            self::Letter => '8.5in 11in',
        };
    }

    /** How much larger than on A6 its type is. */
    public function scale(): float
    {
        return match ($this) {
            self::A6 => 1.0,
            self::A5 => 1.38,
            self::A4 => 1.75,
            self::Letter => 1.72,
        };
    }
}
