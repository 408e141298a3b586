<?php

declare(strict_types=1);

namespace App\Documents;

use Opis\JsonSchema\CompliantValidator;
use Opis\JsonSchema\Errors\ValidationError;
use RushHold\Document\Reader;
use RushHold\Faults\Fault;
use RushHold\Faults\FaultyDocument;
use RushHold\Faults\MissingField;
use RushHold\Faults\NestedTooDeep;
use RushHold\Faults\NumberOutOfRange;
use RushHold\Faults\TextOutOfBounds;
use RushHold\Faults\UnknownChoice;
use RushHold\Faults\UnknownField;
use RushHold\Faults\UnreadableDocument;
use RushHold\Faults\WrongType;

/** Holds documents against the published JSON Schemas and tells every fault in the photographer's terms. */
final class SchemaChecker
{
    /** Deepest nesting of a document that is read. */
    public const DEEPEST = 32;

    private const NAMES = [
        'rush',
        'kit',
        'hold',
        'plan',
        'problem',
        'kit-file',
        'layout',
        'camera-state',
        'dialect',
        'dials',
        'place',
        'outing',
        'log',
        'answers',
        'words',
    ];

    private readonly Schemas $schemas;

    /** What it has read of the schemas is kept: they are long. */
    private ?CompliantValidator $validator = null;

    /** @param  string  $folder where the schema files lie */
    public function __construct(private readonly string $folder)
    {
        $this->schemas = new Schemas($folder);
    }

    /**
     * Reads JSON text and checks it.
     *
     * @param  string  $schema  "rush", or a part as in "kit.json#/$defs/body"
     * @return array<mixed>
     *
     * @throws FaultyDocument with every fault found
     */
    public function read(string $json, string $schema, string $what = 'The document'): array
    {
        return $this->check(self::decoded($json, $what), $schema);
    }

