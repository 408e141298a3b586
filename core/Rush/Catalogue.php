<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Kit\Detection;
use RushHold\Motion\Gait;

/**
 * The kinds of subject a rush can be about, each with its usual size, speed and limb speed.
 * A span without a named origin is assumed. Every number can be typed over.
 */
final class Catalogue
{
    /** @var ?array<string, SubjectKind> */
    private static ?array $all = null;

    private const AIR_SPEEDS = 'surveyed air speeds: Alerstam et al. 2007, PLoS Biology 5(8) e197';

    private const RACES = 'recorded race times';

    public static function kind(KindId $id): SubjectKind
    {
        return self::all()[$id->value];
    }

    /** @return array<string, SubjectKind> by id */
    public static function all(): array
    {
        return self::$all ??= array_column(
            [...self::birds(), ...self::animals(), ...self::people(), ...self::machines()],
            null,
            'id',
        );
    }

    /** @return list<SubjectKind> */
    private static function birds(): array
    {
        return [
            new SubjectKind('small-bird', 'a small bird', Family::Bird, Detection::Bird, Gait::Flap, new Span(0.09, 0.14, 0.25), new Span(0, 9, 14, self::AIR_SPEEDS), new Span(3, 5, 9), 'wing tips', Posture::Flying, Posture::Perched, AimRule::Eye, 0.28, new Span(3, 5, 9), 0.25),
            new SubjectKind('seabird', 'a seabird', Family::Bird, Detection::Bird, Gait::Flap, new Span(0.25, 0.36, 1.0), new Span(0, 9, 14, self::AIR_SPEEDS), new Span(4, 6, 10), 'wing tips', Posture::Flying, Posture::Perched, AimRule::Eye, 0.25, new Span(3, 6, 10), 0.2),
            new SubjectKind('raptor', 'a raptor', Family::Bird, Detection::Bird, Gait::Glide, new Span(0.3, 0.55, 0.95), new Span(0, 10, 25, self::AIR_SPEEDS), new Span(4, 6, 12), 'wing tips', Posture::Flying, Posture::Perched, AimRule::Eye, 0.2, new Span(3, 6, 10), 0.15),
            new SubjectKind('swift', 'a swift', Family::Bird, Detection::Bird, Gait::Flap, new Span(0.12, 0.17, 0.23), new Span(5, 12, 30, self::AIR_SPEEDS), new Span(6, 9, 14), 'wing tips', Posture::Flying, Posture::Perched, AimRule::Eye, 0.25, new Span(4, 7, 12), 0.25),
            new SubjectKind('wader', 'a wader', Family::Bird, Detection::Bird, Gait::Flap, new Span(0.15, 0.25, 0.6), new Span(0, 12, 18, self::AIR_SPEEDS), new Span(4, 7, 10), 'wing tips', Posture::Flying, Posture::Perched, AimRule::Eye, 0.25, new Span(3, 6, 10), 0.2),
            new SubjectKind('tall-wader', 'a tall wader', Family::Bird, Detection::Bird, Gait::Flap, new Span(0.6, 0.95, 1.5), new Span(0, 0.4, 13, self::AIR_SPEEDS), new Span(3, 5, 8), 'wing tips', Posture::Flying, Posture::Stalking, AimRule::Eye, 0.14, new Span(2, 4, 8), 0.12),
            new SubjectKind('waterfowl', 'a waterfowl', Family::Bird, Detection::Bird, Gait::Flap, new Span(0.35, 0.5, 1.5), new Span(0, 1, 22, self::AIR_SPEEDS), new Span(4, 7, 11), 'wing tips', Posture::Flying, Posture::Afloat, AimRule::Eye, 0.22, new Span(3, 6, 12), 0.12),
            new SubjectKind('owl', 'an owl', Family::Bird, Detection::Bird, Gait::Glide, new Span(0.2, 0.38, 0.7), new Span(0, 7, 12, self::AIR_SPEEDS), new Span(3, 4, 7), 'wing tips', Posture::Flying, Posture::Perched, AimRule::Eye, 0.3, new Span(3, 5, 9), 0.1),
        ];
    }

