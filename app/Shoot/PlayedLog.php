<?php

declare(strict_types=1);

namespace App\Shoot;

use App\Log\Bursts\BurstKeeper;
use App\Models\BurstRecord;
use App\Models\PromiseRecord;
use App\Models\RushRecord;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use RushHold\Assumptions\Assumptions;
use RushHold\Document\Reader;
use RushHold\Kit\Kit;
use RushHold\Log\FrameFacts;
use RushHold\Planning\Planner;
use RushHold\Rehearsal\Frame;
use RushHold\Rehearsal\Rehearsal;
use RushHold\Rehearsal\Scene\Scene;
use RushHold\Rehearsal\Take;
use RushHold\Rehearsal\Verdict;
use RushHold\Sharpness\BlurFound;
use RushHold\Sharpness\FrameVerdict;

/**
 * Frames of passes played by a person of given habits, as if they had been taken and measured; they have no pictures. The plan they are shot
 * by is the account's own, which need not know those habits.
 */
final readonly class PlayedLog
{
    private const WIDTH = 6000;

    private const HEIGHT = 4000;

    /** Shorter streaks than this are told as none, in px. */
    private const SHORTEST_PX = 3.0;

    public function __construct(private Planner $planner, private BurstKeeper $bursts) {}

    /**
     * One pass, as one burst.
     *
     * @param  array<string, float>  $habits  figures by name
     */
    public function pass(
        User $user,
        RushRecord $rush,
        PromiseRecord $promise,
        array $habits,
        int $seed,
        Carbon $at,
    ): void {
        $kit = Kit::fromArray($rush->kit->document($rush->focal_mm));
        $planned = $this->planner->plan($rush->value(), $kit, $user->assumed(), $rush->dials());
        $true = Rehearsal::of($this->planner->plan($rush->value(), $kit, Assumptions::with($habits), $rush->dials()));
        $take = Take::of($true->pass($seed), $true->camera($planned->hold));
        $frames = $take->frames();
        if ($frames === []) {
            return;
        }
        DB::transaction(function () use ($user, $rush, $promise, $take, $frames, $seed, $at): void {
            $user->inTurn();
            /** @var BurstRecord $burst */
            $burst = $user->bursts()->make([
                'rush_id' => $rush->id,
                'promise_id' => $promise->id,
                'body' => $rush->kit->body->name,
                'lens' => $rush->kit->lens->name,
                'began_at' => $at,
                'ended_at' => $at,
                'clock' => $at->format('Y-m-d\TH:i:s'),
                'by_hand' => true,
            ]);
            $burst->save();
            foreach ($frames as $number => $frame) {
                $made = self::frame($rush, $take, $frame, $at);
                $name = hash('sha256', "{$user->id} {$rush->id} {$seed} {$number}");
                $user
                    ->frames()
                    ->make([
                        'burst_id' => $burst->id,
                        'hash' => $name,
                        'picture' => substr($name, 0, 32),
                        'name' => sprintf('PASS_%04d_%02d.jpg', $seed % 10_000, $number + 1),
                        'held_by' => $user->id,
                    ] + $made)
                    ->save();
            }
            $this->bursts->recount($burst->id);
        });
    }

    /** @return array<string, mixed> */
    private static function frame(RushRecord $rush, Take $take, Frame $frame, Carbon $at): array
    {
        $hold = $take->camera->hold;
        $scene = $take->pass->scene;
        $focalMm = $take->camera->exposing->focalMm;
        $pitchMm = $scene->plan->situation->kit->body->sensor->widthMm / self::WIDTH;
        $step = min($scene->steps - 1, (int) ($frame->atS / Scene::STEP_S));
        $px = static fn (float $metres): int => (int) round(($metres / $frame->distanceM) * ($focalMm / $pitchMm));
        $taken = $at->copy()->addMilliseconds((int) round(1000 * $frame->atS));
        $streak = $frame->motionMm / $pitchMm;
        $found = ['iso_px' => $frame->defocusMm / $pitchMm, 'motion_px' => $streak < self::SHORTEST_PX ? 0.0 : $streak, 'motion_deg' => 0.0, 'misfit' => 0.0, 'line_helps' => 0.0];
        $facts = new FrameFacts(
            takenAt: $taken->format('Y-m-d\TH:i:s.v'),
            shutterS: $hold->shutterS,
            fNumber: $hold->fNumber,
            iso: $hold->iso,
            focalMm: $focalMm,
            distanceM: round($frame->distanceM, 2),
            body: $rush->kit->body->name,
            lens: $rush->kit->lens->name,
        );
        $verdict = match ($frame->verdict) {
            Verdict::Sharp => FrameVerdict::Sharp,
            Verdict::Motion => FrameVerdict::Moved,
            Verdict::Shake => FrameVerdict::Shaken,
            Verdict::OutOfFrame, Verdict::Hidden => FrameVerdict::Out,
            Verdict::WrongThing, Verdict::OutOfArea => FrameVerdict::Elsewhere,
            default => FrameVerdict::Soft,
        };

        return [
            'taken_at' => $taken,
            'width' => self::WIDTH,
            'height' => self::HEIGHT,
            'facts' => (object) $facts->toArray(),
            'measured' => (object) [
                'box' => [
                    'x' => intdiv(self::WIDTH, 2) - 200 - $px($take->pass->asideM[$step]),
                    'y' => intdiv(self::HEIGHT, 2) - 200 + $px($take->pass->aboveM[$step]),
                    'width' => 400,
                    'height' => 400,
                ],
                'subject' => $verdict === FrameVerdict::Out ? null : $found,
                'around' => null,
                'discs' => null,
                'close' => new \stdClass(),
                'dark' => 40,
                'bright' => 200,
                'burnt' => 0,
            ],
            'found_by' => 'found',
            'total_px' => $verdict === FrameVerdict::Out ? null : BlurFound::kept(Reader::of($found))->totalPx(),
            'limit_px' => $take->camera->exposing->limitMm / $pitchMm,
            'verdict' => $verdict,
            'confidence' => 0.95,
            'picture_bytes' => 0,
        ];
    }
}
