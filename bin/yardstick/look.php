<?php

declare(strict_types=1);

// Judges simulated frames and tells how often it was right: EVERY FRAMES PART PARTS, one JSON object a line for each frame. Ten kinds of
// rush, each with four passes and its own mistakes, on seeds nothing was tuned with; half of them with 24 megapixels, half with 8. Of the
// passes every so many-th, of each so many frames at the most.

use App\Images\JpegPicture;
use App\Log\Intake\Look;
use App\Shoot\Darkroom;
use RushHold\Kit\Kit;
use RushHold\Log\FrameFacts;
use RushHold\Planning\Planner;
use RushHold\Sharpness\FrameVerdict;
use RushHold\Sharpness\Judge;
use RushHold\Shoot\ShootFault;
use RushHold\Shoot\Shooting;
use RushHold\Shoot\Shot;
use RushHold\Shoot\Truth;
use Tests\Support\Documents;

require __DIR__.'/../../vendor/autoload.php';

$subject = static fn (string $kind, float $length, string $detection): array => ['kind' => $kind, 'length_m' => $length, 'detection' => $detection];
$way = static fn (float $speed, float $bearing, string $pattern): array => ['speed_mps' => $speed, 'bearing_deg' => $bearing, 'pattern' => $pattern];
$behind = static fn (string $background, float $gap): array => ['background' => $background, 'background_gap_m' => $gap];
$at = static fn (float $near, float $work, float $far): array => ['near_m' => $near, 'work_m' => $work, 'far_m' => $far];
$kinds = [
    'tern over turf' => [['motion' => $way(8, 80, 'steady'), 'distance' => $at(14, 18, 30), 'clutter' => $behind('busy', 9)], [null, 'shutter', 'shaken', 'out']],
    'gull in the sky' => [['subject' => $subject('seabird', 0.55, 'bird'), 'motion' => $way(10, 60, 'steady'), 'distance' => $at(15, 22, 40)], [null, 'shutter', 'single', 'dark']],
    'darting among stems' => [Documents::DARTING, [null, 'tuning', 'obstacle', 'shutter']],
    'hare across' => [['subject' => $subject('running-mammal', 0.55, 'animal'), 'motion' => $way(11, 80, 'steady'), 'distance' => $at(20, 28, 50), 'clutter' => $behind('busy', 6)], [null, 'shutter', 'single', 'shaken']],
    'hare coming' => [['subject' => $subject('running-mammal', 0.55, 'animal'), 'motion' => $way(11, 12, 'steady'), 'distance' => $at(14, 26, 50), 'clutter' => $behind('moderate', 15)], [null, 'single', 'shutter', 'dark']],
    'wader feeding' => [['subject' => $subject('wader', 0.3, 'bird'), 'motion' => $way(0.6, 90, 'stop-start'), 'distance' => $at(8, 12, 16), 'clutter' => $behind('moderate', 4)], [null, 'shaken', 'shutter', 'obstacle']],
    'duck afloat' => [['subject' => $subject('waterfowl', 0.5, 'bird'), 'motion' => $way(0.8, 70, 'steady'), 'distance' => $at(12, 20, 30), 'clutter' => $behind('moderate', 8)], [null, 'shaken', 'dark', 'out']],
    'paddler' => [['subject' => $subject('paddler', 3.5, 'person'), 'motion' => $way(4, 60, 'accelerating'), 'distance' => $at(25, 40, 60), 'clutter' => $behind('moderate', 10)], [null, 'shutter', 'single', 'tuning']],
    'raptor panned' => [['subject' => $subject('raptor', 0.6, 'bird'), 'motion' => $way(12, 88, 'steady'), 'distance' => $at(25, 35, 60), 'clutter' => $behind('busy', 20), 'intent' => ['style' => 'pan-blur'], 'photographer' => ['skill' => 'expert']], [null, null, 'shutter', 'shaken']],
    'deer at dusk' => [['subject' => $subject('large-mammal', 1.6, 'animal'), 'motion' => $way(1.2, 80, 'steady'), 'distance' => $at(25, 35, 50), 'clutter' => $behind('busy', 12), 'light' => ['ev100' => 7]], [null, 'shaken', 'single', 'obstacle']],
];

/** @return list<int> the frame a person would touch it in, those after it, and those before it backwards */
$order = static function (Truth $truth, array $shots, Shooting $shooting): array {
    $clear = array_filter($shots, static fn (Shot $shot): bool => $truth->verdict($shot) !== FrameVerdict::Out && $shot->patch($shooting->film, $shooting->outline) !== null);
    if ($clear === []) {
        return [];
    }
    uasort($clear, static fn (Shot $one, Shot $other): int => $one->subject->found()->totalPx() <=> $other->subject->found()->totalPx());
    $first = array_key_first($clear);

    return [$first, ...range($first, count($shots)), ...range($first, -1)];
};

[$every, $most, $part, $parts] = array_map(intval(...), array_slice($argv, 1));
$planner = Planner::standard();
$turn = 0;
foreach ($kinds as $kind => [$own, $faults]) {
    foreach ($faults as $number => $fault) {
        // which of the mistakes goes round with the kind, so that each is tried on some
        $turn++;
        if ((intdiv($turn - 1, 4) + $number) % $every !== 0 || intdiv($turn - 1, $every) % $parts !== $part) {
            continue;
        }
        $seed = 21_000 + 31 * $turn;
        $shooting = Shooting::of($planner->plan(Documents::rushOf($own), Kit::fromArray(Documents::kit())), $seed, $number % 2 === 0 ? 24.0 : 8.0, ShootFault::tryFrom($fault ?? ''));
        $truth = new Truth($shooting);
        $darkroom = new Darkroom($shooting, $seed);
        $shots = array_slice($shooting->shots(), 0, $most);
        $judge = new Judge($truth->limitPx());
        $look = $first = null;
        $done = [];
        foreach ($order($truth, $shots, $shooting) as $frame) {
            if (! isset($shots[$frame]) || isset($done[$frame])) {
                // back to where it was touched
                if ($first !== null && $frame === array_key_first($done)) {
                    $look = new Look();
                    $look->after(JpegPicture::read($first[0]), $first[1]);
                }

                continue;
            }
            $done[$frame] = true;
            $shot = $shots[$frame];
            $file = $darkroom->develop($shot);
            if ($look === null) {
                $box = $shot->patch($shooting->film, $shooting->outline);
                $first = [$file, $box];
                $look = new Look($box);
            }
            $picture = JpegPicture::read($file);
            $looked = $look->look($picture, new FrameFacts());
            $judgement = $judge->of($looked->blur, $looked->sighting);
            [$true, $found] = [$shot->subject->found(), $judgement->blur->subject];
            echo json_encode([
                'kind' => $kind,
                'fault' => $fault,
                'frame' => $frame,
                'want' => $truth->verdict($shot)->value,
                'got' => $judgement->verdict->value,
                'limit' => $truth->limitPx(),
                'true' => [$true->isoPx, $true->motionPx, $true->motionDeg],
                'found' => $found === null ? null : [$found->isoPx, $found->motionPx, $found->motionDeg],
                'around' => $judgement->blur->around?->motionPx,
                'likeness' => $looked->sighting?->likeness,
                'megapixels' => $number % 2 === 0 ? 24 : 8,
            ]), "\n";
        }
    }
}
