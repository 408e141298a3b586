<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\History\History;
use App\Http\Requests\Body;
use App\Layouts\LayoutReading;
use App\Models\Gear;
use App\Models\Layout;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use RushHold\Controls\Layout as LayoutOfCraft;
use RushHold\Controls\SchemeLayer;
use RushHold\Controls\Switching;
use RushHold\Document\DocumentChecker;
use RushHold\Faults\UnknownChoice;
use RushHold\Hold\Scheme;

/** What the controls of a body do, checked against the holds of the day. */
final readonly class LayoutController extends Controller
{
    public function __construct(private LayoutReading $reading, private History $history, private DocumentChecker $checker) {}

    public function show(Request $request, Gear $gear): JsonResponse
    {
        return $this->answer($gear, $this->of($gear), $this->user($request));
    }

    public function update(Request $request, Gear $gear): JsonResponse
    {
        $body = Body::of($request);
        $user = $this->user($request);
        $document = $body->object('layout');
        $this->check($document, $user);
        $layout = $this->begun($gear, $user);

        return $this->answer($gear, $this->history->edit($layout, $body->whole('revision'), $body->text('gesture', 40), $body->optionalText('write', 40) ?? '', static function (Layout $layout) use ($document): void {
            $layout->document = $document;
        }), $user);
    }

    public function undo(Request $request, Gear $gear): JsonResponse
    {
        return $this->step($request, $gear, -1);
    }

    public function redo(Request $request, Gear $gear): JsonResponse
    {
        return $this->step($request, $gear, 1);
    }

    /** The layout with a button scheme laid on it; nothing is kept. */
    public function scheme(Request $request, Gear $gear, string $scheme): JsonResponse
    {
        $wanted = Scheme::tryFrom($scheme) ?? throw UnknownChoice::of('scheme', $scheme, array_column(Scheme::cases(), 'value'));

        return new JsonResponse(['layout' => SchemeLayer::lay($this->reading->laying(self::body($gear), $this->of($gear), $this->user($request)), $wanted)->toArray()]);
    }

    /** The quickest layout for the holds of the day; nothing is kept. */
    public function best(Request $request, Gear $gear): JsonResponse
    {
        $laying = $this->reading->laying(self::body($gear), $this->of($gear), $this->user($request));
        $best = (new Switching($laying))->best();

        return new JsonResponse(['layout' => $best['layout']->toArray(), 'most' => $best['most'] === null ? null : $laying->name($best['most'])] + $best);
    }

    private function step(Request $request, Gear $gear, int $by): JsonResponse
    {
        $user = $this->user($request);

        return $this->answer($gear, $this->history->step($this->begun($gear, $user), Body::of($request)->whole('revision'), $by), $user);
    }

    private function answer(Gear $gear, ?Layout $layout, User $user): JsonResponse
    {
        $laying = $this->reading->laying(self::body($gear), $layout, $user);

        return new JsonResponse(
            ['id' => $gear->id, 'layout' => $layout->document ?? $laying->layout->toArray(), 'reading' => $this->reading->of($laying)]
            + ($layout === null ? ['revision' => 1, 'write' => '', 'can_undo' => false, 'can_redo' => false] : $this->history->marks($layout)),
        );
    }

    private function of(Gear $gear): ?Layout
    {
        return Layout::query()->where('gear_id', $gear->id)->first();
    }

    /** The layout of a body, begun on its first change. */
    private function begun(Gear $gear, User $user): Layout
    {
        return $this->of($gear) ?? DB::transaction(function () use ($gear, $user): Layout {
            User::query()->whereKey($user->id)->lockForUpdate()->first();
            $layout = $this->of($gear);
            if ($layout === null) {
                $layout = $user->layouts()->make(['gear_id' => self::body($gear)->id, 'document' => json_decode((string) json_encode(LayoutOfCraft::fresh()->toArray())), 'revision' => 1, 'position' => 1]);
                $layout->save();
                $this->history->begin($layout);
            }

            return $layout;
        });
    }

    /** Every hold it names, wherever, must answer a rush of this account, deleted or not. */
    private function check(\stdClass $document, User $user): void
    {
        $layout = LayoutOfCraft::fromArray($this->checker->check($document, 'layout', 'layout'));
        $named = ['base' => $layout->base];
        foreach ($layout->holds as $at => $id) {
            $named["holds.{$at}"] = $id;
        }
        foreach ($layout->uses as $at => $use) {
            $named["uses.{$at}.hold"] = $use->hold;
        }
        foreach (is_array($document->follows) ? $document->follows : [] as $at => $pair) {
            $named["follows.{$at}.from"] = $pair->from ?? null;
            $named["follows.{$at}.to"] = $pair->to ?? null;
        }
        $this->refuseStrangers($user, 'layout', array_filter($named, is_string(...)));
    }

    private static function body(Gear $gear): Gear
    {
        return $gear->type === 'body' ? $gear : throw UnknownChoice::of('gear', $gear->type, ['a body']);
    }
}