    /** @return list<SubjectKind> */
    private static function animals(): array
    {
        return [
            new SubjectKind('small-mammal', 'a small mammal', Family::Animal, Detection::Animal, Gait::Run, new Span(0.07, 0.2, 0.4), new Span(0, 1.5, 6), new Span(2, 3, 6), 'feet', Posture::FourLegged, Posture::FourLegged, AimRule::Eye, 0.3, new Span(1.5, 3, 6), 0.2),
            new SubjectKind('running-mammal', 'a running mammal', Family::Animal, Detection::Animal, Gait::Run, new Span(0.35, 0.55, 1.2), new Span(0, 12, 20), new Span(4, 9, 18), 'feet', Posture::FourLegged, Posture::FourLegged, AimRule::Eye, 0.25, new Span(4, 9, 15), 0.15),
            new SubjectKind('large-mammal', 'a large mammal', Family::Animal, Detection::Animal, Gait::Run, new Span(1.2, 1.9, 3.5), new Span(0, 1.3, 16), new Span(1, 3, 14), 'feet', Posture::FourLegged, Posture::FourLegged, AimRule::Eye, 0.2, new Span(3, 7, 14), 0.1),
            new SubjectKind('dog', 'a dog', Family::Animal, Detection::Animal, Gait::Run, new Span(0.3, 0.7, 1.1), new Span(0, 8, 17), new Span(4, 8, 15), 'feet', Posture::FourLegged, Posture::FourLegged, AimRule::Eye, 0.25, new Span(4, 7, 12), 0.15, handled: true),
            new SubjectKind('insect', 'an insect', Family::Small, Detection::None, Gait::Flap, new Span(0.005, 0.03, 0.1), new Span(0, 0.3, 8), new Span(1, 4, 10), 'wing tips', Posture::Small, Posture::Small, AimRule::Eye, 0.2, new Span(0.5, 1.5, 5), 0.03),
            new SubjectKind('flower', 'a flower', Family::Small, Detection::None, Gait::Glide, new Span(0.005, 0.05, 0.4), new Span(0, 0.05, 0.5), new Span(0, 0.1, 0.5), 'petals', Posture::Small, Posture::Small, AimRule::Middle, 0.25, new Span(0, 0.2, 1), 0.02, rooted: true),
            new SubjectKind('horse-rider', 'a horse and rider', Family::Animal, Detection::Person, Gait::Run, new Span(1.8, 2.4, 3), new Span(0, 9, 18, self::RACES), new Span(3, 10, 18), 'hooves', Posture::Mounted, Posture::Mounted, AimRule::Helmet, 0.14, new Span(3, 7, 12), 0.12, handled: true),
        ];
    }

