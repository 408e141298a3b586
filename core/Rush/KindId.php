<?php

declare(strict_types=1);

namespace RushHold\Rush;

/** Catalogue ids, as rush/1 writes them; what each is like stands in {@see Catalogue}. */
enum KindId: string
{
    case SmallBird = 'small-bird';
    case Seabird = 'seabird';
    case Raptor = 'raptor';
    case Swift = 'swift';
    case Wader = 'wader';
    case TallWader = 'tall-wader';
    case Waterfowl = 'waterfowl';
    case Owl = 'owl';
    case SmallMammal = 'small-mammal';
    case RunningMammal = 'running-mammal';
    case LargeMammal = 'large-mammal';
    case Dog = 'dog';
    case Insect = 'insect';
    case Flower = 'flower';
    case HorseRider = 'horse-rider';
    case FieldPlayer = 'field-player';
    case CourtPlayer = 'court-player';
    case RacketPlayer = 'racket-player';
    case SwingPlayer = 'swing-player';
    case Runner = 'runner';
    case Swimmer = 'swimmer';
    case Diver = 'diver';
    case Gymnast = 'gymnast';
    case Skier = 'skier';
    case Paddler = 'paddler';
    case Cyclist = 'cyclist';
    case Motorbike = 'motorbike';
    case Car = 'car';
    case Aircraft = 'aircraft';
    case Boat = 'boat';
    case Person = 'person';
}
