<?php

declare(strict_types=1);

namespace RushHold\Dialect;

use RushHold\Document\Reader;

/** One setting of a body: its name there, where it lives, and the body's word for each of our values. */
final readonly class Setting
{
    /** @param  array<string, string>  $words the body's word by our value */
    public function __construct(public string $name, public SettingLocation $where, public array $words) {}

    public static function read(Reader $setting): self
    {
        $words = $setting->inside('words');

        return new self(
            $setting->text('name'),
            SettingLocation::read($setting->inside('where')),
            array_combine($words->names(), array_map($words->text(...), $words->names())),
        );
    }

    /** The body's word for one of our values; null where it has told none. */
    public function say(string $value): ?string
    {
        return $this->words[$value] ?? null;
    }

    /** Our value for one of the body's words, however it is capitalised; null when the body has no such word. */
    public function understand(string $word): ?string
    {
        foreach ($this->words as $value => $own) {
            if (Words::alike($own, $word)) {
                return $value;
            }
        }

        return null;
    }
}
