<?php

declare(strict_types=1);

namespace App\OpenApi;

use App\Documents\Schemas;

/** Writes the API as OpenAPI 3.1, from its operations and the schemas they name. */
final readonly class Document
{
    /** @param  string  $folder  where the schema files lie */
    public function __construct(private string $folder) {}

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $paths = [];
        foreach (Operations::all() as $name => $operation) {
            [$verb, $address] = explode(' ', $name, 2);
            $paths['/'.$address][strtolower($verb)] = $this->operation($name, $address, $operation);
        }

        return [
            'openapi' => '3.1.0',
            'info' => [
                'title' => 'Rush Hold',
                'version' => '1',
                'description' => 'Rushes, holds and what they rest on. Every failure is application/problem+json. A key for a program of your own is made in Settings; it may read, or read and write.',
            ],
            'servers' => [['url' => '/api']],
            'paths' => $paths,
            'components' => [
                'securitySchemes' => [
                    'key' => [
                        'type' => 'http',
                        'scheme' => 'bearer',
                        'description' => 'A key made in Settings, with the scope read or write.',
                    ],
                    'session' => [
                        'type' => 'apiKey',
                        'in' => 'cookie',
                        'name' => 'rush_hold_session',
                        'description' => 'Somebody at a page of this very site.',
                    ],
                ],
                'schemas' => $this->schemas(),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function operation(string $name, string $address, Operation $operation): array
    {
        preg_match_all('/\{(\w+)\}/', $address, $found);
        $parameters = array_map(
            static fn (string $one): array => [
                'name' => $one,
                'in' => 'path',
                'required' => true,
                'description' => Operations::parameter($one),
                'schema' => ['type' => 'string'],
            ],
            $found[1],
        );
        foreach ($operation->query as $one => $meaning) {
            $parameters[] = [
                'name' => $one,
                'in' => 'query',
                'required' => false,
                'description' => $meaning,
                'schema' => ['type' => 'string'],
            ];
        }

        return array_filter([
            'operationId' => trim((string) preg_replace('/[^a-z0-9]+/i', '-', strtolower($name)), '-'),
            'summary' => $operation->summary,
            'security' => $operation->scope === null
                    ? [['session' => []]]
                    : [['session' => []], ['key' => [$operation->scope->value]]],
            'parameters' => $parameters,
            'requestBody' => $operation->isFile
                ? ['required' => true, 'content' => ['application/octet-stream' => ['schema' => (object) []]]]
                : ($operation->body === []
                    ? null
                    : [
                        'required' => true,
                        'content' => ['application/json' => ['schema' => self::named($this->body($operation->body))]],
                    ]),
            'responses' => [
                (string) $operation->status => $this->answer($operation->answer),
                ...$operation->orNothing ? ['204' => ['description' => 'The rush has no plan just now.']] : [],
                'default' => [
                    'description' => 'What went wrong.',
                    'content' => [
                        'application/problem+json' => ['schema' => ['$ref' => '#/components/schemas/problem']],
                    ],
                ],
            ],
        ]);
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private function body(array $fields): array
    {
        $names = array_map(static fn (string $name): string => rtrim($name, '?'), array_keys($fields));

        return array_filter([
            'type' => 'object',
            'properties' => array_combine($names, $fields),
            'required' => array_values(
                array_filter(array_keys($fields), static fn (string $name): bool => ! str_ends_with($name, '?')),
            ),
        ]);
    }

    /** @return array<string, mixed> */
    private function answer(?string $answer): array
    {
        return match (true) {
            $answer === null => ['description' => 'Done.'],
            str_contains($answer, '/') => [
                'description' => 'The file.',
                'content' => [$answer => ['schema' => (object) []]],
            ],
            default => [
                'description' => 'The answer.',
                'content' => ['application/json' => ['schema' => ['$ref' => '#/components/schemas/'.$answer]]],
            ],
        };
    }

    /** @return array<string, mixed> every schema file and every definition in one, by name */
    private function schemas(): array
    {
        $all = [];
        foreach (glob($this->folder.'/*.json') ?: [] as $path) {
            $file = basename($path, '.json');
            /** @var array<string, mixed> $schema */
            $schema = json_decode((string) file_get_contents($path), true);
            $parts = is_array($schema['$defs'] ?? null) ? $schema['$defs'] : [];
            $whole = array_diff_key($schema, ['$schema' => 1, '$id' => 1, '$defs' => 1]);
            if (isset($whole['type']) || isset($whole['anyOf'])) {
                $all[$file] = self::named($whole, $file);
            }
            foreach ($parts as $name => $part) {
                $all[self::component($file, (string) $name)] = self::named(is_array($part) ? $part : [], $file);
            }
        }
        ksort($all);

        return $all;
    }

    /** A definition of answers.json has its own name, one of another file that of the file before it. */
    private static function component(string $file, string $part): string
    {
        return $file === 'answers' ? $part : $file.'.'.$part;
    }

    /**
     * A schema whose references lead to the components of this document.
     *
     * @param  array<mixed>  $schema
     * @param  string  $file  the file it stands in
     * @return array<mixed>
     */
    private static function named(array $schema, string $file = ''): array
    {
        $named = [];
        foreach ($schema as $key => $value) {
            if ($key === '$ref' && is_string($value)) {
                [$of, $part] = explode('#/$defs/', str_replace(Schemas::PREFIX, '', $value), 2) + [1 => ''];
                $of = $of === '' ? $file : basename($of, '.json');
                $value = '#/components/schemas/'.($part === '' ? $of : self::component($of, $part));
            } elseif (is_array($value)) {
                // an empty list of names is an empty object where properties are meant
                $value =
                    $value === [] && in_array($key, ['properties', 'items', 'additionalProperties'], true)
                        ? (object) []
                        : self::named($value, $file);
            }
            $named[$key] = $value;
        }

        return $named;
    }
}
