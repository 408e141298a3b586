<?php

declare(strict_types=1);

namespace App\Shoot;

use App\Images\ExifWriter;
use RushHold\Log\FrameFacts;
use RushHold\Sharpness\BlurFound;
use RushHold\Shoot\ShootFault;
use RushHold\Shoot\Shooting;
use RushHold\Shoot\Shot;
use RushHold\Shoot\Truth;

/** Writes the frames of a simulated pass into a folder, and beside them what is true of each. */
final readonly class FrameFolder
{
    private const NAME = 'R%04d.jpg';

    private Darkroom $darkroom;

    /**
     * @param  \DateTimeImmutable  $begins  when the pass begins, by the camera's clock
     * @param  bool  $tellsSubject  whether the files say where the subject is
     * @param  ?string  $body  what the files call the body; by its sensor when null
     * @param  ?string  $lens  what they call the lens; by its length when null
     */
    public function __construct(
        private Shooting $shooting,
        private int $seed,
        private ?ShootFault $fault,
        private \DateTimeImmutable $begins,
        private bool $tellsSubject,
        private ?string $body = null,
        private ?string $lens = null,
    ) {
        $this->darkroom = new Darkroom($shooting, $seed);
    }

    /** One frame as the camera would write it: a JPEG with EXIF. */
    public function file(Shot $shot): string
    {
        return ExifWriter::into($this->darkroom->develop($shot), $this->facts($shot));
    }

    public static function name(Shot $shot): string
    {
        return sprintf(self::NAME, $shot->number + 1);
    }

    /**
     * @param  \Closure(int, int): void  $tell  how many frames of how many are there
     * @return array<string, mixed> what stands in truth.json
     */
    public function write(string $folder, \Closure $tell): array
    {
        $truth = new Truth($this->shooting);
        $shots = $this->shooting->shots();
        $frames = [];
        foreach ($shots as $shot) {
            $name = self::name($shot);
            $this->put($folder.'/'.$name, ExifWriter::into($this->darkroom->develop($shot), $this->facts($shot)));
            $frames[] = ['file' => $name] + $this->told($shot, $truth);
            $tell(count($frames), count($shots));
        }
        $film = $this->shooting->film;
        $document = [
            'seed' => $this->seed,
            'fault' => $this->fault?->value,
            'width' => $film->width,
            'height' => $film->height,
            'pitch_um' => 1000 * $film->pitchMm,
            'limit_px' => $truth->limitPx(),
            'hold' => $this->shooting->hold->toArray(),
            'frames' => $frames,
        ];
        $this->put(
            $folder.'/truth.json',
            json_encode($document, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES)."\n",
        );

        return $document;
    }

    private function put(string $file, string $bytes): void
    {
        if (@file_put_contents($file, $bytes) !== strlen($bytes)) {
            throw new \RuntimeException("{$file} cannot be written.");
        }
    }

    private function facts(Shot $shot): FrameFacts
    {
        $kit = $this->shooting->plan->situation->kit;
        $sensor = $kit->body->sensor;
        $optic = $this->shooting->plan->situation->optic;
        $hold = $this->shooting->hold;
        $at = $this->begins->modify(sprintf('+%d microseconds', (int) round(1e6 * $shot->frame->atS)));

        return new FrameFacts(
            takenAt: $at->format('Y-m-d\TH:i:s.v'),
            offset: $at->format('P'),
            shutterS: $hold->shutterS,
            fNumber: $hold->fNumber,
            iso: $hold->iso,
            focalMm: $optic->focalMm,
            focalIn35Mm: ($optic->focalMm * 43.2666) / $sensor->diagonalMm(),
            distanceM: $shot->frame->focusM < 10_000 ? $shot->frame->focusM : null,
            subject: $this->tellsSubject
                ? $shot->patch($this->shooting->film, $this->shooting->outline)?->toArray()
                : null,
            body: $this->body ?? sprintf('Simulated body %g × %g mm', $sensor->widthMm, $sensor->heightMm),
            sensorWidthMm: $sensor->widthMm,
            lensRange: [
                'least_mm' => $kit->lens->focalMinMm * $kit->converter,
                'most_mm' => $kit->lens->focalMaxMm * $kit->converter,
                'widest_f' => $kit->lens->shortF * $kit->converter,
                'widest_long_f' => $kit->lens->longF * $kit->converter,
            ],
            lens: $this->lens ?? sprintf('Simulated lens %g mm f/%g', $optic->focalMm, round($kit->widestF(), 1)),
        );
    }

    /** @return array<string, mixed> */
    private function told(Shot $shot, Truth $truth): array
    {
        [$film, $outline] = [$this->shooting->film, $this->shooting->outline];

        return [
            'verdict' => $truth->verdict($shot)->value,
            'blur' => self::blur($shot->subject->found()),
            'around' => self::blur($shot->around->found()),
            'subject' => $shot->box($film, $outline)?->toArray(),
            'patch' => $shot->patch($film, $outline)?->toArray(),
            'stops' => $shot->stops,
            'pass' => $shot->frame->toArray(),
        ];
    }

    /** @return array<string, float> */
    private static function blur(BlurFound $blur): array
    {
        return [
            'iso_px' => $blur->isoPx,
            'motion_px' => $blur->motionPx,
            'motion_deg' => $blur->motionDeg,
            'total_px' => $blur->totalPx(),
        ];
    }
}
