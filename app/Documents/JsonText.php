<?php

declare(strict_types=1);

namespace App\Documents;

use Illuminate\Http\JsonResponse;

/** JSON that has been written already, and is sent or put into other JSON as it is. */
final readonly class JsonText
{
    public function __construct(public string $text) {}

    /** @param  array<string, mixed>  $fields  values, and texts of JSON among them */
    public static function object(array $fields): self
    {
        $written = [];
        foreach ($fields as $name => $value) {
            $written[] =
                json_encode($name, JSON_THROW_ON_ERROR).
                ':'.
                ($value instanceof self ? $value->text : json_encode($value, JSON_THROW_ON_ERROR));
        }

        return new self('{'.implode(',', $written).'}');
    }

    /** null where there is no text. */
    public static function orNull(?string $text): ?self
    {
        return $text === null ? null : new self($text);
    }

    public function response(int $status = 200): JsonResponse
    {
        return JsonResponse::fromJsonString($this->text, $status);
    }
}
