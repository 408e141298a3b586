<?php

declare(strict_types=1);

use RushHold\Kit\Kit;
use RushHold\Log\FrameFacts;
use RushHold\Sharpness\BlurFound;
use RushHold\Sharpness\Box;
use RushHold\Sharpness\Finder;
use RushHold\Sharpness\FrameBlur;
use RushHold\Sharpness\FrameVerdict;
use RushHold\Sharpness\Judge;
use RushHold\Sharpness\Luminance;
use RushHold\Sharpness\Picture;
use RushHold\Sharpness\Sighting;
use RushHold\Sharpness\Standard;
use RushHold\Shoot\Texture;
use RushHold\Wording\Frames\JudgementWords;
use Tests\Support\BlurKernel;
use Tests\Support\Documents;

/** A picture that is there as numbers. */
function drawn(Luminance $all): Picture
{
    return new class($all) implements Picture
    {
        public function __construct(private readonly Luminance $all) {}

        public function width(): int
        {
            return $this->all->width;
        }

        public function height(): int
        {
            return $this->all->height;
        }

        public function piece(int $left, int $top, int $width, int $height): Luminance
        {
            $left = max(0, min($left, $this->all->width - 1));
            $top = max(0, min($top, $this->all->height - 1));

            return $this->all->crop($left, $top, min($width, $this->all->width - $left), min($height, $this->all->height - $top));
        }

        public function eighth(): Luminance
        {
            return $this->all->halved()->halved()->halved();
        }
    };
}

function seen(?BlurFound $subject, ?BlurFound $around = null, int $bright = 200, float $burnt = 0.0): FrameBlur
{
    return new FrameBlur(new Box(100, 100, 50, 40), $subject, $around, null, 20, $bright, $burnt);
}

it('gives each frame its verdict', function (FrameBlur $blur, FrameVerdict $verdict, ?Sighting $sighting = null) {
    $judged = (new Judge(2.5))->of($blur, $sighting);
    expect($judged->verdict)->toBe($verdict)->and($judged->confidence)->toBeBetween(0.0, 1.0);
    // and says why, in two sentences at the most
    $why = (new JudgementWords(0.006))->why($judged);
    expect(count($why))->toBeBetween(1, 2)->and($why)->each->toEndWith('.');
})->with([
    'sharp' => [fn () => seen(new BlurFound(2.0, 0.0, 0.0)), FrameVerdict::Sharp],
    'sharp before a streak: panned' => [fn () => seen(new BlurFound(2.0, 0.0, 0.0), new BlurFound(3.0, 30.0, 4.0, 0.1, 0.3)), FrameVerdict::Panned],
    'a streak nobody is sure of' => [fn () => seen(new BlurFound(2.0, 0.0, 0.0), new BlurFound(3.0, 30.0, 4.0, 0.1, 0.01)), FrameVerdict::Sharp],
    'moved, and nothing behind' => [fn () => seen(new BlurFound(2.0, 9.0, 30.0)), FrameVerdict::Moved],
    'moved before what stands' => [fn () => seen(new BlurFound(2.0, 9.0, 30.0), new BlurFound(1.0, 0.0, 0.0)), FrameVerdict::Moved],
    'all moved alike: shaken' => [fn () => seen(new BlurFound(2.0, 9.0, 175.0), new BlurFound(1.0, 8.0, 5.0)), FrameVerdict::Shaken],
    'both moved, not alike' => [fn () => seen(new BlurFound(2.0, 9.0, 30.0), new BlurFound(1.0, 9.0, 100.0)), FrameVerdict::Moved],
    'under 3 px is no movement' => [fn () => seen(new BlurFound(1.0, 2.9, 30.0)), FrameVerdict::Soft],
    'more focus than movement' => [fn () => seen(new BlurFound(9.0, 5.0, 30.0)), FrameVerdict::Soft],
    'a line in wide blur is not believed' => [fn () => seen(new BlurFound(9.0, 12.0, 30.0, 0.1, 0.02)), FrameVerdict::Soft],
    'dark' => [fn () => seen(new BlurFound(1.0, 0.0, 0.0), bright: 40), FrameVerdict::Dark],
    'bright' => [fn () => seen(new BlurFound(1.0, 0.0, 0.0), bright: 255, burnt: 0.6), FrameVerdict::Bright],
    'nothing to see, where nobody knows it should be' => [fn () => seen(null), FrameVerdict::Unclear],
    'nothing left of it, but it is there' => [fn () => seen(null), FrameVerdict::Soft, new Sighting(1, 1, 0.9)],
    'not found again' => [fn () => seen(new BlurFound(1.0, 0.0, 0.0)), FrameVerdict::Out, new Sighting(1, 1, 0.2)],
]);

it('is the less sure the nearer the next verdict lies', function () {
    $sure = static fn (float $px): float => (new Judge(2.5))->of(seen(new BlurFound($px, 0.0, 0.0)))->confidence;
    expect($sure(0.5))->toBeGreaterThan($sure(2.0))->and($sure(2.0))->toBeGreaterThan($sure(2.49))->and($sure(2.5))->toEqualWithDelta(0.5, 1e-6);
});

