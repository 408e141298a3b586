<?php

declare(strict_types=1);

namespace RushHold\Wording\Reasons;

use RushHold\Kit\FocusMode;
use RushHold\Planning\Reason;
use RushHold\Wording\Share;
use RushHold\Wording\Units;

/** Focus mode and the technique of the hand. */
final readonly class FocusReasons implements FieldWords
{
    public function __construct(private Units $units) {}

    public function fields(): array
    {
        return ['focus_mode', 'manual_technique'];
    }

    public function why(Reason $reason): string
    {
        return $reason->field === 'focus_mode' ? $this->mode($reason) : $this->technique($reason);
    }

    public function adopted(Reason $adopted): string
    {
        return '';
    }

    private function mode(Reason $reason): string
    {
        $units = $this->units;
        $mode = FocusMode::tryFrom($reason->choice('mode'));
        $lack = $mode === FocusMode::Continuous ? '' : ' This body has no continuous mode; this is the nearest to it.';
        $byHand = sprintf(
            ' Autofocus would keep it %s of the time here, your hand %s.',
            Share::percent($reason->number('af_share')),
            Share::percent($reason->number('hand_share')),
        );

        return match ($reason->code) {
            'hand-by-school' => 'There is clutter, and you would rather miss by your own hand than by the camera\'s.'.
                $byHand,
            'hand-always' => 'You always focus by hand.'.$byHand,
            'hand-by-numbers' => 'Clutter defeats autofocus here, and you are able by hand.'.$byHand,
            'net' => sprintf(
                'Your school uses the camera\'s own guess as a net: it locks while it sits and follows when it goes. Single would do: it strays %s of %s.',
                $units->length($reason->number('drift_m'), 2),
                $units->length($reason->number('half_depth_m'), 2),
            ),
            'stays' => sprintf(
                'It strays %s at most while a single lock lasts, inside the %s that is sharp.%s',
                $units->length($reason->number('drift_m')),
                $units->length($reason->number('half_depth_m')),
                $mode === FocusMode::SingleWithOverride ? ' The ring then corrects for what is in front.' : '',
            ),
            'drifts' => sprintf(
                'A single lock would be %s off by the end of a short burst; only %s is sharp.%s',
                $units->length($reason->number('drift_m')),
                $units->length($reason->number('half_depth_m')),
                $lack,
            ),
            default => sprintf(
                'At %s it would stay sharp for %s after a single lock, but a turn would end that at once.%s',
                $units->speed($reason->number('speed_mps')),
                Units::time($reason->number('stays_sharp_s')),
                $lack,
            ),
        };
    }

    private function technique(Reason $reason): string
    {
        $units = $this->units;
        $camera = Share::percent($reason->number('af_share'));
        $hand = Share::percent($reason->number('hand_share'));

        return match ($reason->code) {
            'trap-way-unknown' => 'Set the plane on its way first and burst as it crosses.',
            'trap-all-sharp' => sprintf(
                'Set the plane at %s: all of its way is sharp there.',
                $units->length($reason->number('trap_m')),
            ),
            'trap' => $this->trap($reason),
            'pull' => sprintf(
                'Sweep the ring from %s, at about %s through the scene, so that the plane meets it while you burst. One sweep gives about %s sharp frames.',
                $reason->number('closing_mps') >= 0 ? 'near to far' : 'far to near',
                $units->speed($reason->number('sweep_mps'), 2),
                Units::figures($reason->number('pull_frames'), 2),
            ),
            'follow' => sprintf(
                'Rock the ring to stay on it: it shifts %s a second, and about %s of %s frames will be sharp.',
                $units->length(abs($reason->number('closing_mps')), 2),
                Units::figures($reason->number('follow_frames'), 2),
                Units::figures(
                    $reason->number('follow_share') > 0
                        ? $reason->number('follow_frames') / $reason->number('follow_share')
                        : 0.0,
                    2,
                ),
            ),
            'set-once' => 'Set the ring once and leave it.',
            'camera-sooner' => sprintf(
                'The camera focuses: it starts sooner than your hand whatever it misses, and here it keeps %s.',
                $camera,
            ),
            'hand-sooner-but-fewer' => sprintf(
                'Your hand would start sooner than a camera that keeps only %s, but would have %s of the frames sharp: let the camera focus.',
                $camera,
                $hand,
            ),
            'hand-sooner' => sprintf(
                'The camera keeps only %s, and your hand would start sooner and keep %s. With more practice by hand, or the school of the hand, this would be manual.',
                $camera,
                $hand,
            ),
            default => sprintf(
                'The camera focuses: it must hit %s of the time to start sooner than your hand, and here it keeps %s.',
                Share::percent($reason->number('break_even_af_hit')),
                $camera,
            ),
        };
    }

    private function trap(Reason $reason): string
    {
        $frames = $reason->number('trap_frames');
        $here = $reason->number('frames_here');

        return sprintf(
            'Set the plane at %s and press %s before it is there: it stays sharp for %s, about %s frames%s. At least one frame falls into it in %s of the passes.',
            $this->units->length($reason->number('trap_m')),
            $this->units->length($reason->number('lead_m'), 2),
            Units::time($reason->number('trap_s')),
            Units::figures($frames, 2),
            $reason->choice('trap_at') === 'elsewhere'
                ? sprintf(
                    ', against %s at %s',
                    Units::figures($here, 2),
                    $this->units->length($reason->number('work_m')),
                )
                : '',
            Share::percent($reason->number('trap_one_share')),
        );
    }
}
