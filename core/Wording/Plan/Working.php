<?php

declare(strict_types=1);

namespace RushHold\Wording\Plan;

/** How one figure was reached: the formula, what went in, where each number came from. */
final readonly class Working
{
    /**
     * @param  string  $figure  path of the figure, "blur_mm.motion"
     * @param  list<array{symbol: string, name: string, value: float|string|null, unit: string, origin: string, assumption: ?string}>  $inputs
     * @param  string  $source  where the formula is from
     */
    public function __construct(
        public string $figure,
        public string $title,
        public string $formula,
        public array $inputs,
        public float|string|null $result,
        public string $unit,
        public string $source,
    ) {}

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'figure' => $this->figure,
            'title' => $this->title,
            'formula' => $this->formula,
            'inputs' => $this->inputs,
            'result' => is_float($this->result) && ! is_finite($this->result) ? null : $this->result,
            'unit' => $this->unit,
            'source' => $this->source,
        ];
    }
}
