<?php

declare(strict_types=1);

namespace Tests\Support;

/** What the server answered to a stranger. */
final readonly class Answer
{
    /** @param  float  $seconds  from sending to the last byte */
    public function __construct(
        public int $status,
        public string $body,
        public string $headers,
        public float $seconds,
    ) {}

    public function json(string $path): mixed
    {
        $at = json_decode($this->body, true);
        foreach (explode('.', $path) as $step) {
            $at = is_array($at) ? $at[$step] ?? null : null;
        }

        return $at;
    }

    /** The beginning of it, for a message. */
    public function head(): string
    {
        return mb_strcut($this->body, 0, 200);
    }
}
