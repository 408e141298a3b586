<?php

declare(strict_types=1);

namespace App\Documents;

use App\Accounts\StarterKit;
use App\Cards\Drawings;
use App\Cards\Paper;
use App\Http\Middleware\Heavy;
use App\Log\Out\LogOut;
use App\Models\GearRecord;
use App\Models\User;
use RushHold\Assumptions\Assumption;
use RushHold\Assumptions\Assumptions;
use RushHold\Controls\Layout;
use RushHold\Counts\Dimension;
use RushHold\Dialect\Dialect;
use RushHold\Hold\Aim;
use RushHold\Hold\Burst;
use RushHold\Hold\HoldFields;
use RushHold\Hold\Scheme;
use RushHold\Hold\StabiliserUse;
use RushHold\Kit\AfArea;
use RushHold\Kit\BundlePart;
use RushHold\Kit\ControlUse;
use RushHold\Kit\Detection;
use RushHold\Kit\Face;
use RushHold\Kit\Finger;
use RushHold\Kit\FocusAid;
use RushHold\Kit\FocusMode;
use RushHold\Kit\Orientation;
use RushHold\Light\LightSide;
use RushHold\Motion\Act;
use RushHold\Motion\Pattern;
use RushHold\Motion\Skill;
use RushHold\Motion\Support;
use RushHold\Optics\SharpnessStandard;
use RushHold\Optics\StopScale;
use RushHold\Outing\HoldsOfDay;
use RushHold\Planning\Choosers\PlaceChooser;
use RushHold\Rehearsal\Focus\FocusTarget;
use RushHold\Rehearsal\Verdict;
use RushHold\Rush\Background;
use RushHold\Rush\Crossers;
use RushHold\Rush\Detail;
use RushHold\Rush\Entry;
use RushHold\Rush\EverydayNames;
use RushHold\Rush\Facing;
use RushHold\Rush\Follow;
use RushHold\Rush\Foreground;
use RushHold\Rush\Ground;
use RushHold\Rush\LightDirection;
use RushHold\Rush\Route;
use RushHold\Rush\Schools;
use RushHold\Rush\Separation;
use RushHold\Rush\Sky;
use RushHold\Rush\Streak;
use RushHold\Rush\Style;
use RushHold\Rush\Sure;
use RushHold\Sharpness\FrameVerdict;
use RushHold\Tables\DayOrder;
use RushHold\Tables\FrameColumn;
use RushHold\Wording\Units;

/** Everything that server and client both say, stated once in PHP: words, order, flags, scales, limits. */
final class Vocabulary
{
    /** Assumed figures that a room must know before the plan has answered. */
    private const EARLY = [
        'obstacle.place',
        'air.calm',
        'air.height',
        'motion.travels',
        'rehearse.twig',
        'act.brake',
        'act.hover',
        'act.dive',
    ];

