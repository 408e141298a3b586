<?php

declare(strict_types=1);

namespace RushHold\Faults;

/** Something taken in as a kit file that is none. */
final class NotAKitFile extends Fault
{
    private const RANGE = 'a kit file, as “save as a kit file” makes it';

    public static function of(string $content): self
    {
        $what = match (true) {
            trim($content) === '' => 'empty',
            preg_match('//u', $content) !== 1 => 'no text: it may be a picture, or another program\'s file',
            default => 'a text, but not one a kit file begins with, or it is cut off before its end',
        };

        return new self('', null, self::RANGE, sprintf('This is no kit file: it is %s.', $what));
    }
}
