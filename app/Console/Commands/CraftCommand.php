<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\SchemaChecker;
use Illuminate\Console\Command;
use RushHold\Faults\Fault;
use RushHold\Faults\FaultyDocument;
use RushHold\Faults\UnreadableDocument;
use Symfony\Component\Console\Output\OutputInterface;

/** A command that prints JSON on standard output; bad input ends with 2 and one line per fault on standard error. */
abstract class CraftCommand extends Command
{
    final public function handle(): int
    {
        try {
            $answer = $this->answer();
        } catch (FaultyDocument $faulty) {
            return $this->refuse($faulty->faults);
        } catch (Fault $fault) {
            return $this->refuse([$fault]);
        }
        $this->output->writeln(
            json_encode($answer, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Fault|FaultyDocument for bad input
     */
    abstract protected function answer(): array;

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

    /** @param  list<Fault>  $faults */
    private function refuse(array $faults): int
    {
        foreach ($faults as $fault) {
            $this->output->getErrorStyle()->writeln($fault->getMessage(), OutputInterface::OUTPUT_RAW);
        }

        return self::INVALID;
    }
}
