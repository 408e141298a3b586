<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RequestBody;
use App\Models\KeyRecord;
use App\OpenApi\Scope;
use App\Problems\Problem;
use App\Problems\ProblemException;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RushHold\Faults\UnknownChoice;

/** Keys by which other programs act for the account: made and ended here, by somebody at a page. */
final readonly class TokenController extends Controller
{
    /** Keys of one account. */
    private const MOST = 20;

    /** Longest a key lives where its maker says how long, in days. */
    private const DAYS = 366;

    public function index(Request $request): JsonResponse
    {
        /** @var Collection<int, KeyRecord> $tokens */
        $tokens = $this->user($request)->tokens()->orderByDesc('id')->get();

        return new JsonResponse(['tokens' => $tokens->map(self::shape(...))->all()]);
    }

    public function store(Request $request): JsonResponse
    {
        $body = RequestBody::of($request);
        $user = $this->user($request);
        $scopes = array_values(array_unique($body->texts('scopes', count(Scope::cases()))));
        foreach ($scopes === [] ? [''] : $scopes as $at => $scope) {
            if (Scope::tryFrom($scope) === null) {
                throw UnknownChoice::of('scopes.'.$at, $scope, array_column(Scope::cases(), 'value'));
            }
        }
        $days = $body->optionalNumber('days', 1, self::DAYS, 'days');
        if ($user->tokens()->count() >= self::MOST) {
            throw new ProblemException(
                new Problem(
                    'full',
                    409,
                    'No room for another key',
                    sprintf('An account has %d keys at the most. End one that is no longer used.', self::MOST),
                ),
            );
        }
        $made = $user->createToken($body->text('name'), $scopes, $days === null ? null : now()->addDays((int) $days));

        return new JsonResponse(
            [
                'token' => self::shape(KeyRecord::query()->whereKey($made->accessToken->getKey())->firstOrFail()),
                'text' => $made->plainTextToken,
            ],
            201,
        );
    }

    public function destroy(Request $request, string $token): Response
    {
        $found =
            ctype_digit($token) && strlen($token) < 16
                ? $this->user($request)->tokens()->whereKey((int) $token)->first()
                : null;
        $found === null ? abort(404) : $found->delete();

        return response()->noContent();
    }

    /** @return array<string, mixed> */
    private static function shape(KeyRecord $token): array
    {
        return [
            'id' => $token->id,
            'name' => $token->name,
            'scopes' => $token->abilities,
            'made_at' => $token->created_at->toIso8601ZuluString(),
            'used_at' => $token->last_used_at?->toIso8601ZuluString(),
            'until' => $token->expires_at?->toIso8601ZuluString(),
        ];
    }
}
