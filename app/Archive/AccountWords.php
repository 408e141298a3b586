<?php

declare(strict_types=1);

namespace App\Archive;

use App\Log\Yours\Learning;
use App\Models\User;
use App\Owned\Ids;
use Illuminate\Support\Carbon;
use RushHold\Assumptions\Assumptions;
use RushHold\Rush\OwnSubject;

/** What an account has set, as account.json of its archive tells it. */
final readonly class AccountWords
{
    public function __construct(private Learning $learning) {}

    /** @return array<string, mixed> */
    public static function of(User $user): array
    {
        return [
            'format' => ArchiveWriter::FORMAT,
            'made_at' => Carbon::now()->toIso8601ZuluString(),
            'settings' => (object) $user->settings,
            'assumptions' => (object) $user->assumptions,
            'subjects' => (object) ($user->subjects ?? []),
            'yours' => array_keys($user->learnt ?? []),
            'not_yours' => Learning::switchedOff($user),
        ];
    }

    /**
     * Holds it to what could have been set through the pages.
     *
     * @param  array<string, mixed>  $account
     * @return array{settings: array<string, string>, assumptions: array<string, mixed>, subjects: ?array<string, mixed>}
     *
     * @throws \RushHold\Faults\Fault naming what is amiss
     */
    public static function check(array $account): array
    {
        $known = is_array($account['settings'] ?? null) ? $account['settings'] : [];
        $settings = array_filter(
            array_intersect_key($known, User::SETTINGS),
            static fn (mixed $value, string $name): bool => in_array($value, User::SETTINGS[$name], true),
            ARRAY_FILTER_USE_BOTH,
        );
        $figures = is_array($account['assumptions'] ?? null) ? $account['assumptions'] : [];
        Assumptions::with($figures);
        $subjects = [];
        foreach (is_array($account['subjects'] ?? null) ? $account['subjects'] : [] as $name => $subject) {
            if (mb_strlen((string) $name) <= OwnSubject::NAME && is_array($subject)) {
                $subjects[(string) $name] = OwnSubject::fromArray($subject)->toArray();
            }
        }

        return ['settings' => $settings, 'assumptions' => $figures, 'subjects' => $subjects === [] ? null : $subjects];
    }

    /**
     * Sets all of it, and switches the figures of the person's own frames on and off that were.
     *
     * @param  array<string, mixed>  $account
     * @param  \Closure(string): string  $id  the new id of an old one
     */
    public function settle(User $user, array $account, \Closure $id): void
    {
        $user->update(self::check($account));
        foreach (['yours' => true, 'not_yours' => false] as $list => $isOn) {
            foreach (is_array($account[$list] ?? null) ? $account[$list] : [] as $name) {
                if (is_string($name)) {
                    // the brightness of a place is called by its id
                    $this->learning->switch($user, Ids::replaced($name, $id), $isOn);
                }
            }
        }
    }
}