    /** @return list<SubjectKind> */
    private static function people(): array
    {
        return [
            new SubjectKind('field-player', 'a field player', Family::Person, Detection::Person, Gait::Run, new Span(1.4, 1.8, 2.1), new Span(0, 6, 10), new Span(4, 9, 25), 'feet and hands', Posture::Upright, Posture::Upright, AimRule::Shirt, 0.25, new Span(3, 5, 8), 0.12),
            new SubjectKind('court-player', 'a court player', Family::Person, Detection::Person, Gait::Run, new Span(1.4, 1.9, 2.2), new Span(0, 4, 8), new Span(4, 9, 20), 'hands', Posture::Upright, Posture::Upright, AimRule::Shirt, 0.25, new Span(3, 4.5, 7), 0.12),
            new SubjectKind('racket-player', 'a racket player', Family::Person, Detection::Person, Gait::Run, new Span(1.4, 1.8, 2.1), new Span(0, 3, 7), new Span(8, 25, 50), 'racket and hands', Posture::Upright, Posture::Upright, AimRule::Upper, 0.28, new Span(2, 4, 6), 0.12),
            new SubjectKind('swing-player', 'a swing player', Family::Person, Detection::Person, Gait::Glide, new Span(1.4, 1.8, 2.1), new Span(0, 0.5, 2), new Span(5, 20, 50), 'club and hands', Posture::Upright, Posture::Upright, AimRule::Face, 0.15, new Span(0.5, 1, 3), 0.12),
            new SubjectKind('runner', 'a runner', Family::Person, Detection::Person, Gait::Run, new Span(1.2, 1.75, 2), new Span(2, 7, 12, self::RACES), new Span(5, 10, 18), 'feet', Posture::Upright, Posture::Upright, AimRule::Shirt, 0.25, new Span(4, 6, 9), 0.12),
            new SubjectKind('swimmer', 'a swimmer', Family::Person, Detection::Person, Gait::Swim, new Span(0.3, 0.5, 2), new Span(0.5, 1.6, 2.4, self::RACES), new Span(2, 4, 8), 'hands', Posture::InWater, Posture::InWater, AimRule::Face, 0.5, new Span(1, 3, 5), 0.12),
            new SubjectKind('diver', 'a diver', Family::Person, Detection::Person, Gait::Glide, new Span(1.2, 1.6, 2), new Span(0, 8, 15, 'free fall from 3 to 10 m: v = √(2gh)'), new Span(3, 6, 10), 'hands', Posture::Tumbling, Posture::Upright, AimRule::Middle, 0.3, new Span(3, 5, 8), 0.12),
            new SubjectKind('gymnast', 'a gymnast', Family::Person, Detection::Person, Gait::Run, new Span(1.2, 1.6, 1.8), new Span(0, 4, 9), new Span(4, 8, 14), 'hands and feet', Posture::Tumbling, Posture::Upright, AimRule::Middle, 0.3, new Span(3, 5, 9), 0.12),
            new SubjectKind('skier', 'a skier', Family::Person, Detection::Person, Gait::Glide, new Span(1.4, 1.8, 2), new Span(3, 16, 40), new Span(2, 5, 10), 'poles and hands', Posture::Upright, Posture::Upright, AimRule::Helmet, 0.18, new Span(3, 6, 12), 0.12),
            new SubjectKind('paddler', 'a paddler', Family::Person, Detection::Person, Gait::Swim, new Span(1, 1.8, 4), new Span(0, 3, 6), new Span(4, 7, 12), 'paddle blades', Posture::Seated, Posture::Seated, AimRule::Helmet, 0.2, new Span(1, 2.5, 5), 0.12),
            new SubjectKind('cyclist', 'a cyclist', Family::Person, Detection::Person, Gait::Vehicle, new Span(1.5, 1.8, 2), new Span(2, 11, 20), new Span(1, 2, 4), 'feet', Posture::Mounted, Posture::Mounted, AimRule::Helmet, 0.2, new Span(2, 5, 9), 0.12),
            new SubjectKind('person', 'a person', Family::Person, Detection::Person, Gait::Run, new Span(0.7, 1.7, 2), new Span(0, 1.4, 7), new Span(1, 3, 8), 'hands', Posture::Upright, Posture::Upright, AimRule::Face, 0.14, new Span(1, 2.5, 6), 0.12),
        ];
    }

    /** @return list<SubjectKind> */
    private static function machines(): array
    {
        return [
            new SubjectKind('motorbike', 'a motorbike', Family::Vehicle, Detection::Vehicle, Gait::Vehicle, new Span(1.8, 2.1, 2.5), new Span(5, 30, 90), new Span(5, 30, 90), 'wheel rims', Posture::Mounted, Posture::Mounted, AimRule::Helmet, 0.18, new Span(4, 10, 20), 0),
            new SubjectKind('car', 'a car', Family::Vehicle, Detection::Vehicle, Gait::Vehicle, new Span(3.5, 4.4, 5.5), new Span(5, 40, 90), new Span(5, 40, 90), 'wheel rims', Posture::Rolling, Posture::Rolling, AimRule::Front, 0.2, new Span(3, 9, 18), 0),
            new SubjectKind('aircraft', 'an aircraft', Family::Vehicle, Detection::Vehicle, Gait::Vehicle, new Span(6, 12, 70), new Span(20, 80, 300), new Span(50, 150, 250), 'propeller tips', Posture::Winged, Posture::Winged, AimRule::Front, 0.15, new Span(10, 30, 70), 0),
            new SubjectKind('boat', 'a boat', Family::Vehicle, Detection::Vehicle, Gait::Swim, new Span(2, 8, 100), new Span(0, 4, 30), new Span(1, 3, 10), 'spray', Posture::Rolling, Posture::Rolling, AimRule::Front, 0.2, new Span(1, 4, 15), 0.1),
        ];
    }
}
