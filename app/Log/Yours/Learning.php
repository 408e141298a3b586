<?php

declare(strict_types=1);

namespace App\Log\Yours;

use App\Log\Counts\Tallies;
use App\Log\Frames\Floors;
use App\Models\User;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use RushHold\Assumptions\Assumption;
use RushHold\Assumptions\Assumptions;
use RushHold\Counts\Dimension;
use RushHold\Habits\Habits;
use RushHold\Habits\LearntFigure;
use RushHold\Sharpness\BodyFloor;

/** The figures of a person's own frames: told anew when there are others, used in place of the assumed ones where the person says so. */
final readonly class Learning
{
    /** Raised whenever figures are told otherwise from the same frames. */
    private const RULES = 2;

    public function __construct(private Sights $sights, private LightOfPlaces $light) {}

    /** Tells every figure anew where anything in the log has changed; not within a transaction, it takes its time. */
    public function wake(User $user): void
    {
        if ($this->isStale($user)) {
            $this->keep($user, $this->tell($user));
        }
    }

    /** Whether anything that figures are told from has changed since they were. */
    public function isStale(User $user): bool
    {
        $kept = self::rows($user)->value('fingerprint');

        return $kept !== $this->fingerprint($user) && ($kept !== null || $user->bursts()->exists());
    }

    /** Every figure as it is told now: this takes its time. */
    public function tell(User $user): LearntNow
    {
        return new LearntNow(
            $this->fingerprint($user),
            [...Habits::of($this->sights->of($user), $user->assumptions), ...$this->light->of($user)],
            Floors::all($user->id),
        );
    }

    /** Keeps them in place of those before. */
    public function keep(User $user, LearntNow $now): void
    {
        DB::transaction(function () use ($user, $now): void {
            $user->inTurn();
            $before = self::rows($user)->get()->keyBy('name');
            $on = $before->where('is_on', true)->keys()->all();
            $off = $before->where('is_on', false)->keys()->all();
            self::rows($user)->delete();
            DB::table('learnt')->insert(
                array_map(
                    static fn (LearntFigure $figure): array => [
                        'user_id' => $user->id,
                        'is_on' => in_array($figure->name, $on, true),
                        'fingerprint' => $now->fingerprint,
                    ] + self::row($figure),
                    $now->figures,
                ),
            );
            foreach ($now->floors as $body => $floor) {
                $name = Floors::figure($body);
                // what a body blurs of its own is no fault of a frame, unless the person says it is
                DB::table('learnt')->insertOrIgnore([
                    'user_id' => $user->id,
                    'is_on' => ! in_array($name, $off, true),
                    'fingerprint' => $now->fingerprint,
                ] + self::floor($name, $floor));
            }
            $this->remember($user, $before->all(), $now->fingerprint);
            $this->use($user);
        });
    }

    /**
     * What the person has said of a figure stays where the frames do not tell it just now, and counts again as soon as they do.
     *
     * @param  array<string, \stdClass>  $before  rows by name
     */
    private function remember(User $user, array $before, string $fingerprint): void
    {
        $told = array_flip(array_map(strval(...), self::rows($user)->pluck('name')->all()));
        foreach (array_diff_key($before, $told) as $name => $row) {
            $isUsual = Floors::body((string) $name) !== null;
            if ((bool) $row->is_on !== $isUsual) {
                $silent = ['frames' => 0, 'bursts' => '[]', 'kept_out' => '[]', 'fingerprint' => $fingerprint];
                DB::table('learnt')->insert($silent + get_object_vars($row));
            }
        }
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

    /** @return list<string> what bodies blur of their own, and is not taken off because the person said so */
    public static function switchedOff(User $user): array
    {
        $off = self::rows($user)->where('name', 'like', Floors::FIGURE.'%')->where('is_on', false)->orderBy('name');

        return array_values(array_map(strval(...), $off->pluck('name')->all()));
    }

    /** @return list<array{Assumption, \stdClass}> figures whose frames speak against what is assumed, with their rows; those most frames tell first */
    public static function apart(User $user): array
    {
        $apart = [];
        foreach (self::rows($user)->where('frames', '>', 0)->orderByDesc('frames')->get() as $row) {
            $known = Assumptions::all()[(string) $row->name] ?? null;
            if ($known !== null && self::isApart($row)) {
                $apart[] = [$known, $row];
            }
        }

        return $apart;
    }

    /** Whether the frames speak against what is assumed. */
    public static function isApart(\stdClass $row): bool
    {
        return (float) $row->assumed < (float) $row->least || (float) $row->assumed > (float) $row->most;
    }

    /** Puts those that are used where every plan reads them. */
    private function use(User $user): void
    {
        $used = [];
        foreach (self::rows($user)->where('is_on', true)->where('frames', '>', 0)->orderBy('name')->get() as $row) {
            if (Floors::body((string) $row->name) !== null) {
                continue; // frames are judged with it, and no plan is reckoned
            }
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

    /** @return array<string, mixed> */
    private static function floor(string $name, BodyFloor $floor): array
    {
        return [
            'name' => $name,
            'assumed' => 0.0,
            'value' => $floor->px,
            'least' => $floor->leastPx,
            'most' => $floor->mostPx,
            'worth' => BodyFloor::PRIOR,
            'frames' => $floor->frames,
            'bursts' => '[]',
            'kept_out' => '[]',
        ];
    }

    /** Of everything that figures are told from. */
    public function fingerprint(User $user): string
    {
        $all = [];
        foreach ([Tallies::LOSSES, Tallies::PROMISES, Dimension::Body->kind(), Dimension::Outing->kind()] as $kind) {
            $all[] = Tallies::of($user, $kind)->orderBy('one')->orderBy('other')->get()->all();
        }

        foreach (['outings', 'places'] as $table) {
            $rows = DB::table($table)->where('user_id', $user->id)->orderBy('id');
            $all[] = $rows->get(['id', 'revision', 'deleted_at'])->all();
        }

        return md5((string) json_encode([self::RULES, $all, $user->assumptions]));
    }
}
