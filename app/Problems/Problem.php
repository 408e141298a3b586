<?php

declare(strict_types=1);

namespace App\Problems;

use Illuminate\Http\JsonResponse;
use RushHold\Faults\Fault;

/** What went wrong, in the one shape the API has for it: schemas/problem.json, as application/problem+json. */
final readonly class Problem
{
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
        return new self('bad-input', $status, 'Something in it is out of range', $faults[0]->getMessage(), array_map(static fn (Fault $fault): array => [
            'pointer' => $fault->pointer(), 'value' => is_float($fault->value) && ! is_finite($fault->value) ? null : $fault->value,
            'range' => $fault->range, 'message' => $fault->getMessage(),
        ], $faults));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['type' => $this->type, 'title' => $this->title, 'status' => $this->status, 'detail' => $this->detail, 'faults' => $this->faults] + $this->more;
    }

    /** @param  array<string, string>  $headers */
    public function response(array $headers = []): JsonResponse
    {
        return new JsonResponse($this->toArray(), $this->status, ['Content-Type' => 'application/problem+json'] + $headers);
    }
}
