<?php

declare(strict_types=1);

namespace App\Log\Bursts;

use App\Log\Frames\FrameKeeper;
use App\Log\Frames\FrameStandard;
use App\Log\Intake\Looked;
use App\Models\BurstRecord;
use App\Models\FrameRecord;
use App\Models\OutingRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Plans\PlanCache;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use RushHold\Document\Reader;
use RushHold\Faults\Fault;
use RushHold\Kit\Kit;
use RushHold\Log\RushCandidate;
use RushHold\Log\RushGuess;
use RushHold\Outing\LocalDay;
use RushHold\Outing\Window;
use RushHold\Planning\Plan;
use RushHold\Sharpness\Turn;

/** What is told of bursts and frames. */
final readonly class LogShapes
{
    /** Frames of a burst that are shown in a list, and in all. */
    private const SHOWN = 40;

    private const MOST = 600;

    private const UNSEEN = 'It came in a table, without its picture: what is said of it there stands.';

    /** Rushes that a burst may have been taken for, the latest changed first. */
    private const CANDIDATES = 60;

    public function __construct(private FrameKeeper $keeper, private PlanCache $plans) {}

    /**
     * @param  Collection<int, BurstRecord>  $bursts
     * @return list<array<string, mixed>> as a list shows them
     */
    public function bursts(User $user, Collection $bursts): array
    {
        $names = self::rushes($user)
            ->whereKey($bursts->pluck('rush_id')->filter()->all())
            ->pluck('name', 'id');
        $shown = $this->shown($user, $bursts->modelKeys());
        $told = [];
        foreach ($bursts as $burst) {
            $told[] =
                self::head($burst, $burst->rush_id === null ? null : (string) $names->get($burst->rush_id)) +
                ['shown' => array_slice($shown[$burst->id] ?? [], 0, self::SHOWN)];
        }

        return $told;
    }

    /**
     * Rushes of an account, deleted ones too: frames were taken for them.
     *
     * @return Builder<RushRecord>
     */
    public static function rushes(User $user): Builder
    {
        return RushRecord::query()->withoutGlobalScope(SoftDeletingScope::class)->where('user_id', $user->id);
    }

    /**
     * @param  array<mixed>  $bursts  their ids
     * @return array<string, list<array{id: string, verdict: string, eye: ?string, has_picture: bool}>> their first frames, by burst
     */
    private function shown(User $user, array $bursts): array
    {
        $frames = FrameRecord::query()->where('user_id', $user->id)->whereIn('burst_id', $bursts);
        foreach (['taken_at', 'name', 'id'] as $by) {
            $frames->orderBy($by);
        }
        $shown = [];
        /** @var FrameRecord $frame */
        foreach ($frames->limit(self::SHOWN * count($bursts))->get(['id', 'burst_id', 'verdict', 'eye', 'picture_bytes']) as $frame) {
            $shown[$frame->burst_id][] = [
                'id' => $frame->id,
                'verdict' => $frame->verdict->value,
                'eye' => $frame->eye?->value,
                'has_picture' => $frame->picture_bytes > 0,
            ];
        }

        return $shown;
    }

    /**
     * @param  int  $from  frames before those that are told
     * @return array<string, mixed> a burst with its frames, so many at the most
     */
    public function burst(User $user, BurstRecord $burst, int $from = 0): array
    {
        $plan = $this->keeper->plan($burst, $user);
        $frames = $burst->inOrder(self::MOST, $from);
        $rush = $burst->rush_id === null ? null : self::rushes($user)->find($burst->rush_id);

        return self::head($burst, $rush?->name) + [
            'touched' => $burst->subject->frame ?? null,
            'guess' => $burst->rush_id === null ? $this->guess($user, $frames[0] ?? null) : null,
            'all' => array_map(static fn (FrameRecord $frame): array => self::frame($frame, $plan), $frames),
        ];
    }

    /** @return array<string, mixed> */
    private static function head(BurstRecord $burst, ?string $rush): array
    {
        return [
            'id' => $burst->id,
            'rush' => $burst->rush_id === null || $rush === null ? null : ['id' => $burst->rush_id, 'name' => $rush],
            'body' => $burst->body,
            'lens' => $burst->lens,
            'clock' => $burst->clock,
            'seconds' => round($burst->began_at->diffInMilliseconds($burst->ended_at) / 1000, 2),
            'frames' => $burst->frames,
            'keepers' => $burst->keepers,
            'eyed' => $burst->eyed,
        ];
    }

    /** @return array<string, mixed> */
    private static function frame(FrameRecord $frame, ?Plan $plan): array
    {
        $facts = $frame->facts();
        $turn = new Turn($facts->orientation);
        $looked = Looked::kept($frame);
        $standard = FrameStandard::of($facts, $frame->width, $frame->height, $plan, $frame->floor_px);
        $crop = $frame->crop();
        $blur = Looked::blur($looked->blur->subject, $standard);

        return [
            'id' => $frame->id,
            'name' => $frame->name,
            'clock' => $facts->takenAt,
            'width' => $turn->isOnItsSide() ? $frame->height : $frame->width,
            'height' => $turn->isOnItsSide() ? $frame->width : $frame->height,
            ...$facts->howTaken(),
            'left_out' => $facts->leftOut,
            'verdict' => $frame->verdict->value,
            'confidence' => round($frame->confidence, 2),
            'why' => $frame->isFromTable() ? [self::UNSEEN] : $looked->why($looked->judged($standard), $standard),
            'eye' => $frame->eye?->value,
            'found_by' => $frame->found_by,
            'likeness' => $looked->sighting === null ? null : round($looked->sighting->likeness, 2),
            'subject' => self::shares($turn->box($looked->blur->box, $frame->width, $frame->height)),
            'piece' => $crop === null ? null : self::shares($turn->box($crop, $frame->width, $frame->height)),
            'blur_px' => $blur['total_px'] ?? ($frame->total_px === null ? null : round($frame->total_px, 2)),
            'blur_um' => $blur['total_um'] ?? null,
            'floor_px' => round($frame->floor_px, 2),
            'limit_px' => round($frame->limit_px, 2),
            'has_picture' => $frame->picture_bytes > 0,
            'is_there' => $frame->file_id !== null,
        ];
    }

    /**
     * @param  array{x: float, y: float, w: float, h: float}  $box
     * @return array<string, float>
     */
    private static function shares(array $box): array
    {
        return array_map(static fn (float $share): float => round($share, 5), $box);
    }

    /** @return ?array{id: string, name: string, because: list<string>, clearly: bool} the likeliest rush; null when nothing speaks for any */
    private function guess(User $user, ?FrameRecord $frame): ?array
    {
        /** @var Collection<int, RushRecord> $rushes */
        $rushes = $user
            ->rushes()
            ->with([...RushRecord::WITH_KIT, 'plan'])
            ->orderByDesc('updated_at')
            ->limit(self::CANDIDATES)
            ->get();
        $ranked = $frame === null ? [] : RushGuess::ranked($frame->facts(), $this->candidates($user, $rushes));
        $first = $ranked[0] ?? null;

        return $first === null
            ? null
            : [
                'id' => $first->rush,
                'name' => (string) $rushes->find($first->rush)?->name,
                'because' => $first->because,
                'clearly' => RushGuess::clearly($ranked) !== null,
            ];
    }

    /**
     * @param  Collection<int, RushRecord>  $rushes
     * @return list<RushCandidate>
     */
    private function candidates(User $user, Collection $rushes): array
    {
        $bodies = array_flip(FileNames::of($user, 'body'));
        $lenses = array_flip(FileNames::of($user, 'lens'));
        $turns = self::turns($user);
        $found = [];
        foreach ($rushes as $rush) {
            try {
                $kit = Kit::fromArray($rush->kit->document($rush->focal_mm));
                [$shutterS, $fNumber] = $this->plans->settingsOf($rush, $user);
            } catch (Fault) {
                continue; // without a plan nobody knows how it would have been set
            }
            $found[] = new RushCandidate(
                $rush->id,
                $bodies[$rush->kit->body_id] ?? null,
                $lenses[$rush->kit->lens_id] ?? null,
                $kit->lens->focalMinMm * $kit->converter,
                $kit->lens->focalMaxMm * $kit->converter,
                $shutterS,
                $fNumber,
                $turns[$rush->id] ?? [],
            );
        }

        return $found;
    }

    /** @return array<string, list<array{float, float}>> when each rush was due on its outings, in seconds since 1970, by its id */
    private static function turns(User $user): array
    {
        $turns = [];
        /** @var Collection<int, OutingRecord> $outings */
        $outings = $user->outings()->with('place')->orderByDesc('day')->limit(40)->get();
        foreach ($outings as $outing) {
            $document = Reader::of(Reader::plain($outing->document));
            try {
                $day = LocalDay::of($document->text('date'), (string) ($outing->place->document->zone ?? 'UTC'));
                $window = Window::of($day, $document->text('from'), $document->text('until'));
                foreach ($document->objects('rushes') as $one) {
                    foreach ($window->hours($one->text('from'), $one->text('until')) as $hours) {
                        $turns[$one->text('rush_id')][] = [$hours->fromS, $hours->untilS];
                    }
                }
            } catch (Fault) {
                continue; // a day that cannot be reckoned says nothing of when anything was due
            }
        }

        return $turns;
    }
}
