<?php

declare(strict_types=1);

namespace App\Documents;

/** The schema files, each read once, and what a reference in them points to. */
final class Schemas
{
    public const PREFIX = 'rush-hold:/schemas/';

    /** @var array<string, \stdClass> by path */
    private static array $read = [];

    /** @param  string  $folder where the schema files lie */
    public function __construct(private readonly string $folder) {}

    /**
     * @param  string  $reference  "kit.json", "kit.json#/$defs/body", or either with the prefix of this product
     * @return ?array{\stdClass, \stdClass} the schema and the root of its file; null where there is none
     */
    public function find(string $reference): ?array
    {
        [$file, $part] = explode('#/$defs/', str_replace(self::PREFIX, '', $reference), 2) + [1 => ''];
        $path = $this->folder.'/'.$file;
        if (! isset(self::$read[$path])) {
            $root = is_file($path) ? json_decode((string) file_get_contents($path)) : null;
            if (! ($root instanceof \stdClass)) {
                return null;
            }
            self::$read[$path] = $root;
        }
        $root = self::$read[$path];

        return $part === '' ? [$root, $root] : self::part($root, $part);
    }

    /**
     * What a $ref stands for.
     *
     * @return ?array{\stdClass, \stdClass} the schema and the root of its file
     */
    public function follow(string $reference, \stdClass $root): ?array
    {
        return str_starts_with($reference, '#/$defs/')
            ? self::part($root, substr($reference, 8))
            : $this->find($reference);
    }

    /** @return ?array{\stdClass, \stdClass} */
    private static function part(\stdClass $root, string $name): ?array
    {
        $parts = $root->{'$defs'} ?? null;
        $found = $parts instanceof \stdClass ? $parts->{$name} ?? null : null;

        return $found instanceof \stdClass ? [$found, $root] : null;
    }
}
