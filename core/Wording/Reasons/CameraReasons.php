<?php

declare(strict_types=1);

namespace RushHold\Wording\Reasons;

use RushHold\Hold\Scheme;
use RushHold\Planning\Reason;
use RushHold\Wording\Share;
use RushHold\Wording\Units;

/** What is set on body and lens beside focus and exposure: drive, stabiliser, limiter, zoom, buttons. */
final readonly class CameraReasons implements FieldWords
{
    public function __construct(private Units $units) {}

    public function fields(): array
    {
        return ['drive.fps', 'drive.burst', 'stabiliser', 'limiter_m', 'focal_mm', 'frame', 'scheme'];
    }

    public function why(Reason $reason): string
    {
        return match ($reason->field) {
            'drive.fps' => $reason->code === 'moves'
                ? sprintf(
                    'The moment is short; your body gives %s frames a second.',
                    Units::figures($reason->number('body_fps')),
                )
                : sprintf('It sits, so %s frames a second are enough.', Units::figures($reason->number('fps'))),
            'drive.burst' => self::burst($reason),
            'stabiliser' => self::stabiliser($reason),
            'limiter_m' => $this->limiter($reason),
            'focal_mm' => self::zoom($reason),
            'frame' => self::frame($reason),
            default => self::scheme($reason),
        };
    }

    public function adopted(Reason $adopted): string
    {
        return '';
    }

    private static function burst(Reason $reason): string
    {
        return match ($reason->code) {
            'plane' => 'Only the frames at the plane are sharp, so hold it down as it crosses.',
            'sudden' => 'It gives no warning and is soon gone: hold it down.',
            'nothing-moves' => 'Nothing moves, so one frame at a time.',
            'fidgets' => 'Two or three frames: one of them falls between its fidgets and your breath.',
            default => 'Two or three frames at the right moment beat holding it down: focus catches up in between.',
        };
    }

    private static function stabiliser(Reason $reason): string
    {
        $stops = $reason->number('stabiliser_stops');

        return match ($reason->code) {
            'none' => 'Your lens has none.',
            'sits' => sprintf(
                'It sits, so only your hands blur it; the stabiliser takes off %s stops of that.',
                $stops,
            ),
            'school' => sprintf(
                'Your school switches it off for action, so that it never fights the pan; your hands then shake %s times as much.',
                Units::figures(2 ** $stops, 2),
            ),
            'fights' => 'You pan with it, and this stabiliser has no mode for that: it would fight you.',
            'pans' => 'You pan with it: the stabiliser leaves the pan alone and steadies the rest.',
            default => 'You hold still and let it pass, so it can steady every direction.',
        };
    }

    private function limiter(Reason $reason): string
    {
        $near = $this->units->length($reason->number('near_m'));
        $between = $near.' – '.$this->units->length($reason->number('far_m'));

        return match ($reason->code) {
            'none' => 'Your lens has no limiter.',
            'full' => sprintf('No narrower range takes in all of %s: leave it at full.', $between),
            'shuts-off' => sprintf(
                'It stays within %s: shut off what is nearer than %s and the lens comes back sooner.',
                $between,
                $this->units->length($reason->number('from_m')),
            ),
            'comes-near' => sprintf('It may come as near as %s, inside the shorter range, so leave it on full.', $near),
            default => 'Its only range takes in all of this.',
        };
    }

    private static function zoom(Reason $reason): string
    {
        $filled = $reason->number('filled');
        $focal = Units::figures($reason->number('focal_mm'));
        $given =
            $filled > 1
                ? sprintf(
                    '; subject and wander would need %s times the frame, so some passes are cut off.',
                    Units::figures(min(99, $filled), 2),
                )
                : sprintf('; subject and wander fill %s of the frame.', Share::percent($filled));

        return match ($reason->code) {
            'set' => sprintf('You have set the zoom to %s mm', $focal).$given,
            'fixed' => 'Your lens has this one focal length'.$given,
            'longest' => sprintf('All of the zoom: subject and wander fill %s of the frame.', Share::percent($filled)),
            'widest' => sprintf(
                'As wide as the zoom goes, and still it and your wander would need %s times the frame.',
                Units::figures($filled, 2),
            ),
            default => sprintf(
                'Longer would cut it off: at %s mm it and your wander fill %s of the frame.',
                $focal,
                Share::percent($filled),
            ),
        };
    }

    private static function frame(Reason $reason): string
    {
        $fills = static fn (string $name): string => $reason->number($name) > 0
            ? Share::percent(min(9.99, $reason->number($name)))
            : 'more than all';
        $both = sprintf(
            'Upright it and your wander fill %s of the frame, level %s',
            $fills('fills_upright'),
            $fills('fills_level'),
        );
        $larger = sprintf('it comes out %s times as large as level', Units::figures($reason->number('gain'), 2));

        return match ($reason->code) {
            'fixed' => $both.'; you want it so.',
            'fits' => 'Level, it and your wander do not fit into the frame as wide as it goes; turned, they do.',
            'across' => 'It goes across: the long side gives it room to move into.',
            'may-turn' => 'It may turn either way: level leaves room for that.',
            'small' => sprintf('It fills only %s of the frame: level, and crop it as you like.', $fills('fills_level')),
            'rises' => sprintf('It goes up: turned, with room above, %s.', $larger),
            'upright' => sprintf('It is taller than wide and stays on its line: turned, %s.', $larger),
            'lines' => 'Turned, your line sensors lie across the upright edges that it shows.',
            default => min($reason->number('fills_level'), $reason->number('fills_upright')) > 1
                ? 'It and the room it needs do not fit either way: level shows as much.'
                : $both.': level is as large.',
        };
    }

    private static function scheme(Reason $reason): string
    {
        return match ($reason->code) {
            'by-hand' => 'You focus by hand: with focusing off the shutter, firing never moves the plane you have set.',
            'new' => 'One button to think of while the rest is new; a thumb button comes later.',
            'between' => 'Things come between: one button for a small area, one for tracking, a centimetre apart.',
            'thumb' => 'Tap to lock, hold to follow, let go to recompose. Take focusing off the shutter, or it moves at the last instant.',
            default => match (Scheme::from($reason->choice('scheme'))) {
                Scheme::Shutter => 'Half a press focuses; the focus moves at the last instant, and recomposing needs a lock.',
                Scheme::Thumb => 'The thumb focuses and the shutter only fires; take focusing off the shutter as well.',
                Scheme::TwoThumbs => 'One thumb button for a small area, a second for tracking: a centimetre apart.',
                Scheme::ThreeButtons => 'Shutter for wide tracking, first rear button to choose one in a crowd, second to set a plane and stay there.',
            },
        };
    }
}
