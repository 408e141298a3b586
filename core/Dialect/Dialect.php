<?php

declare(strict_types=1);

namespace RushHold\Dialect;

use RushHold\Document\Reader;

/** A body's own words: what it calls each setting and value, where they live, and how it tunes its tracking. */
final readonly class Dialect
{
    /** Settings that are a choice among words, by their name in the dialect and in our own words. */
    public const SETTINGS = [
        'focus_mode' => 'focus mode',
        'area' => 'AF area',
        'detection' => 'detection',
        'eye' => 'eye detection',
        'stabiliser' => 'stabiliser',
        'limiter' => 'limiter',
        'shutter' => 'shutter',
        'aperture' => 'aperture',
        'iso' => 'ISO',
        'compensation' => 'exposure compensation',
        'buttons' => 'buttons',
        'prefocus' => 'pre-focus',
        'aids' => 'focus aids',
    ];

    /** @param  array<string, Setting>  $settings by name in {@see SETTINGS} */
    private function __construct(private array $settings, public ?Scale $drive, public Tuning $tuning) {}

    /** A body that has told none of its words. */
    public static function untold(): self
    {
        return new self([], null, Tuning::none());
    }

    /**
     * @param  array<mixed>  $body  the "body" part of kit/1
     *
     * @throws \RushHold\Faults\Fault naming the first field that is amiss
     */
    public static function ofBody(array $body): self
    {
        $reader = Reader::of($body, 'body');
        if (! $reader->has('dialect')) {
            return self::untold();
        }
        $dialect = $reader->inside('dialect');
        $settings = [];
        foreach (array_keys(self::SETTINGS) as $name) {
            if ($dialect->has($name)) {
                $settings[$name] = Setting::read($dialect->inside($name));
            }
        }

        return new self(
            $settings,
            $dialect->has('drive') ? Scale::read($dialect->inside('drive')) : null,
            $dialect->has('tuning') ? Tuning::read($dialect->inside('tuning')) : Tuning::none(),
        );
    }

    public function setting(string $name): ?Setting
    {
        return $this->settings[$name] ?? null;
    }

    /** Whether a control is held down to set something, and so cannot be given away without losing that. */
    public function setsWith(string $control): ?string
    {
        foreach ($this->settings as $setting) {
            if ($setting->where->press === $control) {
                return $setting->name;
            }
        }

        return null;
    }

    /** What the body calls a setting; our own name where it has told none. */
    public function name(string $setting): string
    {
        return $this->setting($setting)->name ?? (self::SETTINGS[$setting] ?? $setting);
    }

    public function where(string $setting): SettingLocation
    {
        return $this->setting($setting)->where ??
            (in_array($setting, ['limiter', 'stabiliser'], true)
                ? SettingLocation::onLever('switch on the lens')
                : SettingLocation::untold());
    }
}
