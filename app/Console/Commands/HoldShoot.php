<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\SchemaChecker;
use App\Shoot\FrameFolder;
use RushHold\Faults\MissingField;
use RushHold\Faults\NumberOutOfRange;
use RushHold\Faults\UnknownChoice;
use RushHold\Planning\Planner;
use RushHold\Shoot\ShootFault;
use RushHold\Shoot\Shooting;

/** The simulated camera: takes the frames of one rehearsed pass, and says what is true of each. */
final class HoldShoot extends CraftCommand
{
    use Quickly;

    /** Fewest and most million pixels a frame may have. */
    private const MEGAPIXELS = [1.0, 50.0];

    protected $signature = 'hold:shoot {rush : File with a rush/1 document, - for standard input}
        {--kit= : File with a kit/1 document}
        {--seed=1 : Which pass; the same seed gives the same frames}
        {--out= : Folder for the frames and truth.json; it is made where there is none}
        {--fault= : A mistake to make: single, tuning, shutter, obstacle, shaken, out or dark}
        {--megapixels=24 : Million pixels of a frame}
        {--at=2026-05-23T05:40:00+01:00 : When the pass begins, by the camera\'s clock}
        {--subject-area : Write into each file where the subject is}';

    protected $description = 'Takes the frames of one rehearsed pass as JPEGs, with truth.json beside them';

    public function __construct(private readonly SchemaChecker $checker, private readonly Planner $planner)
    {
        parent::__construct();
    }

    protected function answer(): array
    {
        $this->beginAnew();
        if ($this->text($this->option('out')) === '') {
            throw MissingField::named('--out');
        }
        [$rush, $kit] = $this->rushAndKit(
            $this->checker,
            $this->text($this->argument('rush')),
            $this->text($this->option('kit')),
        );
        $seed = (int) $this->number('seed', 0, 1_000_000);
        $fault = $this->fault();
        $shooting = Shooting::of(
            $this->planner->plan($rush, $kit),
            $seed,
            $this->number('megapixels', ...self::MEGAPIXELS),
            $fault,
        );
        $folder = $this->text($this->option('out'));
        if (! is_dir($folder) && ! @mkdir($folder, 0o755, true)) {
            throw UnknownChoice::of('--out', $folder, ['a folder that can be made']);
        }
        $bar = $this->output->getErrorStyle()->createProgressBar();
        $tellsSubject = $this->option('subject-area') === true;
        $truth = (new FrameFolder($shooting, $seed, $fault, $this->begins(), $tellsSubject))->write(
            $folder,
            static function (int $there, int $all) use ($bar): void {
                $bar->setMaxSteps($all);
                $bar->setProgress($there);
            },
        );
        $bar->clear();
        /** @var list<array{verdict: string}> $frames */
        $frames = $truth['frames'];

        return [
            'out' => $folder,
            'frames' => count($frames),
            'verdicts' => array_count_values(array_column($frames, 'verdict')),
        ];
    }

    private function fault(): ?ShootFault
    {
        $named = $this->text($this->option('fault'));

        return $named === ''
            ? null
            : ShootFault::tryFrom($named) ??
                throw UnknownChoice::of('--fault', $named, array_column(ShootFault::cases(), 'value'));
    }

    private function number(string $option, float $least, float $most): float
    {
        $text = $this->text($this->option($option));
        if (! is_numeric($text)) {
            throw UnknownChoice::of("--{$option}", $text, ["a number from {$least} to {$most}"]);
        }
        $number = (float) $text;

        return $number >= $least && $number <= $most
            ? $number
            : throw NumberOutOfRange::of("--{$option}", $number, $least, $most);
    }

    private function begins(): \DateTimeImmutable
    {
        $text = $this->text($this->option('at'));
        $at = \DateTimeImmutable::createFromFormat('Y-m-d\TH:i:sP', $text);

        return $at !== false ? $at : throw UnknownChoice::of('--at', $text, ['a moment such as 2026-05-23T05:40:00+01:00']);
    }
}
