<?php

declare(strict_types=1);

namespace App\Problems;

use App\Documents\SizeCheck;
use Illuminate\Http\JsonResponse;
use RushHold\Faults\Fault;

/** What went wrong, in the one shape the API has for it: schemas/problem.json, as application/problem+json. */
final readonly class Problem
{
    /** Bytes of faults in one answer. */
    private const LONGEST_FAULTS = 24_000;

    /**
     * @param  string  $type  short name of the kind of problem
     * @param  list<array{pointer: string, value: mixed, range: string, message: string}>  $faults
     * @param  array<string, mixed>  $more  further members, such as the current state on a conflict
     */
    public function __construct(
        public string $type,
        public int $status,
        public string $title,
        public string $detail,
        public array $faults = [],
        public array $more = [],
    ) {}

    /** @param  non-empty-list<Fault>  $faults */
    public static function ofFaults(array $faults, int $status = 422): self
    {
        return new self(
            'bad-input',
            $status,
            'Something in it is out of range',
            $faults[0]->getMessage(),
            self::few(
                array_map(
                    static fn (Fault $fault): array => [
                        'pointer' => $fault->pointer(),
                        'value' => $fault->told(),
                        'range' => $fault->range,
                        'message' => $fault->getMessage(),
                    ],
                    array_slice($faults, 0, SizeCheck::MOST_FAULTS),
                ),
            ),
        );
    }

    /**
     * As many faults as an answer of a few kilobytes holds, one at least.
     *
     * @param  list<array{pointer: string, value: mixed, range: string, message: string}>  $faults
     * @return list<array{pointer: string, value: mixed, range: string, message: string}>
     */
    private static function few(array $faults): array
    {
        $length = 0;
        foreach ($faults as $at => $fault) {
            $length += strlen((string) json_encode($fault, JSON_PARTIAL_OUTPUT_ON_ERROR));
            if ($at > 0 && $length > self::LONGEST_FAULTS) {
                return array_slice($faults, 0, $at);
            }
        }

        return $faults;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'type' => $this->type,
            'title' => $this->title,
            'status' => $this->status,
            'detail' => $this->detail,
            'faults' => $this->faults,
        ] + $this->more;
    }

    /** @param  array<string, string>  $headers */
    public function response(array $headers = []): JsonResponse
    {
        return new JsonResponse(
            $this->toArray(),
            $this->status,
            ['Content-Type' => 'application/problem+json'] + $headers,
        );
    }
}
