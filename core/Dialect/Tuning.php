<?php

declare(strict_types=1);

namespace RushHold\Dialect;

use RushHold\Assumptions\Assumptions;
use RushHold\Document\Reader;
use RushHold\Hold\Pick;

/** How a body tunes its tracking: nothing, one scale for each axis, or presets that are points of all three. */
final readonly class Tuning
{
    /** @param  list<array{word: string, point: TuningPoint}>  $presets */
    private function __construct(
        public TuningKind $kind,
        public string $name,
        public SettingLocation $where,
        public ?Scale $stay,
        public ?Scale $pace,
        public ?Setting $pick,
        public array $presets,
    ) {}

    public static function none(): self
    {
        return new self(TuningKind::None, '', SettingLocation::untold(), null, null, null, []);
    }

    public static function read(Reader $tuning): self
    {
        return new self(
            $tuning->choice('kind', TuningKind::class),
            $tuning->optionalText('name') ?? 'Tuning',
            $tuning->has('where') ? SettingLocation::read($tuning->inside('where')) : SettingLocation::untold(),
            $tuning->has('stay') ? Scale::read($tuning->inside('stay')) : null,
            $tuning->has('pace') ? Scale::read($tuning->inside('pace')) : null,
            $tuning->has('pick') ? Setting::read($tuning->inside('pick')) : null,
            $tuning->has('presets')
                ? array_map(
                    static fn (Reader $preset): array => [
                        'word' => $preset->text('word'),
                        'point' => new TuningPoint(
                            $preset->number('stay'),
                            $preset->number('pace'),
                            $preset->choice('pick', Pick::class),
                        ),
                    ],
                    $tuning->objects('presets'),
                )
                : [],
        );
    }

    /**
     * The preset nearest a point and how far it is; of two as far the first. Null on a body without presets.
     *
     * @return ?array{word: string, point: TuningPoint, distance: float}
     */
    public function nearest(TuningPoint $wanted, Assumptions $assumptions): ?array
    {
        $best = null;
        foreach ($this->presets as $preset) {
            $distance = $wanted->distanceTo($preset['point'], $assumptions);
            if ($best === null || $distance < $best['distance'] - 1e-9) {
                $best = $preset + ['distance' => $distance];
            }
        }

        return $best;
    }

    /** The point a preset stands for; null when the body has no preset of that word. */
    public function understand(string $word): ?TuningPoint
    {
        foreach ($this->presets as $preset) {
            if (Words::alike($preset['word'], $word)) {
                return $preset['point'];
            }
        }

        return null;
    }
}
