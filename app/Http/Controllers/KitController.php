<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RequestBody;
use App\Limits\Quota;
use App\Models\GearRecord;
use App\Models\KitRecord;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use RushHold\Faults\UnknownChoice;
use RushHold\Kit\Kit;
use RushHold\Kit\KitAssembly;
use RushHold\Wording\Reach;

/** Kits: a body, a lens and perhaps a converter of the account, put together. */
final readonly class KitController extends Controller
{
    public function __construct(private Quota $quota) {}

    public function index(Request $request): JsonResponse
    {
        $asOf = self::asOf();
        $user = $this->user($request);
        /** @var Collection<int, KitRecord> $kits */
        $kits = $user->kits()->with(KitRecord::PARTS)->get();

        return new JsonResponse(['as_of' => $asOf, 'kits' => $kits->map(self::shape(...))->all()]);
    }

    /** Puts a kit together, or finds the one of the same parts. */
    public function store(Request $request): JsonResponse
    {
        $body = RequestBody::of($request);
        $user = $this->user($request);
        $parts = [
            'body_id' => $this->part($user, 'body', $body->text('body_id', 26)),
            'lens_id' => $this->part($user, 'lens', $body->text('lens_id', 26)),
            'converter_id' => ($id = $body->optionalText('converter_id', 26)) === null ? null : $this->part($user, 'converter', $id),
            'adapter_id' => ($id = $body->optionalText('adapter_id', 26)) === null ? null : $this->part($user, 'adapter', $id),
        ];
        $kit = DB::transaction(function () use ($user, $parts): KitRecord {
            $user->inTurn();
            $there = $user->kits()->where($parts)->first();
            if ($there === null) {
                $this->quota->forAnother($user, 'kits');
            }

            return $there ?? $user->kits()->create($parts);
        });

        return new JsonResponse(self::shape($kit), $kit->wasRecentlyCreated ? 201 : 200);
    }

    public function show(KitRecord $kit): JsonResponse
    {
        return new JsonResponse(self::shape($kit));
    }

    /** What parts can do together, whether or not they have been put together before. */
    public function reach(Request $request): JsonResponse
    {
        $user = $this->user($request);
        $parts = [];
        foreach (KitRecord::PARTS as $type) {
            $id = $request->query($type.'_id');
            $part =
                is_string($id) && $id !== ''
                    ? GearRecord::query()->whereKey($this->part($user, $type, $id))->firstOrFail()
                    : null;
            if ($part === null && in_array($type, ['body', 'lens'], true)) {
                throw UnknownChoice::of($type.'_id', $id, ['the id of a '.$type.' of yours']);
            }
            $parts[$type] = $part?->read();
        }
        $together = Kit::fromArray(
            KitAssembly::document($parts['body'] ?? [], $parts['lens'] ?? [], $parts['converter'], $parts['adapter']),
        );

        return new JsonResponse([
            'lines' => (new Reach($together, $user->units()))->lines($user->assumed()->value('area.reflex.dim_f')),
        ]);
    }

    /** @return array<string, mixed> */
    public static function shape(KitRecord $kit): array
    {
        return [
            'id' => $kit->id,
            'name' => $kit->name(),
            'body_id' => $kit->body_id,
            'lens_id' => $kit->lens_id,
            'converter_id' => $kit->converter_id,
            'adapter_id' => $kit->adapter_id,
            'kit' => $kit->document(),
        ];
    }

    private function part(User $user, string $type, string $id): string
    {
        return GearRecord::query()->where('user_id', $user->id)->where('type', $type)->whereKey($id)->exists()
            ? $id
            : throw UnknownChoice::of($type.'_id', $id, ['the id of a '.$type.' of yours']);
    }
}
