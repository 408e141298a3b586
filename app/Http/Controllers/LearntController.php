<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RequestBody;
use App\Log\Frames\Floors;
use App\Log\Frames\Rejudges;
use App\Log\Yours\Learning;
use App\Log\Yours\Learns;
use App\Log\Yours\LightOfPlaces;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RushHold\Assumptions\Assumptions;

/** Figures of a person's own frames, beside what is assumed: told, and used or not. */
final readonly class LearntController extends Controller
{
    public function __construct(
        private Learning $learning,
        private Learns $learns,
        private Rejudges $rejudges,
    ) {}

    public function index(Request $request): JsonResponse
    {
        return $this->told($this->user($request));
    }

    public function update(Request $request, string $figure): JsonResponse
    {
        $user = $this->user($request);
        if (! $this->learning->switch($user, $figure, RequestBody::of($request)->flag('is_on', true))) {
            abort(404); // no frame of theirs tells it
        }
        $body = Floors::body($figure);
        if ($body !== null) {
            $this->rejudges->begin($user, $body);
        }

        return $this->told($user->refresh());
    }

    private function told(User $user): JsonResponse
    {
        $known = Assumptions::all();
        $learning = $this->learns->wake($user);
        $judging = $this->rejudges->last($user);
        $places = $user->places()->pluck('name', 'id')->all();
        $figures = [];
        foreach (Learning::rows($user)->orderBy('name')->get() as $row) {
            $name = (string) $row->name;
            $figure = $known[$name] ?? null;
            $body = Floors::body($name);
            $place = $places[LightOfPlaces::place($name) ?? ''] ?? null;
            if ($figure === null && $body === null && $place === null) {
                continue; // one that is gone is told anew the next time
            }
            $figures[] = [
                'name' => $name,
                'meaning' => $figure->meaning ??
                    ($place === null
                        ? "What {$body} blurs of its own, even in its sharpest frames"
                        : "How much brighter than reckoned it is at {$place}"),
                'unit' => $figure->unit ?? ($place === null ? 'px' : 'stops'),
                'assumed' => (float) $row->assumed,
                'value' => (float) $row->value,
                'least' => (float) $row->least,
                'most' => (float) $row->most,
                'worth' => (float) $row->worth,
                'frames' => (int) $row->frames,
                'bursts' => count((array) json_decode((string) $row->bursts, true)),
                'kept_out' => count((array) json_decode((string) $row->kept_out, true)),
                'is_on' => (bool) $row->is_on,
                'is_apart' => Learning::isApart($row),
            ];
        }

        return new JsonResponse([
            'as_of' => self::asOf(),
            'figures' => $figures,
            'learnt' => (object) ($user->learnt ?? []),
            'learning' => $learning?->counted(),
            'judging' => $judging?->told(),
        ]);
    }
}