    /** @return array<string, array{string, mixed}> what it is, and the value, by the name TypeScript has for it */
    public static function all(): array
    {
        return [
            'areas' => [
                'AF areas, smallest to largest, each with its one letter.',
                self::of(AfArea::cases(), static fn (AfArea $one): array => ['letter' => $one->letter()]),
            ],
            'focusModes' => [
                'Focus modes; whether each goes on focusing while the subject moves.',
                self::of(FocusMode::cases(), static fn (FocusMode $one): array => ['follows' => $one->follows()]),
            ],
            'aims' => [
                'Where the focus belongs; whether that is on the head or the front.',
                self::of(Aim::cases(), static fn (Aim $one): array => ['onHead' => $one->isOnHead()]),
            ],
            'detections' => [
                'What subject detection looks for.',
                self::of(Detection::cases(), static fn (Detection $one): array => ['plural' => $one->plural()]),
            ],
            'focusAids' => ['What a body shows to help the hand focus.', self::of(FocusAid::cases())],
            'schemes' => ['Which button focuses.', self::of(Scheme::cases())],
            'stabiliserUses' => ['What the stabiliser does.', self::of(StabiliserUse::cases())],
            'outMost' => ['Frames that the log for other programs holds at the most.', LogOut::MOST],
            'countedBy' => [
                'What bursts are counted by; whether its values have an order of their own.',
                self::of(Dimension::cases(), static fn (Dimension $one): array => ['ordered' => $one->isOrdered()]),
            ],
            'bursts' => ['How long the shutter stays pressed.', self::of(Burst::cases())],
            'controlUses' => ['What a control can be made to do.', self::of(ControlUse::cases())],
            'bundleParts' => [
                'What a bundle may contain; whether it changes the exposure, and whether it belongs to a hold.',
                self::of(
                    BundlePart::cases(),
                    static fn (BundlePart $one): array => ['exposure' => $one->isExposure(), 'focus' => $one->isFocus()],
                ),
            ],
            'fingers' => ['Fingers that work a control.', self::of(Finger::cases())],
            'faces' => ['Sides of the camera a control is on.', self::of(Face::cases())],
            'settingNames' => ['Settings a body has words for, in our words.', Dialect::SETTINGS],
            'holdFields' => [
                'Fields of a hold in the order they are read; whether they change with every small step of the rush.',
                array_map(
                    static fn (string $id): array => [
                        'id' => $id,
                        'name' => HoldFields::FIELDS[$id],
                        'gradual' => in_array($id, HoldFields::GRADUAL, true),
                    ],
                    HoldFields::asRead(),
                ),
            ],
            'patterns' => ['How predictable the motion is.', self::of(Pattern::cases())],
            'acts' => [
                'What a subject is doing, as people say it; the pattern it moves by.',
                self::of(Act::cases(), static fn (Act $one): array => ['pattern' => $one->pattern()->value]),
            ],
            'supports' => ['What carries the camera.', self::of(Support::cases())],
            'skills' => ['How practised somebody is.', self::of(Skill::cases())],
            'styles' => ['What the picture wants of the motion.', self::of(Style::cases())],
            'standards' => ['How sharp is sharp.', self::of(SharpnessStandard::cases())],
            'foregrounds' => ['What stands between.', self::of(Foreground::cases())],
            'crossers' => ['Others who pass between.', self::of(Crossers::cases())],
            'backgrounds' => ['What lies behind.', self::of(Background::cases())],
            'separations' => ['Tone of the subject against its background.', self::of(Separation::cases())],
            'follows' => ['Whom to follow.', self::of(Follow::cases())],
            'facings' => ['Which way something looks that does not travel.', self::of(Facing::cases())],
            'streaks' => ['How far the background is to streak.', self::of(Streak::cases())],
            'sures' => ['In how many frames the standard is to hold.', self::of(Sure::cases())],
            'orientations' => ['How the camera is held.', self::of(Orientation::cases())],
            'entries' => ['Where the subject comes in.', self::of(Entry::cases())],
            'routes' => ['Whether the way it will take is known.', self::of(Route::cases())],
            'lightDirections' => ['Where the light comes from.', self::of(LightDirection::cases())],
            'sunDangerDeg' => ['A sun nearer to where the lens points than this is a danger, in degrees.', LightSide::DANGER_DEG],
            'dayStepMinutes' => ['From one moment of a day out to the next.', HoldsOfDay::STEP_S / 60],
            'grounds' => ['What a line of sight runs over.', self::of(Ground::cases())],
            'skies' => ['What stands between the sun and the ground.', self::of(Sky::cases())],
            'details' => ['Contrast of the target itself.', self::of(Detail::cases())],
            'schools' => [
                'Questions on which practitioners disagree, and their answers; none picked is the product’s default.',
                array_map(
                    static fn (string $question, array $told): array => [
                        'question' => $question,
                        'words' => $told[0],
                        'answers' => array_map(
                            static fn (string $value, string $words): array => [
                                'value' => $value,
                                'words' => $words,
                                'note' => '',
                            ],
                            array_keys($told[1]),
                            $told[1],
                        ),
                    ],
                    array_keys(Schools::QUESTIONS),
                    Schools::QUESTIONS,
                ),
            ],
            'verdicts' => ['What became of a frame.', self::of(Verdict::cases())],
            'frameColumns' => ['What a column of a table may say of each frame.', self::of(FrameColumn::cases())],
            'dayOrders' => ['In which order a table writes the parts of a day.', self::of(DayOrder::cases())],
            'frameVerdicts' => ['What a frame shows of its subject, in the order of their keys.', self::of(FrameVerdict::cases())],
            'focusTargets' => ['What the focus holds at one moment, by number.', FocusTarget::WORDS],
            'lockOnStart' => [
                'Share of the frame that lock-on starts in.',
                ['width' => PlaceChooser::START[0], 'height' => PlaceChooser::START[1]],
            ],
            'drawings' => [
                'Which drawing of shapes.json stands for a kind of subject, by its posture.',
                Drawings::all(),
            ],
            'starterBody' => ['A typical body, to be typed over.', StarterKit::body()],
            'gearTypes' => ['What somebody may own.', GearRecord::TYPES],
            'settingChoices' => ['Settings of an account and the values each may take.', User::SETTINGS],
            'limits' => [
                'Most holds of a day, and most characters of a name.',
                ['holds' => Layout::HOLDS, 'name' => GearRecord::NAME],
            ],
            'heavy' => ['What reckons for long on the server, below /api/, an id as *.', Heavy::PATHS],
            'isoScale' => ['The engraved series of ISO.', StopScale::isos()],
            'papers' => [
                'Papers a card is printed on, and how much larger than on the smallest its type is.',
                array_map(
                    static fn (Paper $paper): array => [
                        'value' => $paper->value,
                        'words' => $paper->words(),
                        'size' => $paper->size(),
                        'scale' => $paper->scale(),
                    ],
                    Paper::cases(),
                ),
            ],
            'assumed' => [
                'Assumed figures that nobody has changed.',
                array_map(
                    static fn (Assumption $one): float => $one->default,
                    array_intersect_key(Assumptions::all(), array_flip(self::EARLY)),
                ),
            ],
        ];
    }

