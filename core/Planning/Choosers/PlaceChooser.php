<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Hold\Aim;
use RushHold\Hold\AreaPlace;
use RushHold\Kit\AfArea;
use RushHold\Planning\AreaScore;
use RushHold\Planning\AreaScorer;
use RushHold\Planning\Concession;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Plan;
use RushHold\Planning\Situation;
use RushHold\Rush\Entry;
use RushHold\Rush\Follow;

/** Where in the frame the area goes: the entry side, room to move into, the aim under a small area, a reflex body's points. */
final class PlaceChooser implements Chooser
{
    /** The box lock-on is started in, as shares of the frame. */
    public const START = [0.08, 0.12];

    /** How high the chest is between the middle of the body and the head. */
    private const CHEST = 0.55;

    /** How high the edge of the back is over the middle of the body, as a share of the height. */
    private const BACK = 0.4;

    public function choose(Situation $situation, HoldDraft $draft): void
    {
        $score = $draft->areaScore();
        $draft->place = self::onArea($situation, $draft, $score);
        $body = self::bodyAt($situation, $draft, $draft->place);
        $draft->because(
            'area.place',
            $this->code($situation, $draft, $body),
            [
                'x' => $draft->place->x,
                'y' => $draft->place->y,
                'from' => $situation->rush->intent->entry->value,
                'aim' => ($draft->aim ?? Aim::Body)->value,
                'af_sensor' => $situation->kit->body->afSensor->value,
                'everywhere' => $score->area === AfArea::WholeFrame ? 1 : 0,
            ] + self::room($situation, $body),
        );
        $this->tellTooLarge($situation, $draft, $body);
    }

    private static function onArea(Situation $situation, HoldDraft $draft, AreaScore $score): AreaPlace
    {
        [$bodyX, $bodyY] = self::body($situation, $draft);
        [$aimX, $aimY] = self::isOnAim($score->area)
            ? self::aimOffset($situation, $draft->aim ?? Aim::Body)
            : [0.0, 0.0];
        $field = $situation->kit->body->isReflex()
            ? (new AreaScorer($situation))->extent(AfArea::WholeFrame)
            : [1.0, 1.0];
        $box = self::box($score);

        return new AreaPlace(
            self::inside($bodyX + $aimX, $box[0], $field[0]),
            self::inside($bodyY + $aimY, $box[1], $field[1]),
        );
    }

    /**
     * Where the middle of the body comes to be in the frame: on a small area's place it hangs by its aim, and where the points of the
     * camera end, the body moves with them.
     *
     * @return array{float, float} shares from the top left
     */
    public static function bodyAt(Situation $situation, HoldDraft $draft, AreaPlace $place): array
    {
        if (! self::isOnAim($draft->area ?? AfArea::WholeFrame)) {
            return self::body($situation, $draft);
        }
        [$aimX, $aimY] = self::aimOffset($situation, $draft->aim ?? Aim::Body);

        return [$place->x - $aimX, $place->y - $aimY];
    }

    /** Whether an area is put on the aim itself; larger ones go round the body. */
    public static function isOnAim(AfArea $area): bool
    {
        return $area->reach() <= AfArea::ZoneSmall->reach() || $area === AfArea::LockOn;
    }

    /**
     * Where its aim comes to be in the frame, inside of it.
     *
     * @return array{float, float} shares from the top left
     */
    public static function aimAt(Plan $plan): array
    {
        $body = self::bodyAt($plan->situation, $plan->draft, $plan->hold->place);
        $aim = self::aimOffset($plan->situation, $plan->hold->aim);

        return [max(0.0, min(1.0, $body[0] + $aim[0])), max(0.0, min(1.0, $body[1] + $aim[1]))];
    }

