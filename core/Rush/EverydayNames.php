<?php

declare(strict_types=1);

namespace RushHold\Rush;

/**
 * What people call what they photograph, and which kind of the catalogue moves most like it. Lengths and speeds are those that are
 * usual of the name, where they are other than those of its kind; both are *assumed*, and every number can be typed over.
 */
final class EverydayNames
{
    /**
     * By kind: names with commas between; after a slash, other words that are typed for it; then the length that matters in the frame,
     * in metres; after an at sign its speed in m/s.
     */
    private const TABLE = [
        'small-bird' => 'robin, wren 0.1, tit/blue tit/great tit/coal tit/chickadee 0.12, sparrow, finch/goldfinch/chaffinch/greenfinch, siskin 0.12, linnet, bullfinch 0.16, crossbill 0.16, warbler 0.13, wagtail 0.18, pipit 0.15, lark/skylark 0.17, bunting 0.16, nuthatch, treecreeper 0.13, stonechat 0.12, wheatear 0.15, redstart, nightingale 0.17, flycatcher, goldcrest 0.09, dipper 0.18, waxwing 0.18, shrike 0.18, thrush 0.23, blackbird 0.25@8, starling 0.21@14, kingfisher 0.17@11, bee-eater 0.28@11, hummingbird 0.1@7, sunbird 0.12, weaver 0.15, bluebird 0.17, cardinal 0.22, canary 0.13, budgerigar/budgie 0.18, woodpecker 0.24, cuckoo 0.33, dove 0.32@14, pigeon 0.33@16, hoopoe 0.28, oriole 0.24, roller 0.3, jay 0.34, magpie 0.45, crow 0.46, raven 0.64@12, rook 0.45, jackdaw 0.33, parrot 0.35@12, parakeet 0.4@12, toucan 0.5, quail 0.17, partridge 0.3@14, grouse 0.4@18, pheasant 0.75@14, hen/chicken/rooster 0.45@1.5, turkey 1.1@2, peacock/peafowl 1.1@1',
        'seabird' => 'gull/seagull 0.55@10, tern, gannet 0.9@14, puffin 0.28@15, guillemot/murre 0.4@17, razorbill 0.4@16, auk 0.38@16, fulmar 0.48@12, shearwater 0.35@13, storm petrel/petrel 0.17, skua 0.5@13, kittiwake 0.4@11, cormorant 0.9@14, shag 0.75@14, booby 0.75@14, frigatebird 1.0@11, albatross 1.1@16, pelican 1.6@12, penguin 0.6@1',
        'raptor' => 'eagle/golden eagle 0.85@12, sea eagle/fish eagle 0.85@12, osprey 0.56@12, buzzard 0.54, hawk/bird of prey, sparrowhawk 0.33@13, goshawk 0.55@15, falcon 0.45@18, peregrine 0.43@25, kestrel 0.34@8, hobby 0.33@16, merlin 0.28@14, harrier 0.48@9, kite/red kite 0.62@9, vulture 1.0@12, condor 1.2@14',
        'swift' => 'swift, swallow 0.18@11, martin/house martin/sand martin 0.13@10, bat 0.08@7',
        'wader' => 'wader/shorebird, sandpiper 0.2, redshank 0.28, greenshank 0.32, curlew 0.55, whimbrel 0.42, godwit 0.4, plover 0.2, lapwing 0.3, oystercatcher 0.43, avocet 0.44@10, stilt 0.36, snipe 0.26@14, woodcock 0.34, dunlin 0.19@14, sanderling 0.2, knot 0.24@15, turnstone 0.23, phalarope 0.18, ruff 0.28, coot 0.37@2, moorhen 0.33@2, rail 0.25@2',
        'tall-wader' => 'heron/grey heron, egret 0.6, bittern 0.75, stork 1.1, crane 1.15, spoonbill 0.85, ibis 0.6, flamingo 1.3, bustard 0.9, emu 1.7@10, ostrich 2@12',
        'waterfowl' => 'duck/mallard 0.55, goose/greylag/brent goose 0.8, swan 1.5, teal 0.36, wigeon 0.48, pintail 0.6, shoveler, tufted duck 0.44, pochard 0.46, eider 0.6, merganser 0.6, goosander 0.62, shelduck 0.6, grebe 0.48, dabchick 0.27, loon 0.75',
        'owl' => 'owl, barn owl 0.35, tawny owl, little owl 0.22, eagle owl 0.66, short-eared owl 0.37, long-eared owl 0.36, snowy owl 0.6, nightjar 0.27',
        'small-mammal' => 'mouse 0.09, vole 0.1, shrew 0.07, dormouse 0.08, hamster 0.13, guinea pig 0.23, rat, squirrel/red squirrel/grey squirrel 0.22, chipmunk 0.14, hedgehog 0.25@0.5, mole 0.13@0.3, weasel, stoat/ermine 0.25, marten/pine marten 0.48, mink 0.38, polecat/ferret 0.4, rabbit 0.38@6, meerkat 0.28, marmot 0.5, beaver 0.9@1, otter/sea otter 0.7@2, badger 0.75, raccoon 0.5, skunk 0.35, lizard 0.15, chameleon 0.25@0.05, frog 0.08, toad 0.09@0.3, newt 0.1@0.1, snake 0.8@0.5, tortoise 0.25@0.1, turtle 0.9@0.6, crab 0.12@0.5',
        'running-mammal' => 'hare, fox 0.7@8, deer/roe deer/fawn 1.1, wolf 1.2@11, coyote 0.9@11, jackal 0.8@10, hyena 1.3@10, cheetah 1.3@25, leopard 1.4@10, jaguar 1.5@10, lynx/bobcat 0.95@9, wildcat 0.6@9, cat/kitten 0.46@5, gazelle 1.0@18, antelope/impala 1.3@16, chamois 1.2, ibex 1.3@7, wild boar/boar 1.3@9, pig 1.3@3, goat 1.2@5, sheep 1.2@5, lamb 0.6@5, kangaroo 1.3@10, wallaby 0.8@9, monkey 0.5@4, baboon 0.8@6',
        'large-mammal' => 'red deer/stag/hind 1.9@8, elk/moose 2.6@5, reindeer/caribou 1.9@8, bison 3@6, buffalo 2.8@6, cow/cattle 2.3, bull 2.4@5, bear/brown bear 1.7@6, polar bear 2.3@4, lion/lioness 1.9@10, tiger 1.9@10, elephant 5@3, rhino/rhinoceros 3.5@8, hippo/hippopotamus 3.5@5, giraffe 4@9, zebra 2.3@12, wildebeest/gnu 2.1@12, horse 2.3@10, foal 1.3@8, pony 1.7@8, donkey/mule 1.7, camel 3@4, llama/alpaca 1.5, gorilla 1.6, chimpanzee/ape 1.1, seal 1.7@2, sea lion 2@4, walrus 3, dolphin 2.3@7, porpoise 1.6@4, whale 10@3, orca 6@7, shark 3@3, crocodile/alligator 3@2',
        'dog' => 'dog, puppy 0.35@4, sheepdog 0.6@10, greyhound/racing dog 0.75@17, sled dog/husky 0.7@6, terrier 0.45, retriever 0.65, spaniel 0.5',
        'insect' => 'bee/honey bee 0.014, bumblebee 0.02, wasp 0.015, hornet 0.03, fly 0.008, hoverfly 0.012, mosquito 0.006, mayfly 0.02, butterfly 0.06@2, moth 0.05@2, dragonfly 0.07@5, damselfly 0.04@1, beetle 0.02@0.05, ladybird/ladybug 0.007@0.02, ant 0.006@0.03, grasshopper 0.03, bush cricket 0.03@0.1, cicada 0.04, mantis 0.06@0.05, spider 0.015@0.1, caterpillar 0.04@0.01, snail 0.04@0.001',
        'flower' => 'flower/blossom, rose 0.08, tulip 0.07, orchid 0.04, poppy 0.07, daisy 0.03, snowdrop 0.03, bluebell, sunflower 0.25, dandelion 0.04, lily 0.12, thistle, leaf 0.08, mushroom/toadstool/fungus 0.07',
        'horse-rider' => 'rider/horse rider/riding, show jumper/show jumping, racehorse/horse racing/jockey 2.4@17, dressage rider/dressage 2.4@4, eventer/eventing 2.4@8, polo player/polo 2.4@12, trotter/harness racing 3@13',
        'field-player' => 'footballer/football/soccer, goalkeeper/goalie 1.8@3, rugby player/rugby, hockey player/hockey/field hockey, ice hockey player/ice hockey 1.8@9, gridiron player/gridiron, lacrosse player/lacrosse, hurler/hurling, cricketer/cricket 1.8@5, frisbee player/frisbee/ultimate, referee/umpire 1.8@4',
        'court-player' => 'basketball player/basketball, handball player/handball 1.8@5, volleyball player/volleyball, beach volleyball player/beach volleyball, netball player/netball, futsal player/futsal, floorball player/floorball, dodgeball player/dodgeball',
        'racket-player' => 'tennis player/tennis, badminton player/badminton, squash player/squash, table tennis player/table tennis/ping-pong, padel player/padel, fencer/fencing, boxer/boxing 1.8@2, kickboxer/kickboxing 1.8@2, wrestler/wrestling 1.7@2, judoka/judo 1.7@2, karateka/karate/martial arts 1.7@3',
        'swing-player' => 'golfer/golf, batter/baseball/softball/batting, archer/archery, discus thrower/discus, shot putter/shot put, hammer thrower/hammer, javelin thrower/javelin 1.8@6, curler/curling, bowler/bowling/bowls 1.8@2, snooker player/snooker/billiards/pool 1.0@0.5, darts player/darts 1.0@0.3',
        'runner' => 'runner/running/jogger/jogging, sprinter/sprint 1.75@10, marathon runner/marathon 1.75@5, hurdler/hurdles 1.75@8, long jumper/long jump 1.75@9, triple jumper/triple jump 1.75@9, high jumper/high jump 1.75@6, pole vaulter/pole vault 1.75@8, athlete/athletics, triathlete/triathlon 1.75@5, orienteer/orienteering 1.75@4, race walker 1.75@4',
        'swimmer' => 'swimmer/swimming, water polo player/water polo 0.6@2, snorkeller/snorkelling 0.6@0.8',
        'diver' => 'diver/diving/high diving, cliff diver/cliff diving 1.6@20, bungee jumper/bungee 1.7@25, skydiver/skydiving/parachutist 1.8@50, wingsuit flyer/wingsuit 1.8@45, paraglider/paragliding 1.8@11, hang glider/hang gliding 2@14',
        'gymnast' => 'gymnast/gymnastics, trampolinist/trampoline 1.6@6, dancer/dance/dancing 1.7@3, ballet dancer/ballet 1.7@3, breakdancer/breakdance 1.6@3, acrobat/circus, cheerleader/cheerleading, figure skater/figure skating 1.7@6, freerunner/parkour 1.7@5, skateboarder/skateboard/skateboarding 1.7@5, climber/climbing/bouldering 1.7@0.3, slackliner/slackline 1.7@0.5, juggler/juggling 1.7@0.3',
        'skier' => 'skier/skiing/ski, downhill racer/downhill 1.6@30, slalom skier/slalom/giant slalom 1.6@14, ski jumper/ski jumping 1.7@25, cross-country skier/cross-country skiing 1.7@7, freestyle skier/freestyle 1.7@12, snowboarder/snowboard/snowboarding 1.7@14, biathlete/biathlon 1.7@6, speed skater/speed skating 1.6@13, ice skater/ice skating 1.7@5, inline skater/roller skating 1.7@7, luger/luge/skeleton 1.7@35, sledger/sledge/toboggan 1.2@8, surfer/surfing/surf 1.6@7, windsurfer/windsurfing 1.8@12, kitesurfer/kitesurfing 1.8@12, wakeboarder/wakeboarding 1.7@9, water skier/water skiing 1.7@15',
        'paddler' => 'paddler/paddling, kayaker/kayak/kayaking, canoeist/canoe/canoeing, rafter/rafting/raft 3@3, rower/rowing/sculler 3@5, stand-up paddler/paddleboard 1.8@2',
        'cyclist' => 'cyclist/cycling/bicycle/bike, road racer/road racing/peloton 1.8@13, mountain biker/mountain bike 1.8@8, trick cyclist 1.6@5, track cyclist/velodrome 1.8@16, unicyclist/unicycle 1.8@3, scooter rider/kick scooter 1.6@5, wheelchair racer/wheelchair 1.5@8',
        'motorbike' => 'motorbike/motorcycle/motor racing on two wheels, motocross rider/motocross 2.1@14, trials rider 2.1@2, enduro rider/enduro 2.1@12, sidecar 2.5@30, moped/motor scooter 1.8@12, quad/quad bike 2@12, snowmobile 2.8@18, jet ski/water scooter 3@18',
        'car' => 'car/automobile, racing car/race car/motor racing/motorsport 4.8@55, rally car/rally 4.2@28, vintage car/classic car 4@20, kart/go-kart/karting 1.8@22, off-roader 4.5@6, truck/lorry 8@22, van 5@18, bus/coach 11@12, tractor 4@6, fire engine/ambulance 8@15, train/railway/locomotive/express train 4@35, steam train/steam engine 4@17, tram/streetcar 2.6@10, bobsleigh/bobsled 3@35',
        'aircraft' => 'aircraft/plane/aeroplane/airplane, airliner/jet airliner 40@80, jet/fighter/jet fighter 15@200, helicopter 12@40, sailplane/glider 8@30, biplane 8@40, propeller plane/light aircraft 8@50, seaplane 10@40, microlight 6@22, drone 0.35@12, model aircraft/model plane 1.5@20, hot-air balloon/balloon 20@4, airship 60@20, toy kite 1@6, rocket 40@100',
        'boat' => 'boat, sailing boat/sailing/yacht/sail 10@4, dinghy 4@5, catamaran 6@9, motorboat/speedboat/powerboat 7@20, lifeboat 15@13, fishing boat/trawler 12@4, ferry 60@9, ship/liner 100@9, tugboat/tug 25@5, rowing boat 5@1.5, dragon boat 12@4, barge/canal boat 18@1.5',
        'person' => 'person/man/woman/people, child/kid/boy/girl/toddler 1.1@2.5, baby 0.7@0.3, walker/hiker/walking/hiking, bride/groom/wedding 1.7@1, singer/musician/concert/band 1.7@0.5, drummer/drums 1.0@0.3, actor/actress/theatre/stage 1.7@1, speaker/speech 1.0@0.3, worker 1.7@1, street performer 1.7@1, soldier/parade/marching 1.8@1.5, chef/cook 1.0@0.5',
    ];