    /** @return list<array{string, string, float, float, list<string>}> everyday names of subjects: name, kind, length in m, speed in m/s, other words */
    public static function names(): array
    {
        return array_map(
            static fn (array $one): array => [
                $one['name'],
                $one['kind']->value,
                $one['length_m'],
                $one['speed_mps'],
                $one['also'],
            ],
            EverydayNames::all(),
        );
    }

    /** @return array<string, array<array{float, mixed, mixed}>> numbers as PHP shows them, for the client's own showing to be held to: value, metric, imperial */
    public static function samples(): array
    {
        $both = static fn (array $values, \Closure $show): array => array_map(
            static fn (float $value): array => [$value, $show(Units::Metric, $value), $show(Units::Imperial, $value)],
            $values,
        );

        return [
            'length' => $both(
                [0.0004, 0.0099, 0.13, 0.36, 0.9, 0.95, 1.0, 3.6, 14.4, 18.15, 99.95, 250.0, 1234.0],
                static fn (Units $units, float $metres): string => $units->length($metres),
            ),
            'speed' => $both(
                [0.0, 0.2, 1.5, 9.0, 27.8, 120.0],
                static fn (Units $units, float $mps): string => $units->speed($mps),
            ),
            'shutter' => $both(
                [1 / 32000, 1 / 4000, 1 / 3200, 1 / 125, 1 / 8, 0.25, 0.3, 0.5, 2.0, 30.0],
                static fn (Units $units, float $seconds): string => Units::shutter($seconds),
            ),
            'figures' => $both(
                [0.0, 0.000123, 0.05, 1.0, 5.6, 12.345, 999.5, 1234.5, 102400.0],
                static fn (Units $units, float $number): string => Units::figures($number),
            ),
        ];
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  list<T>  $cases
     * @param  ?\Closure(T): array<string, mixed>  $more
     * @return list<array<string, mixed>> value, words, note and more of each
     */
    private static function of(array $cases, ?\Closure $more = null): array
    {
        return array_map(
            static fn (\BackedEnum $one): array => [
                'value' => $one->value,
                'words' => method_exists($one, 'words') ? $one->words() : (string) $one->value,
                'note' => method_exists($one, 'note') ? $one->note() : '',
            ] + ($more === null ? [] : $more($one)),
            $cases,
        );
    }
}
