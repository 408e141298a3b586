<?php

declare(strict_types=1);

namespace App\Log\Yours;

use App\Log\Counts\Counting;
use App\Models\BurstRecord;
use App\Models\OutingRecord;
use App\Models\User;
use App\Outings\OutingComposer;
use Illuminate\Database\Eloquent\Collection;
use RushHold\Faults\Fault;
use RushHold\Habits\LearntFigure;
use RushHold\Habits\LightReading;
use RushHold\Habits\PlaceLight;
use RushHold\Outing\Outing;
use RushHold\Outing\Spot;
use RushHold\Outing\Window;
use RushHold\Sharpness\FrameVerdict;

/** How bright the places of an account are, told from what its frames were exposed for on outings whose sky somebody has said. */
final readonly class LightOfPlaces
{
    /** Outings that are looked through, the newest, and bursts of each. */
    private const OUTINGS = 30;

    private const BURSTS = 24;

    public function __construct(private OutingComposer $composer) {}

    /** @return list<LearntFigure> */
    public function of(User $user): array
    {
        /** @var Collection<int, OutingRecord> $outings */
        $outings = $user
            ->outings()
            ->with('place')
            ->orderByDesc('day')
            ->limit(self::OUTINGS)
            ->get();
        $readings = $said = [];
        foreach ($outings as $outing) {
            try {
                $told = $this->readings($outing, $user);
            } catch (Fault) {
                continue; // a day that cannot be worked out tells nothing
            }
            $readings[$outing->place_id] = [...$readings[$outing->place_id] ?? [], ...$told];
            $said[$outing->place_id] = (float) ($outing->place->document->offset_stops ?? 0.0);
        }
        $figures = [];
        foreach ($readings as $place => $told) {
            $figure = PlaceLight::figure(PlaceLight::FIGURE.$place, $told, $said[$place]);
            if ($figure !== null) {
                $figures[] = $figure;
            }
        }

        return $figures;
    }

    /** The place that a figure of this name is of; null where it is of none. */
    public static function place(string $figure): ?string
    {
        return str_starts_with($figure, PlaceLight::FIGURE) ? substr($figure, strlen(PlaceLight::FIGURE)) : null;
    }

    /** @return list<LightReading> */
    private function readings(OutingRecord $outing, User $user): array
    {
        $ids = Counting::of($user, ['outing' => $outing->id])->counted()->orderByDesc('began_at')->limit(self::BURSTS);
        /** @var Collection<int, BurstRecord> $bursts */
        $bursts = $user->bursts()->whereKey($ids->pluck('burst_id')->all())->get();
        if ($bursts->isEmpty()) {
            return [];
        }
        $day = Outing::fromArray($this->composer->lightOf($outing));
        $conditions = $day->conditions($user->assumed());
        $spots = self::spots($outing, $day);
        $readings = [];
        foreach ($bursts as $burst) {
            $spot = $burst->rush_id === null ? null : $spots[$burst->rush_id] ?? null;
            $at = $burst->clock === null ? null : self::at($day->window, $burst->clock);
            $ev100 = self::exposedFor($burst);
            $isTold = $spot !== null && $at !== null && $ev100 !== null;
            $stops = $isTold ? $conditions->residual($at, $ev100, $spot) : null;
            if ($stops !== null) {
                $readings[] = new LightReading($burst->id, $burst->frames, $stops);
            }
        }

        return $readings;
    }

    /** @return array<string, Spot> where each rush was expected, by its id; none that stands in light of its own */
    private static function spots(OutingRecord $outing, Outing $day): array
    {
        $spots = [];
        foreach ($outing->document->rushes ?? [] as $expected) {
            $spot = $day->place->spots[$expected->spot ?? ''] ?? null;
            if ($spot !== null && ! ($expected->own_light ?? false)) {
                $spots[(string) $expected->rush_id] = $spot;
            }
        }

        return $spots;
    }

    /** The moment that the clock of a camera showed, in Unix seconds; null where it was of no day that the outing touches. */
    private static function at(Window $window, string $clock): ?float
    {
        foreach ([0, 1] as $days) {
            $day = $window->day->plus($days);
            if (substr($clock, 0, 10) === $day->date) {
                $at = $day->at(substr($clock, 11, 5), 'clock');

                return $days === 0 || $at <= $window->untilS ? $at : null;
            }
        }

        return null;
    }

    /** EV at ISO 100 that the frame in its middle was exposed for; null where it came out too dark or too bright. */
    private static function exposedFor(BurstRecord $burst): ?float
    {
        $frame = $burst->middle();
        $failed = [FrameVerdict::Dark, FrameVerdict::Bright];

        return in_array($frame->eye ?? $frame->verdict, $failed, true) ? null : $frame->facts()->exposedFor();
    }
}
