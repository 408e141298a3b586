<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Framing\OnTarget;
use RushHold\Kit\AfArea;
use RushHold\Kit\AfSensor;
use RushHold\Kit\Orientation;
use RushHold\Rush\AimRule;
use RushHold\Rush\Background;
use RushHold\Rush\Detail;
use RushHold\Rush\Entry;
use RushHold\Rush\Follow;
use RushHold\Rush\Foreground;
use RushHold\Rush\Separation;

/**
 * Scores every AF area a body has by the chance that it keeps the right thing: the aim is on it, and nothing else takes it.
 *
 * P = P(on target) · exp(−Σ hazards). Hazards grow with the area and add up, so that more clutter in front can only favour
 * smaller areas, and on clean ground a wilder aim can only favour larger ones. Source: docs/model.md, AF area.
 */
final readonly class AreaScorer
{
    private float $deep;

    /** What of a frame is lost when the focus takes what is behind: little where that is sharp as well. */
    private float $harm;

    /** The same of what stands or passes in front. */
    private float $harmInFront;

    /** How much of its work autofocus can do in this air. */
    private float $ease;

    public function __construct(private Situation $situation)
    {
        $half = $situation->framing->depthM / 2;
        $limitMm = $situation->limitMm($situation->rush->standard);
        $this->harm = $situation->lostAt($situation->behindM(), $situation->kit->widestF(), $limitMm);
        $this->harmInFront = $situation->lostAt($situation->frontM(), $situation->kit->widestF(), $limitMm);
        $this->ease = $situation->seeing->ease($situation->contrast);
        $this->deep = $half > 0 ? min(1.0, $situation->halfDepthM($situation->kit->widestF()) / $half) : 1.0;
    }

    /** @return list<AreaScore> best first; of equals the one that reaches less */
    public function all(): array
    {
        $scores = array_map($this->of(...), $this->situation->kit->body->areas);
        usort(
            $scores,
            static fn (AreaScore $a, AreaScore $b): int => abs($a->score - $b->score) > 1e-12
                ? $b->score <=> $a->score
                : $a->area->reach() <=> $b->area->reach(),
        );

        return $scores;
    }

    public function of(AfArea $area): AreaScore
    {
        [$width, $height] = $this->extent($area);
        $detection = $this->detection($area);
        $framing = $this->situation->framing;
        $chance = $this->situation->wander->within(
            $this->reach($width * $framing->frameWidthM, $framing->widthM, $detection),
            $this->reach($height * $framing->frameHeightM, $framing->heightM, $detection),
        );
        $size = sqrt($width * $height);
        $hazards = array_filter(
            [
                'front' => $this->harmInFront * $this->front($area, $size),
                'behind' => $this->harm * $this->behind($area, $size, $this->besides($width, $height)),
                'pass' => $this->harmInFront * $this->passing($area, $size),
                'foliage' => $this->harm * $this->foliage($area, $this->besides($width, $height)),
                'self' => $this->ownParts($area, $width, $height, $detection),
                'group' => $this->group($area, $size),
                'unseen' => $this->harm * $this->unseen($area, $size),
                'side' => $this->harm * $this->side($area),
                'plain' => $this->plain($area, $size),
                'haze' => $this->haze($size),
                'pinpoint' => $this->pinpoint($area),
                'no-eye' => $this->noEye($area),
                'tiny' => $this->tiny($area, $detection),
                'start' => $this->start($area),
                'sensor' => $this->sensor($area),
            ],
            static fn (float $hazard): bool => $hazard > 0,
        );
        // of each kind this person's frames may have told more, or less, than is reckoned
        $strays = $this->value("area.strays.{$area->value}");
        $hazards = array_map(static fn (float $hazard): float => $strays * $hazard, $hazards);

        return new AreaScore($area, $chance, $width, $height, $detection, $hazards);
    }

    /**
     * Size of an area as shares of the frame; a reflex body's points end well inside it, and dim lenses lose the outer ones.
     *
     * @return array{float, float}
     */
    public function extent(AfArea $area): array
    {
        [$long, $short] = $this->extentOnBody($area);

        return $this->situation->kit->body->orientation === Orientation::Portrait ? [$short, $long] : [$long, $short];
    }

    /**
     * The same along the long and the short side of the sensor: an area turns with the camera.
     *
     * @return array{float, float}
     */
    private function extentOnBody(AfArea $area): array
    {
        $body = $this->situation->kit->body;
        $points = $body->points;
        [$width, $height] = $points?->extent($area) ?? [
            $this->value("area.{$area->value}.width"),
            $this->value("area.{$area->value}.height"),
        ];
        if (! $body->isReflex() && $points === null) {
            return [$width, $height];
        }
        $dim = $this->losesOuterPoints() ? $this->value('area.reflex.dim_left') : 1.0;

        return [
            min($width, ($points->width ?? $this->value('area.reflex.width')) * $dim),
            min($height, ($points->height ?? $this->value('area.reflex.height')) * $dim),
        ];
    }

    /** Whether the lens is too dim for the outer points of this reflex body. */
    public function losesOuterPoints(): bool
    {
        $body = $this->situation->kit->body;

        return $body->isReflex() &&
            $body->isTooDim($this->situation->kit->widestF(), $body->outerPointsF ?? $this->value('area.reflex.dim_f'));
    }

    /** How far the aim may be off, in metres. */
    private function reach(float $areaM, float $bodyM, float $detection): float
    {
        return OnTarget::reach($areaM / 2, $this->patchM($bodyM, $detection) / 2);
    }

    /** How much of a body $bodyM across serves as target, in metres: its target patch, or more where depth or detection allow. */
    public function patchM(float $bodyM, float $detection): float
    {
        $targetM = min($this->situation->framing->targetM, $bodyM);

        return $targetM + ($bodyM - $targetM) * max($this->deep, $detection);
    }

    /** Chance that detection finds the subject in this area: known kind, an outline that shows, large enough. */
    private function detection(AfArea $area): float
    {
        $body = $this->situation->kit->body;
        $rush = $this->situation->rush;
        if (! $body->detects($rush->subject->detection) || ($area->isPoint() && ! $body->findsEyesIn($area))) {
            return 0.0;
        }
        $least = $this->value('detection.least');
        $share = $this->situation->framing->largestShare();
        $size = $share ** 2 / ($share ** 2 + $least ** 2);
        $outline =
            ($rush->clutter->separation === Separation::Similar ? $this->value('detection.same_tone') : 1.0) *
            ($rush->subject->detail === Detail::Low ? $this->value('detection.plain') : 1.0);
        // points and small zones are put on it by hand; wide ones depend on the outline, which clutter in front breaks up
        $broken =
            $area->reach() < AfArea::ZoneLarge->reach()
                ? 1.0
                : match ($rush->clutter->foreground) {
                    Foreground::None => 1.0,
                    Foreground::Sparse => $this->value('detection.sparse'),
                    Foreground::Dense => $this->value('detection.dense'),
                };

        return $this->value('detection.best') * $size * $outline * $broken * $this->ease;
    }

    /** Share of the area that is not filled by the subject. */
    private function besides(float $width, float $height): float
    {
        return 1 -
            min(1.0, $this->situation->framing->widthShare() / $width) *
                min(1.0, $this->situation->framing->heightShare() / $height);
    }

    private function front(AfArea $area, float $size): float
    {
        $density = $this->situation->standing();

        return $density *
            match (true) {
                $area === AfArea::LockOn => $this->value('pull.lock_on.front'),
                $area->isPoint() => $size,
                default => $size * $this->value('pull.box.front'), // the nearest thing in a box wins
            };
    }

    private function behind(AfArea $area, float $size, float $besides): float
    {
        $clutter = $this->situation->rush->clutter;
        $density = match ($clutter->background) {
            Background::Clean => 0.0,
            Background::Moderate => $this->value('clutter.behind.moderate'),
            Background::Busy => $this->value('clutter.behind.busy'),
        };
        $far = $this->value('clutter.far');
        $near = $far + (1 - $far) / (1 + $clutter->backgroundGapM / $this->value('clutter.gap'));
        $tone = $clutter->separation === Separation::Similar ? $this->value('clutter.similar') : 1.0;
        $pull = match (true) {
            $area === AfArea::WholeFrame => $this->value('pull.whole.behind'),
            $area === AfArea::LockOn => $tone > 1
                ? $this->value('pull.lock_on.same_tone')
                : $this->value('pull.lock_on.behind'),
            default => $this->value('pull.box.behind'), // the nearest thing in a box wins, and that is the subject
        };

        return $density * $near * $tone * $pull * $size * $besides;
    }

    private function passing(AfArea $area, float $size): float
    {
        $density = $this->situation->passing();

        return $density * ($area === AfArea::LockOn ? $this->value('pull.lock_on.pass') : $size);
    }

    private function foliage(AfArea $area, float $besides): float
    {
        if (! $this->situation->rush->clutter->foliageMoving) {
            return 0.0;
        }
        $share = match (true) {
            $area === AfArea::LockOn => 1.0,
            $area === AfArea::WholeFrame => $this->value('pull.whole.foliage'),
            $area->isZone() => $this->value('pull.zone.foliage') * $besides,
            default => 0.0,
        };

        return $this->value('clutter.foliage') * $share;
    }

    /** At shallow depth a large area takes the nearest part: a wing tip, an ear. Detection picks the head instead. */
    private function ownParts(AfArea $area, float $width, float $height, float $detection): float
    {
        $framing = $this->situation->framing;
        $inside =
            min(1.0, $width / max($framing->widthShare(), 1e-9)) *
            min(1.0, $height / max($framing->heightShare(), 1e-9));

        return $this->value('clutter.self') *
            (1 - $this->deep) *
            sqrt($inside) *
            (1 - $this->value('detection.mends') * $detection) *
            ($area === AfArea::LockOn ? $this->value('pull.lock_on.self') : 1.0);
    }

    /** Others of its kind beside the chosen one. */
    private function group(AfArea $area, float $size): float
    {
        $others = min(8, $this->situation->rush->subject->count) - 1;
        if ($others < 1 || $this->situation->rush->intent->follow !== Follow::ThisOne) {
            return 0.0;
        }

        return $this->value('clutter.group') *
            $others *
            ($area === AfArea::LockOn ? $this->value('pull.lock_on.group') : $size);
    }

    /** Whoever leads or comes in must be found: a small area misses it, an automatic one has settled on something else. */
    private function unseen(AfArea $area, float $size): float
    {
        $follow = $this->situation->rush->intent->follow;
        if ($follow === Follow::ThisOne) {
            return 0.0;
        }
        $unseen = $this->value('clutter.unseen');
        if ($area === AfArea::LockOn) {
            return $unseen *
                $this->value('pull.lock_on.unseen') *
                ($follow === Follow::Nearest ? 1.0 : $this->value('pull.lock_on.nothing')); // there is nothing to start it on yet
        }
        $waiting =
            $follow === Follow::WhoeverEnters
                ? match ($this->situation->rush->clutter->background) {
                    Background::Clean => $this->value('pull.waiting.clean'),
                    Background::Moderate => $this->value('pull.waiting.moderate'),
                    Background::Busy => $this->value('pull.waiting.busy'),
                }
                : $this->value('pull.whole.leader'); // the pick dial works inside zones only
        if ($area === AfArea::WholeFrame) {
            return $waiting;
        }

        return $unseen *
            (1 - $size) *
            ($area->isZone() && $this->situation->kit->body->hasPick ? $this->value('pull.pick') : 1.0);
    }

    /** Where the side it comes from is known, the whole frame also looks where it does not come from. */
    private function side(AfArea $area): float
    {
        return $area === AfArea::WholeFrame && $this->situation->rush->intent->entry !== Entry::Any
            ? $this->value('clutter.side')
            : 0.0;
    }

    /** A plain subject gives a small area nothing to measure. */
    private function plain(AfArea $area, float $size): float
    {
        return $this->situation->rush->subject->detail === Detail::Low
            ? $this->value('clutter.plain') * (1 - min(1.0, 2 * $size)) +
                    ($area === AfArea::LockOn ? $this->value('pull.lock_on.plain') : 0.0)
            : 0.0;
    }

    /** Haze and shimmer leave a small area nothing to measure. */
    private function haze(float $size): float
    {
        return $this->ease < 1 ? $this->value('air.blank') * (1 - $this->ease) * (1 - min(1.0, $size)) : 0.0;
    }

    /** A pinpoint on something that moves falls on plain patches between its marks. */
    private function pinpoint(AfArea $area): float
    {
        return $area === AfArea::Spot && $this->situation->rush->moves() ? $this->value('clutter.pinpoint') : 0.0;
    }

    /** Where the eye counts and could be found, an area without eye detection leaves it to your aim. */
    private function noEye(AfArea $area): float
    {
        return $this->situation->eyeShows() &&
            $this->situation->rush->kind()->aim === AimRule::Eye &&
            ! $this->situation->kit->body->findsEyesIn($area)
            ? $this->value('clutter.no_eye')
            : 0.0;
    }

    /** Automatic areas pass over what is small in the frame and not detected. */
    private function tiny(AfArea $area, float $detection): float
    {
        $share = $this->situation->framing->largestShare();

        return $area->reach() === AfArea::WholeFrame->reach()
            ? $this->value('clutter.tiny') * (1 - $detection) * max(0.0, 1 - $share / $this->value('pull.tiny'))
            : 0.0;
    }

    private function start(AfArea $area): float
    {
        return $area === AfArea::LockOn
            ? -log(max(0.01, $this->value('area.start.'.$this->situation->rush->photographer->skill->value)))
            : 0.0;
    }

    /** Line sensors see only detail that runs across them. */
    private function sensor(AfArea $area): float
    {
        if ($this->situation->kit->body->afSensor !== AfSensor::Line) {
            return 0.0;
        }
        $lines = match ($this->situation->rush->subject->detail) {
            Detail::Low => $this->value('sensor.line.low'),
            Detail::Medium => $this->value('sensor.line.medium'),
            Detail::High => $this->value('sensor.line.high'),
        };

        return $area->isPoint() ? $lines : $lines / 2;
    }

    private function value(string $name): float
    {
        return $this->situation->assumptions->value($name);
    }
}
