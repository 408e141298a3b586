<?php

declare(strict_types=1);

namespace App\Kits;

use App\Documents\SchemaChecker;
use RushHold\Dialect\BodyProfile;
use RushHold\Document\Reader;
use RushHold\Faults\Fault;
use RushHold\Faults\FaultyDocument;
use RushHold\Faults\HiddenCharacters;
use RushHold\Kit\Care;
use RushHold\Kit\Lens;

/** Holds what somebody writes about a piece of kit against kit/1 and against the craft. */
final readonly class GearDocuments
{
    public function __construct(private SchemaChecker $checker) {}

    /**
     * @param  string  $type  one of {@see Gear::TYPES}
     * @param  string  $under  path of the document inside what was sent
     *
     * @throws Fault|FaultyDocument naming what is amiss
     */
    public function check(\stdClass $document, string $type, string $under = 'document'): void
    {
        HiddenCharacters::refuse($document, $under);
        $checked = $this->checker->check($document, 'kit.json#/$defs/'.$type, $under);
        match ($type) {
            'body' => BodyProfile::read($checked),
            'lens' => [Lens::read(Reader::of($checked, 'lens')), Care::read(Reader::of($checked, 'lens'))],
            default => Care::read(Reader::of($checked, $type)),
        };
    }
}
