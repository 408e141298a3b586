<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use RushHold\Habits\Habits;
use RushHold\Habits\LearntFigure;

/** The figures of a person's own frames: told anew when there are others, used in place of the assumed ones where the person says so. */
final readonly class Learning
{
    /** Raised whenever figures are told otherwise from the same frames. */
    private const RULES = 1;

    public function __construct(private Sights $sights) {}

    /** Tells every figure anew where anything in the log has changed; not within a transaction, it takes its time. */
    public function wake(User $user): void
    {
        $fingerprint = $this->fingerprint($user);
        $kept = self::rows($user)->value('fingerprint');
        if ($kept === $fingerprint || ($kept === null && $user->bursts()->whereNotNull('promise_id')->doesntExist())) {
            return;
        }
        $figures = Habits::of($this->sights->of($user), $user->assumptions);
        DB::transaction(function () use ($user, $figures, $fingerprint): void {
            $user->inTurn();
            $on = self::rows($user)->where('is_on', true)->pluck('name')->all();
            self::rows($user)->delete();
            DB::table('learnt')->insert(
                array_map(
                    static fn (LearntFigure $figure): array => [
                        'user_id' => $user->id,
                        'is_on' => in_array($figure->name, $on, true),
                        'fingerprint' => $fingerprint,
                    ] + self::row($figure),
                    $figures,
                ),
            );
            $this->use($user);
        });
    }

    /** Whether a figure of one's own is used in place of what is assumed; false where there is none of this name. */
    public function switch(User $user, string $name, bool $isOn): bool
    {
        return DB::transaction(function () use ($user, $name, $isOn): bool {
            $user->inTurn();
            $row = self::rows($user)->where('name', $name);
            if ($row->doesntExist()) {
                return false;
            }
            $row->update(['is_on' => $isOn]);
            $this->use($user);

            return true;
        });
    }

    public static function rows(User $user): Builder
    {
        return DB::table('learnt')->where('user_id', $user->id);
    }

    /** Puts those that are used where every plan reads them. */
    private function use(User $user): void
    {
        $used = [];
        foreach (self::rows($user)->where('is_on', true)->orderBy('name')->get() as $row) {
            $used[(string) $row->name] = ['value' => (float) $row->value, 'frames' => (int) $row->frames];
        }
        $user->update(['learnt' => $used === [] ? null : $used]);
    }

    /** @return array<string, mixed> */
    private static function row(LearntFigure $figure): array
    {
        return [
            'name' => $figure->name,
            'assumed' => $figure->assumed,
            'value' => $figure->value,
            'least' => $figure->least,
            'most' => $figure->most,
            'worth' => round($figure->worth, 1),
            'frames' => $figure->frames,
            'bursts' => (string) json_encode($figure->bursts),
            'kept_out' => (string) json_encode($figure->keptOut),
        ];
    }

    /** Of everything that figures are told from. */
    private function fingerprint(User $user): string
    {
        $all = [];
        foreach ([Tallies::LOSSES, Tallies::PROMISES] as $kind) {
            $all[] = Tallies::of($user, $kind)->orderBy('one')->orderBy('other')->get()->all();
        }

        return md5((string) json_encode([self::RULES, $all, $user->assumptions]));
    }
}
