<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\SchemaChecker;
use Illuminate\Console\Command;
use RushHold\Faults\Fault;
use RushHold\Faults\FaultyDocument;
use RushHold\Faults\MissingField;
use RushHold\Faults\UnreadableDocument;
use RushHold\Kit\Kit;
use RushHold\Rush\Rush;
use Symfony\Component\Console\Output\OutputInterface;

/** A command that prints JSON on standard output; bad input ends with 2 and one line per fault on standard error. */
abstract class CraftCommand extends Command
{
    final public function handle(): int
    {
        try {
            $answer = $this->answer();
            foreach (is_array($answer) ? [$answer] : $answer as $line) {
                $this->output->writeln(
                    json_encode($line, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
                    OutputInterface::OUTPUT_RAW,
                );
            }
        } catch (FaultyDocument $faulty) {
            return $this->refuse($faulty->faults);
        } catch (Fault $fault) {
            return $this->refuse([$fault]);
        }

        return $this->exit();
    }

    /**
     * @return iterable<array<string, mixed>>|array<string, mixed> one object, or one a line as they come
     *
     * @throws Fault|FaultyDocument for bad input
     */
    abstract protected function answer(): iterable;

    /** How it ends once all has been printed. */
    protected function exit(): int
    {
        return self::SUCCESS;
    }

    protected function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    /**
     * A document from a file, or from standard input where it is called -.
     *
     * @return array{array<mixed>, list<Fault>}
     */
    protected function document(SchemaChecker $checker, string $file, string $schema): array
    {
        $what = $file === '-' ? 'Standard input' : $file;
        $json = @file_get_contents($file === '-' ? 'php://stdin' : $file);
        if ($json === false) {
            return [[], [UnreadableDocument::because($what, 'there is no such file, or it may not be read')]];
        }
        try {
            return [$checker->read($json, $schema, $what), []];
        } catch (FaultyDocument $faulty) {
            return [[], $faulty->faults];
        }
    }

    /**
     * A rush and a kit, each from its file.
     *
     * @return array{Rush, Kit}
     *
     * @throws Fault|FaultyDocument what is amiss in either
     */
    protected function rushAndKit(SchemaChecker $checker, string $rushFile, string $kitFile): array
    {
        if ($kitFile === '') {
            throw MissingField::named('--kit');
        }
        [$rush, $faults] = $this->document($checker, $rushFile, 'rush');
        [$kit, $more] = $this->document($checker, $kitFile, 'kit');
        $all = [...$faults, ...$more];
        if ($all !== []) {
            throw new FaultyDocument($all);
        }

        return [Rush::fromArray($rush), Kit::fromArray($kit)];
    }

    /** @param  list<Fault>  $faults */
    private function refuse(array $faults): int
    {
        foreach ($faults as $fault) {
            $this->output->getErrorStyle()->writeln($fault->getMessage(), OutputInterface::OUTPUT_RAW);
        }

        return self::INVALID;
    }
}
