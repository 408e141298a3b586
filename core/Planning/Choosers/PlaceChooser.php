<?php

declare(strict_types=1);

namespace RushHold\Planning\Choosers;

use RushHold\Hold\Aim;
use RushHold\Hold\Place;
use RushHold\Kit\AfArea;
use RushHold\Planning\AreaScore;
use RushHold\Planning\AreaScorer;
use RushHold\Planning\HoldDraft;
use RushHold\Planning\Situation;
use RushHold\Rush\Entry;
use RushHold\Rush\Follow;

/** Where in the frame the area goes: the entry side, room to move into, the aim under a small area, a reflex body's points. */
final class PlaceChooser implements Chooser
{
    /** The box lock-on is started in, as shares of the frame. */
    public const START = [0.08, 0.12];

    public function choose(Situation $situation, HoldDraft $draft): void
    {
        [$bodyX, $bodyY] = self::body($situation, $draft);
        [$aimX, $aimY] = self::aimOffset($situation, $draft->aim ?? Aim::Body);
        $score = $draft->areaScore();
        $onAim = self::isOnAim($score->area);
        $field = $situation->kit->body->isReflex()
            ? (new AreaScorer($situation))->extent(AfArea::WholeFrame)
            : [1.0, 1.0];
        $box = self::box($score);
        $draft->place = new Place(
            self::inside($bodyX + ($onAim ? $aimX : 0.0), $box[0], $field[0]),
            self::inside($bodyY + ($onAim ? $aimY : 0.0), $box[1], $field[1]),
        );
        $draft->because('area.place', fn (): string => $this->why($situation, $draft, $onAim), ['x' => $draft->place->x, 'y' => $draft->place->y]);
    }

    /** Whether an area is put on the aim itself; larger ones go round the body. */
    public static function isOnAim(AfArea $area): bool
    {
        return $area->reach() <= AfArea::ZoneSmall->reach() || $area === AfArea::LockOn;
    }

    /**
     * Where the middle of the body belongs in the frame, shares from the top left.
     *
     * @return array{float, float}
     */
    public static function body(Situation $situation, HoldDraft $draft): array
    {
        $room = $situation->assumptions->value('frame.room');
        $entry = $situation->rush->intent->entry;
        // what is not there yet is awaited farther out on its side
        $awaited = $situation->rush->intent->follow === Follow::WhoeverEnters ? 1.6 : 1.0;
        $x = match ($entry) {
            Entry::Left => 0.5 - $room * $awaited,
            Entry::Right => 0.5 + $room * $awaited,
            default => 0.5,
        };
        $y = $entry === Entry::Below ? 0.5 + $room * $awaited : 0.5;
        [, $aimY] = self::aimOffset($situation, $draft->aim ?? Aim::Body);

        // what is taller than the frame is framed by its aim, not by its middle
        return [$x, $situation->framing->heightShare() > 1 ? max($y, 0.3 - $aimY) : $y];
    }

    /**
     * The aim from the middle of the body, in shares of the frame; y downwards.
     *
     * @return array{float, float}
     */
    public static function aimOffset(Situation $situation, Aim $aim): array
    {
        $framing = $situation->framing;
        $headX = $framing->way() * $framing->headX / $framing->frameWidthM;
        $headY = -$framing->headY / $framing->frameHeightM;

        return match ($aim) {
            Aim::Eye, Aim::Head, Aim::Face, Aim::Helmet, Aim::LeadingEdge => [$headX, $headY],
            Aim::Chest, Aim::BackNumber => [0.0, $headY * 0.55],
            Aim::Edge => [0.0, -0.4 * $framing->heightShare()],
            Aim::Body => [0.0, 0.0],
        };
    }

    /** Keeps a box inside the field that has AF points. */
    private static function inside(float $centre, float $size, float $field): float
    {
        $slack = max(0.0, ($field - $size) / 2);

        return round(max(0.5 - $slack, min(0.5 + $slack, $centre)), 4);
    }

    private function why(Situation $situation, HoldDraft $draft, bool $onAim): string
    {
        $entry = $situation->rush->intent->entry;
        $reflex = $situation->kit->body->isReflex() ? ' A reflex body\'s best points are in the middle.' : '';
        if ($draft->areaScore()->area === AfArea::WholeFrame) {
            return 'It covers everything, so there is nothing to place.'.$reflex;
        }

        return match ($entry) {
            Entry::Left, Entry::Right => sprintf('It comes in from the %s: the area waits on that side and leaves room to move into.', $entry->value),
            Entry::Below => 'It rises: the area sits low and leaves room above.',
            Entry::Any => $onAim && $draft->aim !== Aim::Body
                ? sprintf('On the %s, with the body in the middle of the frame.', ($draft->aim ?? Aim::Body)->words())
                : 'In the middle: it may turn either way.',
        }.$reflex;
    }

    /** @return array{float, float} width and height of an area as it is put into the frame, in shares of it; lock-on begins in a box of its own */
    public static function box(AreaScore $score): array
    {
        return $score->area === AfArea::LockOn ? self::START : [$score->width, $score->height];
    }
}
