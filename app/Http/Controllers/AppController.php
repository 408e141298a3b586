<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\OpenApi\Document;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RushHold\Rush\Catalogue;
use RushHold\Rush\SubjectKind;

/** The page that carries the application, and what every visitor may know. */
final readonly class AppController extends Controller
{
    /** What a device shows, written by the page itself: one of User::SETTINGS['theme']. */
    public const THEME_COOKIE = 'rush-hold-theme';

    public function page(Request $request): Response
    {
        $user = $request->user();

        $shape = $user instanceof User ? AccountController::shape($user) : null;
        $theme = $request->cookie(self::THEME_COOKIE);

        return response()->view('app', [
            'theme' => in_array($theme, User::SETTINGS['theme'], true) ? $theme : ($shape['settings']['theme'] ?? 'paper'),
            'boot' => [
                'user' => $shape,
                'catalogue' => self::kinds(),
            ] + AccountController::offers(),
        ]);
    }

    public function catalogue(): JsonResponse
    {
        return new JsonResponse(['kinds' => self::kinds()]);
    }

    /** What the API can be asked, as OpenAPI 3.1. */
    public function openapi(): JsonResponse
    {
        return new JsonResponse((new Document(base_path('schemas')))->toArray());
    }

    /** @return list<array<string, mixed>> */
    private static function kinds(): array
    {
        return array_values(array_map(static fn (SubjectKind $kind): array => $kind->toArray(), Catalogue::all()));
    }
}
