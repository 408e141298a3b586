<?php

declare(strict_types=1);

namespace App\OpenApi;

/** One thing the API can be asked: what for, what is sent, what comes back, and what a key must be allowed for it. */
final readonly class Operation
{
    /**
     * @param  ?string  $answer  a definition of schemas/answers.json, another schema file, or a media type as in "application/pdf"; null for an empty answer
     * @param  array<string, mixed>  $body  JSON Schemas of the fields that are sent, by name; those ending in ? need not be
     * @param  ?Scope  $scope  null where only somebody at a page may ask, or where the table it is asked of says so: {@see \App\Owned\OwnedTable}
     * @param  int  $status  of a good answer
     * @param  array<string, string>  $query  what each parameter after ? is for
     * @param  bool  $orNothing  whether it is asked for in the background while a rush goes on being changed: 204 where that has no plan
     * @param  bool  $reckons  whether what is sent only tells what to reckon, and nothing is different afterwards
     * @param  bool  $isFile  whether the body is a file as it is, instead of fields
     */
    public function __construct(
        public string $summary,
        public ?string $answer,
        public array $body = [],
        public ?Scope $scope = null,
        public int $status = 200,
        public array $query = [],
        public bool $isFile = false,
        public bool $orNothing = false,
        public bool $reckons = false,
    ) {}

    /** The same under a scope. */
    public function under(?Scope $scope): self
    {
        return new self(...['scope' => $scope] + get_object_vars($this));
    }
}
