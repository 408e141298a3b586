<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Document\Reader;

/** A button, stick or dial of a body or lens, and what it may be made to do. */
final readonly class Control
{
    /**
     * @param  float  $x  from the left of its face, 0 to 1
     * @param  float  $y  from the top of its face, 0 to 1
     * @param  bool  $withShutter  whether it can be held while the shutter is pressed
     * @param  bool  $gloves  whether it can be worked in gloves
     * @param  list<ControlUse>  $may
     * @param  list<BundlePart>  $carries  settings a bundle recalled by it may contain
     */
    private function __construct(
        public string $id,
        public string $name,
        public Face $face,
        public float $x,
        public float $y,
        public Finger $finger,
        public bool $withShutter,
        public bool $gloves,
        public array $may,
        public array $carries,
    ) {}

    public static function read(Reader $control): self
    {
        return new self(
            $control->text('id'),
            $control->text('name'),
            $control->choice('face', Face::class),
            $control->number('x'),
            $control->number('y'),
            $control->choice('finger', Finger::class),
            $control->flag('with_shutter'),
            $control->flag('gloves'),
            $control->choices('may', ControlUse::class),
            $control->choices('carries', BundlePart::class),
        );
    }

    public function can(ControlUse $use): bool
    {
        return in_array($use, $this->may, true);
    }

    public function canCarry(BundlePart $part): bool
    {
        return in_array($part, $this->carries, true);
    }

    /** Whether it can recall a hold while the shutter fires, with these hands. */
    public function canRecall(bool $inGloves): bool
    {
        return $this->can(ControlUse::Recall) && $this->withShutter && ($this->gloves || ! $inGloves);
    }
}
