<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CountedBy;
use App\Log\Counts\CountShapes;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RushHold\Counts\Dimension;
use RushHold\Faults\MissingField;
use RushHold\Faults\UnknownChoice;

/** What the counts of the log say: shares of sharp frames, two set-ups compared, what was promised beside what was found. */
final readonly class CountController extends Controller
{
    public function __construct(private CountShapes $shapes) {}

    public function index(Request $request): JsonResponse
    {
        $asked = CountedBy::asked($request);
        $by = self::dimension('by', $asked['by'] ?? Dimension::Rush->value);
        $and = ($asked['and'] ?? '') === '' ? null : self::dimension('and', $asked['and']);
        if ($and === $by) {
            throw UnknownChoice::of('and', $and->value, ['something else than “by”']);
        }

        return self::told($this->shapes->rates($this->user($request), $by, $and, CountedBy::where($asked)));
    }

    public function compare(Request $request): JsonResponse
    {
        $asked = CountedBy::asked($request);
        $by = self::dimension('by', $asked['by'] ?? throw MissingField::named('by'));
        $one = $asked['one'] ?? throw MissingField::named('one');
        $other = $asked['other'] ?? throw MissingField::named('other');
        if ($one === $other) {
            throw UnknownChoice::of('other', $other, ['another value than “one”']);
        }

        $where = CountedBy::where($asked);

        return self::told($this->shapes->compared($this->user($request), $by, $one, $other, $where));
    }

    public function promises(Request $request): JsonResponse
    {
        $where = CountedBy::where(CountedBy::asked($request));

        return self::told($this->shapes->promises($this->user($request), $where));
    }

    /** @param  array<string, mixed>  $counts */
    private static function told(array $counts): JsonResponse
    {
        return new JsonResponse(['as_of' => self::asOf()] + $counts);
    }

    private static function dimension(string $field, string $value): Dimension
    {
        return Dimension::tryFrom($value) ??
            throw UnknownChoice::of($field, $value, array_column(Dimension::cases(), 'value'));
    }
}