    /**
     * JSON text as values, objects as objects.
     *
     * @throws FaultyDocument when it is no JSON, or nested too deep
     */
    public static function decoded(string $json, string $what): mixed
    {
        try {
            return json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (\JsonException $broken) {
            throw new FaultyDocument([
                $broken->getCode() === JSON_ERROR_DEPTH
                    ? NestedTooDeep::beyond($what, self::DEEPEST)
                    : UnreadableDocument::because($what, lcfirst($broken->getMessage())),
            ]);
        }
    }

    /**
     * @param  mixed  $document  as json_decode gives it, objects as objects
     * @param  string  $under  path of the document inside what was sent, put before every field
     * @return array<mixed>
     *
     * @throws FaultyDocument with every fault found, forty at the most
     */
    public function check(mixed $document, string $schema, string $under = ''): array
    {
        $file = str_contains($schema, '.json') ? $schema : $schema.'.json';
        [$rules, $root] = $this->schemas->find($file) ?? throw new \LogicException('There is no schema '.$file);
        if (! QuickCheck::certainlyKeeps($document, $rules, $root, $this->schemas)) {
            $faults = SizeCheck::faults($document, $rules, $root, $this->schemas, $under);
            $faults =
                $faults === []
                    ? array_slice($this->faultsOf($document, $file, $under), 0, SizeCheck::MOST_FAULTS)
                    : $faults;
            if ($faults !== []) {
                throw new FaultyDocument($faults);
            }
        }

        return Reader::plain($document);
    }

    /**
     * What the schema library finds wrong.
     *
     * @return list<Fault>
     */
    public function faultsOf(mixed $document, string $file, string $under = ''): array
    {
        $error = ($this->validator ??= $this->validator())->uriValidation($document, Schemas::PREFIX.$file);

        return $error === null ? [] : self::faults($error, $under);
    }

    private function validator(): CompliantValidator
    {
        $validator = new CompliantValidator(max_errors: SizeCheck::MOST_FAULTS, stop_at_first_error: false);
        foreach (self::NAMES as $name) {
            $validator
                ->resolver()
                ?->registerFile(Schemas::PREFIX.$name.'.json', $this->folder.'/'.$name.'.json');
        }

        return $validator;
    }

    /** @return list<Fault> */
    private static function faults(ValidationError $error, string $under): array
    {
        $path = array_map(strval(...), $error->data()->fullPath());
        $field = implode('.', [...$under === '' ? [] : [$under], ...$path]);
        $own = match ($error->keyword()) {
            'required' => array_map(
                static fn (string $name): Fault => MissingField::named(self::join($field, $name)),
                self::strings($error->args()['missing'] ?? []),
            ),
            'additionalProperties' => self::unknown($error, $field),
            default => $error->subErrors() === [] ? [self::valueFault($error, $field)] : [],
        };
        /** @var ValidationError $below */
        foreach ($error->subErrors() as $below) {
            // a field that failed on its own account is reported by the schema library as unknown too
            if ($error->keyword() !== 'additionalProperties') {
                array_push($own, ...self::faults($below, $under));
            }
        }

        return $own;
    }

    /** @return list<Fault> */
    private static function unknown(ValidationError $error, string $field): array
    {
        $known = array_keys(get_object_vars((object) (self::schemaOf($error)->properties ?? new \stdClass())));
        $value = $error->data()->value();
        $sent = is_object($value) ? array_keys(get_object_vars($value)) : [];

        return array_values(
            array_map(
                static fn (string|int $name): Fault => UnknownField::named(self::join($field, (string) $name), $known),
                array_diff($sent, $known),
            ),
        );
    }

    private static function valueFault(ValidationError $error, string $field): Fault
    {
        $schema = self::schemaOf($error);
        $value = $error->data()->value();
        $least = is_numeric($schema->minimum ?? null) ? (float) $schema->minimum : null;
        $most = is_numeric($schema->maximum ?? null) ? (float) $schema->maximum : null;

        return match ($error->keyword()) {
            'minimum', 'maximum' => NumberOutOfRange::of(
                $field,
                is_numeric($value) ? (float) $value : NAN,
                $least,
                $most,
            ),
            'enum' => UnknownChoice::of($field, $value, self::strings($schema->enum ?? [])),
            'const' => UnknownChoice::of($field, $value, [is_string($schema->const ?? null) ? $schema->const : '']),
            'minLength', 'maxLength' => TextOutOfBounds::of(
                $field,
                $value,
                Bounds::words($schema->minLength ?? 0, $schema->maxLength ?? null, 'characters'),
            ),
            'minItems', 'maxItems' => TextOutOfBounds::of(
                $field,
                $value,
                Bounds::words($schema->minItems ?? 0, $schema->maxItems ?? null, 'entries'),
            ),
            'uniqueItems' => TextOutOfBounds::of($field, $value, 'entries that all differ'),
            default => WrongType::of($field, $value, self::wanted($schema, $least, $most)),
        };
    }

    private static function wanted(\stdClass $schema, ?float $least, ?float $most): string
    {
        $words = [
            'number' => 'a number',
            'integer' => 'a whole number',
            'string' => 'text',
            'boolean' => 'true or false',
            'object' => 'an object',
            'array' => 'a list',
            'null' => 'null',
        ];
        $types = self::strings(is_array($schema->type ?? null) ? $schema->type : [$schema->type ?? '']);
        $text = implode(' or ', array_map(static fn (string $type): string => $words[$type] ?? $type, $types));

        return $least !== null && $most !== null
            ? sprintf('%s from %s to %s', $text, json_encode($least), json_encode($most))
            : $text;
    }

    private static function schemaOf(ValidationError $error): \stdClass
    {
        $data = $error->schema()->info()->data();

        return $data instanceof \stdClass ? $data : new \stdClass();
    }

    private static function join(string $field, string $name): string
    {
        return $field === '' ? $name : $field.'.'.$name;
    }

    /** @return list<string> */
    private static function strings(mixed $values): array
    {
        return is_array($values) ? array_values(array_filter($values, is_string(...))) : [];
    }
}