    /**
     * Where the middle of the body belongs in the frame, shares from the top left: out of the middle on the side it leaves, until
     * there is room for as much of its way as should stay in the frame; what is larger than the frame by its aim.
     *
     * @return array{float, float}
     */
    public static function body(Situation $situation, HoldDraft $draft): array
    {
        $framing = $situation->framing;
        [$aimX, $aimY] = self::aimOffset($situation, $draft->aim ?? Aim::Body);
        $room = $situation->assumptions->value('frame.room');
        $entry = $situation->rush->intent->entry;
        // what is not there yet is awaited farther out on its side
        $out =
            $situation->rush->intent->follow === Follow::WhoeverEnters
                ? $room * $situation->assumptions->value('frame.awaited')
                : $room;
        $x = match (true) {
            $framing->widthShare() > 1 => self::acrossLarger($situation, $aimX),
            $entry === Entry::Left, $entry === Entry::Right => 0.5 -
                $framing->way() *
                    self::outwards($situation, $out, self::needS($situation), $framing->widthShare(), 0.0),
            default => 0.5,
        };
        $y = match (true) {
            // its aim goes as near the top as it may, lower where it is to go up
            $framing->heightShare() > 1 => max(0.5, $situation->assumptions->value('frame.aim_top') - $aimY),
            $situation->rises() => 0.5 +
                self::outwards($situation, $out, self::needUpS($situation), $framing->heightShare(), $aimY),
            default => 0.5,
        };

        return [$x, $y];
    }

    /**
     * Where the middle of what is wider than the frame goes: hardly wider, as much of it as possible is in, with a little room before
     * its aim; twice as wide, its aim alone makes the picture, with room to look into.
     */
    private static function acrossLarger(Situation $situation, float $aimX): float
    {
        $way = $situation->framing->way();
        $least = $situation->assumptions->value('frame.lead');
        $most = 0.5 + $situation->assumptions->value('frame.room');
        $ahead = $least + max(0.0, $most - $least) * min(1.0, $situation->framing->widthShare() - 1);

        return 0.5 - $way * max(0.0, $ahead - 0.5 + $way * $aimX);
    }

    /**
     * How far out of the middle it goes, as a share of the frame: as far as asked or as its way needs, and farther where its aim would
     * else stay on the other side of the middle, as long as all of it is inside.
     *
     * @param  float  $least  where nothing asks for more
     * @param  float  $need  room before it, as a share of the frame
     * @param  float  $share  of the frame that it takes
     * @param  float  $aim  its aim from its middle, negative towards where it goes
     */
    private static function outwards(Situation $situation, float $least, float $need, float $share, float $aim): float
    {
        $most = max(0.0, 0.5 - $share / 2 - $situation->assumptions->value('frame.margin'));

        return min($most, max($least, $least - $aim, $need + $share / 2 - 0.5));
    }

    /** Room to the side it goes for as much of its way as should stay in the frame, as a share of the frame's width. */
    private static function needS(Situation $situation): float
    {
        return $situation->wayM($situation->rush->travel->crossingMps(), $situation->roomS()) /
            $situation->framing->frameWidthM;
    }

    /** The same above it, were it to go straight up. */
    private static function needUpS(Situation $situation): float
    {
        return $situation->wayM($situation->rush->travel->speedMps, $situation->roomS()) /
            $situation->framing->frameHeightM;
    }

    /**
     * The room it has to go on, where it comes from a side or goes up; else nothing.
     *
     * @param  array{float, float}  $body
     * @return array{}|array{room_m: float, behind_m: float, room_s: float, need_s: float}
     */
    private static function room(Situation $situation, array $body): array
    {
        $framing = $situation->framing;
        $travel = $situation->rush->travel;
        $entry = $situation->rush->intent->entry;
        if ($situation->rises()) {
            [$at, $share, $frameM, $speed] = [
                $body[1],
                $framing->heightShare(),
                $framing->frameHeightM,
                $travel->speedMps,
            ];
        } elseif ($entry === Entry::Left || $entry === Entry::Right) {
            [$at, $share, $frameM, $speed] = [
                $entry === Entry::Left ? 1 - $body[0] : $body[0],
                $framing->widthShare(),
                $framing->frameWidthM,
                $travel->crossingMps(),
            ];
        } else {
            return [];
        }
        $roomM = ($at - $share / 2) * $frameM;
        $roomS = $situation->timeS($speed, $roomM);

        return [
            'room_m' => $roomM,
            'behind_m' => (1 - $at - $share / 2) * $frameM,
            'room_s' => is_finite($roomS) ? $roomS : 3600.0,
            'need_s' => $situation->roomS(),
        ];
    }