    /** @var ?list<array{name: string, also: list<string>, kind: KindId, length_m: float, speed_mps: float}> */
    private static ?array $all = null;

    /** @return list<array{name: string, also: list<string>, kind: KindId, length_m: float, speed_mps: float}> every name, with other words for it */
    public static function all(): array
    {
        return self::$all ??= array_merge(...array_map(self::ofKind(...), array_keys(self::TABLE), self::TABLE));
    }

    /** @return list<array{name: string, also: list<string>, kind: KindId, length_m: float, speed_mps: float}> */
    private static function ofKind(string $kindId, string $entries): array
    {
        $id = KindId::from($kindId);
        $kind = Catalogue::kind($id);

        return array_map(static function (string $entry) use ($id, $kind): array {
            preg_match('~^([^/\d]+?)((?:/[^/\d]+?)*)(?: ([\d.]+))?(?:@([\d.]+))?$~', trim($entry), $found);

            return [
                'name' => $found[1] ?? '',
                'also' => ($found[2] ?? '') === '' ? [] : explode('/', ltrim($found[2], '/')),
                'kind' => $id,
                'length_m' => (float) (($found[3] ?? '') === '' ? $kind->lengthM->typical : $found[3]),
                'speed_mps' => (float) (($found[4] ?? '') === '' ? $kind->speedMps->typical : $found[4]),
            ];
        }, explode(',', $entries));
    }
}
