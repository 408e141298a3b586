<?php

declare(strict_types=1);

namespace RushHold\Card;

use RushHold\Assumptions\Assumptions;
use RushHold\Dialect\BodyProfile;
use RushHold\Dialect\SettingLocation;
use RushHold\Dialect\Translated;
use RushHold\Dialect\Translation;
use RushHold\Hold\Hold;
use RushHold\Hold\StabiliserUse;
use RushHold\Kit\Detection;
use RushHold\Kit\Face;
use RushHold\Wording\Units;

/** The shortest list of changes from how a camera was left to a hold, the dangerous first, then as the hand meets them. */
final readonly class Changes
{
    /** Fields of the body's words, each with what must be known of how it was left. */
    private const KNOWN_BY = [
        'focus_mode' => ['focus_mode'],
        'area' => ['area'],
        'detection' => ['detection'],
        'eye' => ['eye'],
        'tuning' => ['stay', 'pace'],
        'stay' => ['stay'],
        'pace' => ['pace'],
        'pick' => ['pick'],
        'drive' => ['fps', 'burst'],
        'stabiliser' => ['stabiliser'],
        'limiter' => ['limiter_m'],
        'shutter' => ['shutter_s'],
        'aperture' => ['f_number'],
        'iso' => ['iso'],
    ];

    private Translation $translation;

    public function __construct(
        private BodyProfile $profile,
        Assumptions $assumptions,
        private Units $units = Units::Metric,
    ) {
        $this->translation = new Translation($profile, $assumptions, $units);
    }

    /** @return list<Change> */
    public function between(CameraState $left, Hold $hold): array
    {
        $was = $left->over($hold);
        // tuning is compared as if the mode were right already: a mode that does not follow shows none
        $before =
            ['focus_mode' => $this->words($was)['focus_mode']] +
            $this->words($left->without('focus_mode')->over($hold));
        $changes = [];
        foreach ($this->words($hold) as $field => $said) {
            $unknown = static fn (string $one): bool => ! $left->knows($one);
            $known = array_filter(self::KNOWN_BY[$field] ?? [], $unknown) === [];
            $from = $known ? $before[$field]->word ?? null : null;
            if ($said->lacks && $said->word === 'none') {
                continue; // the body has no such setting: nothing to change
            }
            if (! $known || $from !== $said->word) {
                $changes[] = new Change(
                    $field,
                    $said->name,
                    $from,
                    $said->word,
                    $said->where->words($this->profile->controlNames()),
                    $known ? $this->danger($field, $was, $hold) : null,
                    $this->order($said->where),
                );
            }
        }
        $changes = [...$changes, ...$this->compensation($left)];
        usort(
            $changes,
            static fn (Change $a, Change $b): int => [$a->danger === null, $a->order, $a->where] <=> [
                $b->danger === null,
                $b->order,
                $b->where,
            ],
        );

        return $changes;
    }

    /** @return list<string> what must be known of how a camera was left to know a field of the body's words */
    public static function knownBy(string $field): array
    {
        return self::KNOWN_BY[$field] ?? [$field.'_ev'];
    }

    /** @return array<string, Translated> by field: the body's words for the hold, and its exposure */
    public function words(Hold $hold): array
    {
        $said = $this->translation->say($hold);
        $dialect = $this->profile->dialect;
        foreach (
            [
                'shutter' => Units::shutter($hold->shutterS),
                'aperture' => 'f/'.Units::figures($hold->fNumber, 2),
                'iso' => (string) $hold->iso,
            ] as $field => $word
        ) {
            $said[] = new Translated(
                $field,
                $dialect->name($field),
                $word,
                $word,
                $dialect->where($field),
                $dialect->setting($field) !== null,
            );
        }

        return array_column(array_map(static fn (Translated $one): array => [$one->field, $one], $said), 1, 0);
    }

    /** @return list<Change> */
    private function compensation(CameraState $left): array
    {
        $ev = $left->compensationEv();
        if ($ev !== null && abs($ev) < 0.01) {
            return [];
        }
        $dialect = $this->profile->dialect;
        $where = $dialect->where('compensation');

        return [
            new Change(
                'compensation',
                $dialect->name('compensation'),
                $ev === null ? null : self::stops($ev),
                '0',
                $where->words($this->profile->controlNames()),
                $ev === null
                    ? null
                    : sprintf(
                        'Every frame comes out %s stops too %s.',
                        Units::figures(abs($ev), 2),
                        $ev > 0 ? 'bright' : 'dark',
                    ),
                $this->order($where),
            ),
        ];
    }

    private static function stops(float $ev): string
    {
        return ($ev > 0 ? '+' : '−').Units::figures(abs($ev), 2);
    }

    /** What goes wrong when a field is left as it was; null where it only costs a little. */
    private function danger(string $field, Hold $was, Hold $hold): ?string
    {
        return match (true) {
            $field === 'focus_mode' && ! $was->focusMode->follows() && $hold->focusMode->follows() => 'It locks once and stays: the first frame sharp, the rest soft.',
            $field === 'focus_mode' && $was->focusMode->follows() && ! $hold->focusMode->follows() => 'It goes on focusing, and leaves the plane you set.',
            $field === 'detection' && $was->detection !== Detection::None => sprintf(
                'It goes on looking for %s and passes over yours.',
                $was->detection->value === 'person' ? 'people' : $was->detection->value.'s',
            ),
            $field === 'detection' => 'Detection is off: it will not look for yours.',
            $field === 'eye' && $hold->eye => 'It is left to look at the body: the eye goes soft where depth is shallow.',
            $field === 'limiter' => $this->limiterDanger($was, $hold),
            $field === 'stabiliser' && $was->stabiliser === StabiliserUse::On && $hold->stabiliser !== StabiliserUse::On => 'It fights your pan.',
            $field === 'stabiliser' && $hold->stabiliser !== StabiliserUse::Off => 'Nothing steadies your hands.',
            $field === 'area' && $was->area->reach() > $hold->area->reach() => sprintf(
                'The %s takes what is nearer, or what is behind.',
                $was->area->words(),
            ),
            $field === 'area' => sprintf('The %s is too small to keep on it.', $was->area->words()),
            default => null,
        };
    }

    private function limiterDanger(Hold $was, Hold $hold): string
    {
        if ($was->limiterM === null) {
            return 'The lens may run through its whole range before it comes back.';
        }
        $nearM = $hold->limiterM[0] ?? null;

        return $nearM !== null && $was->limiterM[0] > $nearM
            ? sprintf('It cannot focus nearer than %s.', $this->units->length($was->limiterM[0]))
            : 'The lens may run farther than it has to, or cannot reach far enough.';
    }

    private function order(SettingLocation $where): int
    {
        $control = $this->profile->controls[$where->press ?? ''] ?? null;

        return match (true) {
            $where->isInMenu() => 8,
            $where->lever !== null => str_contains(mb_strtolower($where->lever), 'lens')
                ? Face::Lens->order()
                : Face::Top->order(),
            $control !== null => $control->face->order(),
            $where->isTold() => Face::Top->order(),
            default => 9,
        };
    }
}
