<?php

declare(strict_types=1);

namespace RushHold\Rehearsal\Scene;

/**
 * What stands and passes between camera and subject, as upright strips: posts, stems, other players. What stands is spread
 * about evenly, as many to a frame as the plan counts; one who passes comes by chance.
 */
final readonly class Obstacles
{
    /** Different places within the grid before they come round again. */
    private const PLACES = 64;

    /**
     * @param  list<float>  $places  of what stands, each from the beginning of its cell as a share of it
     * @param  list<Obstacle>  $passers  by the time they are straight before the subject
     */
    private function __construct(private Scene $scene, private array $places, private array $passers) {}

    /** @param  list<float>  $azimuthsRad  of the subject: who passes, passes before it */
    public static function draw(Scene $scene, array $azimuthsRad, Dice $dice): self
    {
        $places = array_map(static fn (float $chance): float => 0.1 + 0.8 * $chance, $dice->evens(self::PLACES));
        $chances = $dice->evens(32);
        $passers = [];
        $duration = $scene->durationS();
        if ($scene->strips->passersPerS > 0) {
            $time = 0.0;
            for ($one = 0; $one < 16; $one++) {
                // the time to the next of what comes by chance
                $time -= log($chances[2 * $one]) / $scene->strips->passersPerS;
                if ($time > $duration) {
                    break;
                }
                $passers[] = new Obstacle(
                    $azimuthsRad[min((int) ($time / Scene::STEP_S), $scene->steps - 1)],
                    $chances[2 * $one + 1] < 0.5 ? -$scene->strips->passerRadS : $scene->strips->passerRadS,
                    $time,
                );
            }
        }

        return new self($scene, $places, $passers);
    }

    /**
     * From each of these directions to the middle of the nearest obstacle, in radians; infinite when there is none.
     *
     * @param  list<float>  $azimuthsRad  one a step
     * @return list<float>
     */
    public function gaps(array $azimuthsRad): array
    {
        if ($this->scene->strips->areNone()) {
            return array_fill(0, count($azimuthsRad), INF);
        }
        $grid = $this->scene->strips->gridRad;
        $gaps = $stands = [];
        foreach ($azimuthsRad as $at => $azimuth) {
            $nearest = INF;
            if ($grid > 0) {
                $cell = (int) floor($azimuth / $grid);
                for ($one = $cell - 1; $one <= $cell + 1; $one++) {
                    $gap = ($stands[$one] ??= $this->standsAt($one)) - $azimuth;
                    $gap = $gap < 0 ? -$gap : $gap;
                    $nearest = $gap < $nearest ? $gap : $nearest;
                }
            }
            foreach ($this->passers as $passer) {
                $gap = abs($passer->azimuthRad + $passer->radS * ($at * Scene::STEP_S - $passer->atS) - $azimuth);
                $nearest = $gap < $nearest ? $gap : $nearest;
            }
            $gaps[] = $nearest;
        }

        return $gaps;
    }

    /** Whoever photographs what sits has found a gap: the cell it sits in is empty in the middle. */
    private function standsAt(int $cell): float
    {
        $place = $this->places[(($cell % self::PLACES) + self::PLACES) % self::PLACES];
        if ($this->scene->going->sits) {
            return $this->scene->strips->gridRad * ($cell + 0.5 * $place + ($cell >= 0 ? 0.5 : 0.0));
        }

        return $this->scene->strips->gridRad * ($cell + $place);
    }

    /**
     * All that come into view while the camera turns through these directions.
     *
     * @param  list<float>  $azimuthsRad
     * @return list<Obstacle>
     */
    public function obstacles(array $azimuthsRad): array
    {
        $standing = [];
        if ($this->scene->strips->gridRad > 0 && $azimuthsRad !== []) {
            $first =
                (int) floor(
                    (min($azimuthsRad) - $this->scene->following->halfFrameRad) / $this->scene->strips->gridRad,
                ) - 1;
            $last = min(
                $first + 400,
                (int) ceil(
                    (max($azimuthsRad) + $this->scene->following->halfFrameRad) / $this->scene->strips->gridRad,
                ) + 1,
            );
            for ($cell = $first; $cell <= $last; $cell++) {
                $standing[] = new Obstacle($this->standsAt($cell), 0.0, 0.0);
            }
        }

        return [...$standing, ...$this->passers];
    }
}
