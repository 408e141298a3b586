<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\SchemaChecker;
use App\Images\RawPreview;
use App\Images\UnreadablePicture;
use App\Log\Frames\FrameStandard;
use App\Log\Intake\Look;
use RushHold\Faults\Fault;
use RushHold\Faults\FaultyDocument;
use RushHold\Faults\MissingField;
use RushHold\Faults\UnknownChoice;
use RushHold\Planning\Plan;
use RushHold\Planning\Planner;
use RushHold\Sharpness\Box;

/** Measures and judges frames; several files are looked at as one burst. */
final class HoldLook extends CraftCommand
{
    use Quickly;

    /** Largest file, in bytes. */
    private const LARGEST = 200_000_000;

    protected $signature = 'hold:look {file* : JPEGs or raw files, one burst}
        {--subject= : Where the subject is in the first, as x,y,w,h in pixels of the file}
        {--rush= : File with the rush/1 document it was taken for}
        {--kit= : File with the kit/1 document it was taken with}';

    protected $description = 'Measures how sharp frames are and why not, one JSON object a line';

    private bool $anyRead = false;

    public function __construct(
        private readonly SchemaChecker $checker,
        private readonly Planner $planner,
        private readonly RawPreview $raws,
    ) {
        parent::__construct();
    }

    protected function answer(): iterable
    {
        $this->beginAnew();
        $plan = $this->plan();
        $look = new Look($this->touched(), $plan?->hold->place);
        /** @var list<string> $files */
        $files = $this->argument('file');
        foreach ($files as $file) {
            yield ['file' => $file] + $this->looked($look, $plan, $file);
        }
    }

    protected function exit(): int
    {
        return $this->anyRead ? self::SUCCESS : self::INVALID;
    }

    /** @return array<string, mixed> */
    private function looked(Look $look, ?Plan $plan, string $file): array
    {
        try {
            $looked = $look->at($this->raws->jpeg(self::bytes($file)));
            $this->anyRead = true;

            return $looked->told(FrameStandard::of($looked->facts, $looked->width, $looked->height, $plan));
        } catch (UnreadablePicture $unreadable) {
            return ['fault' => $unreadable->getMessage()];
        }
    }

    /** @throws UnreadablePicture */
    private static function bytes(string $file): string
    {
        if (! is_file($file)) {
            throw UnreadablePicture::absent();
        }
        if ((int) @filesize($file) > self::LARGEST) {
            throw UnreadablePicture::heavier(self::LARGEST);
        }
        $bytes = @file_get_contents($file);

        return $bytes === false ? throw UnreadablePicture::absent() : $bytes;
    }

    private function touched(): ?Box
    {
        $text = $this->text($this->option('subject'));
        if ($text === '') {
            return null;
        }
        if (preg_match('/^(\d{1,6}),(\d{1,6}),([1-9]\d{0,5}),([1-9]\d{0,5})$/', $text, $of) !== 1) {
            throw UnknownChoice::of('--subject', $text, ['x,y,w,h in whole pixels']);
        }

        return new Box((int) $of[1], (int) $of[2], (int) $of[3], (int) $of[4]);
    }

    /** @throws Fault|FaultyDocument */
    private function plan(): ?Plan
    {
        [$rush, $kit] = [$this->text($this->option('rush')), $this->text($this->option('kit'))];
        if ($rush === '' && $kit === '') {
            return null;
        }
        if ($rush === '') {
            throw MissingField::named('--rush');
        }

        return $this->planner->plan(...$this->rushAndKit($this->checker, $rush, $kit));
    }
}
