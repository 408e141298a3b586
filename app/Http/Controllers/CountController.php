<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Log\CountShapes;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RushHold\Faults\MissingField;
use RushHold\Faults\TextOutOfBounds;
use RushHold\Faults\UnknownChoice;
use RushHold\Log\Counts\Dimension;

/** What the counts of the log say: shares of sharp frames, two set-ups compared, what was promised beside what was found. */
final readonly class CountController extends Controller
{
    /** Longest value of anything that is counted by. */
    private const LONGEST = 120;

    public function __construct(private CountShapes $shapes) {}

    public function index(Request $request): JsonResponse
    {
        $asked = self::asked($request);
        $by = self::dimension('by', $asked['by'] ?? Dimension::Rush->value);
        $and = ($asked['and'] ?? '') === '' ? null : self::dimension('and', $asked['and']);
        if ($and === $by) {
            throw UnknownChoice::of('and', $and->value, ['something else than “by”']);
        }

        return new JsonResponse(
            ['as_of' => self::asOf()] + $this->shapes->rates($this->user($request), $by, $and, self::where($asked)),
        );
    }

    public function compare(Request $request): JsonResponse
    {
        $asked = self::asked($request);
        $by = self::dimension('by', $asked['by'] ?? throw MissingField::named('by'));
        $one = $asked['one'] ?? throw MissingField::named('one');
        $other = $asked['other'] ?? throw MissingField::named('other');
        if ($one === $other) {
            throw UnknownChoice::of('other', $other, ['another value than “one”']);
        }

        return new JsonResponse(
            ['as_of' => self::asOf()] + $this->shapes->compared($this->user($request), $by, $one, $other, self::where($asked)),
        );
    }

    public function promises(Request $request): JsonResponse
    {
        return new JsonResponse(
            ['as_of' => self::asOf()] + $this->shapes->promises($this->user($request), self::where(self::asked($request))),
        );
    }

    /**
     * What the address asks for, as it is written: an empty value is one, and a blank at the end of a name belongs to it.
     *
     * @return array<string, string>
     */
    private static function asked(Request $request): array
    {
        parse_str((string) $request->getQueryString(), $asked);
        $texts = [];
        foreach ($asked as $name => $value) {
            if (! is_string($value) || mb_strlen($value) > self::LONGEST || ! mb_check_encoding($value, 'UTF-8')) {
                throw TextOutOfBounds::of((string) $name, is_string($value) ? mb_scrub($value) : '', 'a text of at most '.self::LONGEST.' characters');
            }
            $texts[(string) $name] = $value;
        }

        return $texts;
    }

    /**
     * @param  array<string, string>  $asked
     * @return array<string, string>
     */
    private static function where(array $asked): array
    {
        return array_intersect_key($asked, array_flip(array_column(Dimension::cases(), 'value')));
    }

    private static function dimension(string $field, string $value): Dimension
    {
        return Dimension::tryFrom($value) ??
            throw UnknownChoice::of($field, $value, array_column(Dimension::cases(), 'value'));
    }
}
