<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Accounts\StarterKit;
use App\Models\Card;
use App\Models\Kit;
use App\Models\Rush;
use App\Models\Sweep;
use App\Models\User;
use App\Rehearsals\Sweeps;
use App\Rushes\RushKeeper;

/** Accounts to test with. */
final class People
{
    public static function someone(string $name = 'Ada'): User
    {
        $user = User::query()->create([
            'name' => $name,
            'email' => bin2hex(random_bytes(6)).'@turf.example',
            'password' => 'sandpiper-dawn',
            'settings' => [],
            'assumptions' => [],
        ]);
        (new StarterKit)->give($user);

        return $user->refresh();
    }

    public static function kitOf(User $user): Kit
    {
        return $user->kits()->firstOrFail();
    }

    public static function rushOf(User $user): Rush
    {
        return app(RushKeeper::class)->create(
            $user,
            self::kitOf($user),
            json_decode((string) json_encode(Documents::rush())),
            null,
        );
    }

    public static function cardOf(User $user, Rush ...$rushes): Card
    {
        $card = $user->cards()->make([
            'name' => 'A day out',
            'rushes' => array_column($rushes, 'id'),
            'ticks' => [],
            'tips' => [],
            'revision' => 1,
        ]);
        $card->save();

        return $card;
    }

    public static function sweepOf(User $user, Rush $rush): Sweep
    {
        return app(Sweeps::class)->begin($rush, $user, 'exposure');
    }

    /**
     * What a client sends to save a rush.
     *
     * @param  array<string, mixed>  $own
     * @return array<string, mixed>
     */
    public static function edit(
        Rush $rush,
        array $own = [],
        string $gesture = 'g1',
        ?int $revision = null,
    ): array {
        return [
            'revision' => $revision ?? $rush->refresh()->revision,
            'gesture' => $gesture,
            'kit_id' => $rush->kit_id,
            'focal_mm' => null,
            'rush' => Documents::rush($own),
        ];
    }
}