it('takes the floor of a body away, and says so', function () {
    $judged = (new Judge(2.5, 2.0))->of(seen(new BlurFound(3.0, 0.0, 0.0)));
    expect($judged)
        ->verdict->toBe(FrameVerdict::Sharp)
        ->totalPx->toBeTo(sqrt(5));
    expect((new JudgementWords(null))->why($judged)[0])->toBe(
        'The subject is blurred by 3.0 px, 2.0 px of it this body’s own; the standard allows 2.5 px.',
    );
    expect(Standard::ofFile(new FrameFacts(), 6000, 4000)->over(0.4)->floorPx)->toBe(0.4);
});

it('knows how much blur a file may have, with its sensor and without', function () {
    $kit = Kit::fromArray(Documents::kit());
    $known = Standard::of($kit, 0.015, 6000, 4000);
    expect($known->pitchMm)->toBeTo(0.006)->and($known->limitPx)->toBeTo(2.5);
    // turned, the long side is still the sensor's
    expect(Standard::of($kit, 0.015, 4000, 6000))->toEqual($known);
    $file = Standard::ofFile(new FrameFacts(), 6000, 4000);
    expect(Standard::ofFile(new FrameFacts(), 1500, 1000)->limitPx)->toBe(2.0);
    expect($file->limitPx)->toEqualWithDelta(2.5, 0.001)->and($file->pitchMm)->toBeNull();
    expect(Standard::ofFile(new FrameFacts(focalMm: 300.0, focalIn35Mm: 450.0), 6000, 4000)->pitchMm)->toEqualWithDelta(0.004, 1e-5);
});

it('tells the words of widths in pixels where nobody knows the sensor', function () {
    $judged = (new Judge(2.5))->of(seen(new BlurFound(0.4, 0.0, 0.0)));
    expect((new JudgementWords(null))->why($judged))->toBe(['The subject is blurred by less than 1 px; the standard allows 2.5 px.']);
    expect((new JudgementWords(0.004))->why((new Judge(2.5))->of(seen(new BlurFound(8.0, 0.0, 0.0)))))->toBe([
        'The subject is blurred by 8.0 px (32 µm); the standard allows 2.5 px (10 µm).',
        'It is blurred alike in all directions, and nothing else is sharp: missed, or the air.',
    ]);
});

it('sees what is sharp instead, and where', function () {
    $soft = BlurKernel::disc(11.0)->blur(Texture::leaves(900, 600, 3, 3.0, 60.0));
    $sharp = Texture::leaves(900, 600, 4, 3.0, 60.0);
    // the lower third is sharp
    $values = [...array_slice($soft->values, 0, 900 * 400), ...array_slice($sharp->values, 900 * 400)];
    $blur = FrameBlur::of(drawn(Luminance::of(900, 600, $values)), new Box(380, 90, 160, 160));
    $judged = (new Judge(2.5))->of($blur);
    expect($judged->verdict)->toBe(FrameVerdict::Elsewhere)->and((new JudgementWords(null))->why($judged)[1])->toBe('What lies below it is sharp.');
    expect((new Judge(2.5))->of(FrameBlur::of(drawn($soft), new Box(380, 90, 160, 160)))->verdict)->toBe(FrameVerdict::Soft);
});

it('finds a subject again in the next frame, nearer by and elsewhere', function () {
    $behind = BlurKernel::disc(14.0)->blur(Texture::leaves(960, 640, 8, 6.0, 90.0));
    $put = static function (int $left, int $top, Luminance $subject) use ($behind): Luminance {
        $values = $behind->values;
        foreach ($subject->values as $at => $value) {
            $values[($top + intdiv($at, $subject->width)) * 960 + $left + ($at % $subject->width)] = $value;
        }

        return drawn(Luminance::of(960, 640, $values))->eighth();
    };
    $subject = Texture::leaves(200, 120, 9, 5.0, 60.0);
    $finder = Finder::of($put(300, 200, $subject), new Box(320, 220, 160, 80));
    [$box, $sighting] = $finder->find($put(420, 328, $subject));
    expect($sighting->isSure())->toBeTrue()->and([$box->x, $box->y])->toBe([440, 348]);
    [$box, $sighting] = $finder->find($put(420, 328, $subject->scaled(1.3)));
    expect($sighting->isSure())->toBeTrue()->and($box->width)->toBeGreaterThan(175)->and(abs($box->x - 446))->toBeLessThan(17);
    // gone
    $sky = Luminance::of(960, 640, array_map(static fn (float|int $one): float => 150 + 0.1 * $one, $behind->values));
    [, $sighting] = $finder->find(drawn($sky)->eighth());
    expect($sighting->isSure())->toBeFalse();
    expect(Finder::of(Luminance::of(60, 40, array_fill(0, 2400, 90)), new Box(0, 0, 80, 80)))->toBeNull();
});

it('keeps boxes inside a picture', function () {
    $box = new Box(-20, 90, 50, 40);
    expect($box->inside(100, 100)->toArray())
        ->toBe(['x' => 0, 'y' => 60, 'width' => 50, 'height' => 40])
        ->and((new Box(0, 0, 300, 20))->inside(100, 100)->toArray())
        ->toBe(['x' => 0, 'y' => 0, 'width' => 100, 'height' => 20])
        ->and((new Box(10, 10, 20, 4))->between(8, 16)->toArray())
        ->toBe(['x' => 12, 'y' => 8, 'width' => 16, 'height' => 8])
        ->and((new Box(10, 10, 20, 40))->grown(2)->toArray())
        ->toBe(['x' => 0, 'y' => -10, 'width' => 40, 'height' => 80]);
});