    /**
     * The aim from the middle of the body, in shares of the frame; y downwards.
     *
     * @return array{float, float}
     */
    public static function aimOffset(Situation $situation, Aim $aim): array
    {
        $framing = $situation->framing;
        $headX = ($framing->way() * $framing->headX) / $framing->frameWidthM;
        $headY = -$framing->headY / $framing->frameHeightM;

        return match ($aim) {
            Aim::Eye, Aim::Head, Aim::Face, Aim::Helmet, Aim::LeadingEdge => [$headX, $headY],
            Aim::Chest, Aim::BackNumber => [0.0, $headY * self::CHEST],
            Aim::Edge => [0.0, -self::BACK * $framing->heightShare()],
            Aim::Body => [0.0, 0.0],
        };
    }

    /** Keeps a box inside the field that has AF points. */
    private static function inside(float $centre, float $size, float $field): float
    {
        $slack = max(0.0, ($field - $size) / 2);

        return round(max(0.5 - $slack, min(0.5 + $slack, $centre)), 4);
    }

    /** @param  array{float, float}  $body */
    private function code(Situation $situation, HoldDraft $draft, array $body): string
    {
        $area = $draft->areaScore()->area;
        $room = self::room($situation, $body);
        if ($room !== []) {
            $name = $situation->rises() ? 'rises' : 'comes-in';
            $low = $name !== 'rises' || $area === AfArea::WholeFrame || ($draft->place->y ?? 0.5) > 0.5;

            return match (true) {
                $room['room_m'] <= $room['behind_m'] || ! $low => $name.'-full',
                $room['room_s'] < $room['need_s'] * 0.999 => $name.'-short',
                default => $name,
            };
        }

        return match (true) {
            $situation->framing->largestShare() > 1 => 'larger',
            $area === AfArea::WholeFrame => 'everywhere',
            self::isOnAim($area) && $draft->aim !== Aim::Body => 'on-aim',
            default => 'middle',
        };
    }

    /**
     * What is larger than the frame is said to be so: where it would fit, and how much of it is in.
     *
     * @param  array{float, float}  $body
     */
    private function tellTooLarge(Situation $situation, HoldDraft $draft, array $body): void
    {
        $framing = $situation->framing;
        if ($framing->largestShare() <= 1) {
            return;
        }
        $fill = $situation->assumptions->value('frame.fill');
        $sensor = $situation->kit->body->sensor;
        $workM = $situation->rush->workM;
        $focalMm = $situation->kit->focalMm();
        $fits = max(
            ($framing->widthM * 1000) / ($fill * $sensor->widthMm),
            ($framing->heightM * 1000) / ($fill * $sensor->heightMm),
        );
        $across = self::inFrame($body[0], $framing->widthShare());
        $upwards = self::inFrame($body[1], $framing->heightShare());
        $fitsMm = ($workM * 1000) / ($fits + 1);
        $draft->concessions[] = new Concession(
            'frame',
            Concession::TOO_LARGE,
            [
                'share' => $framing->largestShare(),
                'way' => $framing->widthShare() >= $framing->heightShare() ? 'wide' : 'tall',
                'in_frame' => $across * $upwards,
                'fits_focal_mm' => $fitsMm / $situation->kit->converter,
                'fits_distance_m' => ($focalMm * ($fits + 1)) / 1000,
            ],
            0.0,
        );
    }

    /** Share of it that is inside the frame, in one direction. */
    private static function inFrame(float $middle, float $share): float
    {
        return max(0.0, min(1.0, $middle + $share / 2) - max(0.0, $middle - $share / 2)) / $share;
    }

    /** @return array{float, float} width and height of an area as it is put into the frame, in shares of it; lock-on begins in a box of its own */
    public static function box(AreaScore $score): array
    {
        return $score->area === AfArea::LockOn ? self::START : [$score->width, $score->height];
    }
}
