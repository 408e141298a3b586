<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Document\Reader;
use RushHold\Guard;
use RushHold\Optics\ThinLens;

/** A body, a lens and a converter in use together ("kit/1"). */
final readonly class Kit
{
    private function __construct(public Body $body, public Lens $lens, public float $converter) {}

    /**
     * @param  array<mixed>  $document  a kit/1 document
     *
     * @throws \RushHold\Faults\Fault naming the first field that is amiss
     */
    public static function fromArray(array $document): self
    {
        $kit = Reader::of($document);

        $body = Body::read($kit->inside('body'));
        $lens = Lens::read($kit->inside('lens'));
        $converter = Guard::between('converter', $kit->number('converter'), 1.0, 4.0);

        return new self($body->through($lens->longF * $converter), $lens, $converter);
    }

    /** The same kit with the zoom set to this focal length, in mm as marked on the lens. */
    public function at(float $focalMm): self
    {
        return new self($this->body, $this->lens->at($focalMm), $this->converter);
    }

    /** The same kit without its converter. */
    public function without(): self
    {
        return new self($this->body, $this->lens, 1.0);
    }

    /** The same kit with the camera held so. */
    public function held(Orientation $orientation): self
    {
        return new self($this->body->held($orientation), $this->lens, $this->converter);
    }

    /** Focal length in mm with the converter: f ← k·f. */
    public function focalMm(): float
    {
        return $this->lens->focalMm * $this->converter;
    }

    /** Widest f-number with the converter: N ← k·N. */
    public function widestF(): float
    {
        return $this->lens->widestF * $this->converter;
    }

    public function optic(): ThinLens
    {
        return ThinLens::ofFocalLength($this->focalMm());
    }
}
