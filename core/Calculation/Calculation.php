<?php

declare(strict_types=1);

namespace RushHold\Calculation;

use RushHold\Faults\Fault;
use RushHold\Faults\FaultyDocument;
use RushHold\Faults\MissingField;
use RushHold\Faults\UnknownField;

/** One named formula with the numbers it takes and gives; the names are those of docs/model.md. */
final readonly class Calculation
{
    /**
     * @param  list<Input>  $inputs
     * @param  \Closure(array<string, float>): array<string, float>  $formula  infinite results become null
     */
    public function __construct(public string $name, public array $inputs, private \Closure $formula) {}

    /**
     * @param  array<mixed>  $given
     * @return array<string, ?float> null where the result is infinite
     *
     * @throws FaultyDocument with every fault of the input at once
     */
    public function of(array $given): array
    {
        $values = $this->read($given);
        try {
            $found = ($this->formula)($values);
        } catch (Fault $fault) {
            throw new FaultyDocument([$fault]);
        }

        return array_map(static fn (float $number): ?float => is_finite($number) ? $number : null, $found);
    }

    /**
     * @param  array<mixed>  $given
     * @return array<string, float>
     */
    private function read(array $given): array
    {
        $names = array_map(static fn (Input $input): string => $input->name, $this->inputs);
        $faults = array_map(
            static fn (int|string $name): Fault => UnknownField::named((string) $name, $names),
            array_values(array_diff(array_keys($given), $names)),
        );
        $values = [];
        foreach ($this->inputs as $input) {
            try {
                $values[$input->name] = array_key_exists($input->name, $given)
                    ? $input->read($given[$input->name])
                    : throw MissingField::named($input->name);
            } catch (Fault $fault) {
                $faults[] = $fault;
            }
        }

        return $faults === [] ? $values : throw new FaultyDocument($faults);
    }
}
