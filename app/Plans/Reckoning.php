<?php

declare(strict_types=1);

namespace App\Plans;

use App\Problems\ProblemException;
use Psr\Log\LoggerInterface;
use RushHold\Faults\CannotBeReckoned;
use RushHold\Faults\Fault;
use RushHold\Faults\FaultyDocument;

/**
 * The edge of the craft: whatever is reckoned for somebody passes here. What the craft did not foresee, and a number that is none,
 * become a fault that can be told, and are written down with all they were reckoned from.
 */
final readonly class Reckoning
{
    public function __construct(private LoggerInterface $log) {}

    /**
     * @template T
     *
     * @param  string  $what  as in "The plan"
     * @param  array<string, mixed>  $from  what it is reckoned from
     * @param  \Closure(): T  $reckon
     * @return T
     *
     * @throws Fault|FaultyDocument
     */
    public function of(string $what, array $from, \Closure $reckon): mixed
    {
        try {
            return $reckon();
        } catch (Fault|FaultyDocument|ProblemException|\PDOException $told) {
            throw $told;
        } catch (\Throwable $unforeseen) {
            $this->log->error($what.' was not foreseen: '.$unforeseen->getMessage(), [
                'at' => $unforeseen->getFile().':'.$unforeseen->getLine(),
                'from' => mb_strcut((string) json_encode($from, JSON_PARTIAL_OUTPUT_ON_ERROR), 0, 4000),
            ]);
            throw CannotBeReckoned::from($what);
        }
    }

    /**
     * The same for what is sent as it is: JSON text, in which every number is one.
     *
     * @param  array<string, mixed>  $from
     * @param  \Closure(): array<string, mixed>  $reckon
     *
     * @throws Fault|FaultyDocument
     */
    public function json(string $what, array $from, \Closure $reckon): string
    {
        return $this->of($what, $from, static fn (): string => json_encode($reckon(), JSON_THROW_ON_ERROR));
    }
}
