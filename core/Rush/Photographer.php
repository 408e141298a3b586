<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Document\Reader;
use RushHold\Guard;
use RushHold\Motion\Skill;
use RushHold\Motion\Support;

/** Who holds the camera, how, and by which schools. */
final readonly class Photographer
{
    private function __construct(
        public Skill $skill,
        public Support $support,
        public bool $panning,
        public float $manualSkill,
        public Schools $schools,
    ) {}

    public static function read(Reader $photographer): self
    {
        return new self(
            $photographer->choice('skill', Skill::class),
            $photographer->choice('support', Support::class),
            $photographer->flag('panning'),
            Guard::between('photographer.manual_skill', $photographer->number('manual_skill'), 0.0, 1.0),
            Schools::read($photographer->inside('schools')),
        );
    }

    /** The same, panning with it. */
    public function panned(): self
    {
        return new self($this->skill, $this->support, true, $this->manualSkill, $this->schools);
    }

    /** The same but for what is given. */
    public function with(?Skill $skill = null, ?Support $support = null, ?Schools $schools = null): self
    {
        return new self(
            $skill ?? $this->skill,
            $support ?? $this->support,
            $this->panning,
            $this->manualSkill,
            $schools ?? $this->schools,
        );
    }
}
