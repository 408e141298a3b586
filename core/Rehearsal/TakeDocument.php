<?php

declare(strict_types=1);

namespace RushHold\Rehearsal;

use RushHold\Kit\AfArea;
use RushHold\Kit\Body;
use RushHold\Kit\FocusMode;
use RushHold\Planning\Choosers\PlaceChooser;
use RushHold\Rehearsal\Scene\Obstacle;
use RushHold\Rehearsal\Scene\Pass;
use RushHold\Rehearsal\Scene\Scene;

/** Writes a take so that it can be played: every step of the pass, what the focus held, and every frame. */
final class TakeDocument
{
    /** @return array<string, mixed> */
    public static function of(int $seed, Take $take): array
    {
        $scene = $take->pass->scene;

        return [
            'seed' => $seed,
            'choices' => self::choices($scene),
            'pass' => self::pass($take->pass),
            'scene' => self::scene($scene),
        ] + self::tried($take);
    }

    /**
     * What depends on the hold.
     *
     * @return array<string, mixed>
     */
    public static function tried(Take $take): array
    {
        $camera = $take->camera;
        $blur = $camera->exposing;
        $frame = $take->pass->scene->following;
        $lag = $take->plane->lagS;
        $focus = $held = [];
        for ($at = 0; $at < $take->pass->scene->steps; $at++) {
            // as the frames meet it: what was measured a lag before
            $focus[] = self::metres(1 / max(1e-5, $take->plane->at($at * Scene::STEP_S)));
            $held[] = $take->plane->heldAt($at * Scene::STEP_S);
        }

        return [
            'hold' => $camera->hold->toArray(),
            'focus_m' => $focus,
            'held' => $held,
            'lag_s' => $lag,
            // a plane is sharp from 1/(1/q + this) to 1/(1/q − this)
            'sharp_dioptres' => ($blur->limitMm * $blur->fNumber * 1000) / $blur->focalMm ** 2,
            'limit_mm' => $camera->exposing->limitMm,
            'area' => [
                'width' => min(1.0, $camera->looking->halfRad / $frame->halfFrameRad),
                'height' => min(1.0, $camera->looking->halfUpRad / $frame->halfFrameUpRad),
            ],
            'frames' => array_map(static fn (Frame $one): array => $one->toArray(), $take->frames()),
        ];
    }

    /** @return array<string, mixed> what is the same for every hold; the aim in shares of the frame, y upwards */
    private static function pass(Pass $pass): array
    {
        $frame = $pass->scene->following;
        $aside = $above = [];
        foreach ($pass->distanceM as $at => $distance) {
            $aside[] = round($pass->asideM[$at] / $distance / $frame->halfFrameRad / 2, 4);
            $above[] = round($pass->aboveM[$at] / $distance / $frame->halfFrameUpRad / 2, 4);
        }

        return [
            'distance_m' => array_map(self::metres(...), $pass->distanceM),
            'azimuth' => array_map(
                static fn (float $one): float => round($one / $frame->halfFrameRad / 2, 4),
                $pass->azimuthRad,
            ),
            'aside' => $aside,
            'above' => $above,
            'obstacles' => array_map(
                static fn (Obstacle $one): array => [
                    'azimuth' => round($one->azimuthRad / $frame->halfFrameRad / 2, 4),
                    'per_s' => round($one->radS / $frame->halfFrameRad / 2, 4),
                    'at_s' => round($one->atS, 4),
                ],
                $pass->obstacles,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function scene(Scene $scene): array
    {
        $framing = $scene->plan->situation->framing;
        $place = $scene->plan->hold->place;
        [$aimX, $aimY] = PlaceChooser::aimAt($scene->plan);
        $none = $scene->strips->areNone();

        return [
            'step_s' => Scene::STEP_S,
            'duration_s' => $scene->durationS(),
            'meet_s' => $scene->meetS,
            'arrives_s' => $scene->arrives * Scene::STEP_S,
            'work_m' => $scene->going->workM,
            'posture' => $framing->posture->value,
            'end_on' => $framing->isEndOn,
            'way' => Scene::way($scene->plan),
            'subject' => ['width' => $framing->widthShare(), 'height' => $framing->heightShare()],
            'place' => $place->toArray(),
            'aim' => ['x' => $aimX, 'y' => $aimY],
            'frame_ratio' => $framing->frameHeightM / $framing->frameWidthM,
            'obstacle_m' => $none ? null : $scene->strips->distanceM,
            'obstacle_width' => $scene->strips->halfRad / $scene->following->halfFrameRad,
            'behind_m' => $scene->going->workM + $scene->plan->situation->rush->clutter->backgroundGapM,
        ];
    }

    /** A distance to five figures: what a drawing can show. */
    private static function metres(float $metres): float
    {
        return (float) sprintf('%.5g', min(1e5, $metres));
    }

    /** @return array<string, mixed> what each dial of this kit can be turned to; nothing where it has no such dial */
    private static function choices(Scene $scene): array
    {
        $situation = $scene->plan->situation;
        $body = $situation->kit->body;
        $follows = $scene->plan->hold->focusMode->follows();

        return [
            'areas' => $scene->plan->hold->focusMode === FocusMode::Manual
                    ? []
                    : array_map(static fn (AfArea $area): string => $area->value, $body->areas),
            'stays' => $follows ? array_keys($body->stayLevelsS) : [],
            'paces' => $follows && $body->hasPace ? Body::PACES : [],
            'shutters_s' => $situation->shutters(),
            'f_numbers' => $situation->fNumbers(),
        ];
    }
}
