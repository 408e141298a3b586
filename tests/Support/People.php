<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Accounts\StarterKit;
use App\Files\FilePurpose;
use App\Files\Files;
use App\Log\Table\Tables;
use App\Models\CardRecord;
use App\Models\FileRecord;
use App\Models\KitRecord;
use App\Models\OutingRecord;
use App\Models\PlaceRecord;
use App\Models\RunRecord;
use App\Models\RushRecord;
use App\Models\User;
use App\Rehearsals\Sweeps;
use App\Rushes\RushWriter;
use Illuminate\Support\Facades\DB;

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
        (new StarterKit())->give($user);

        return $user->refresh();
    }

    public static function kitOf(User $user): KitRecord
    {
        return $user->kits()->firstOrFail();
    }

    public static function rushOf(User $user): RushRecord
    {
        return app(RushWriter::class)->create(
            $user,
            self::kitOf($user),
            json_decode((string) json_encode(Documents::rush())),
            null,
        );
    }

    public static function cardOf(User $user, RushRecord ...$rushes): CardRecord
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

    public static function placeOf(User $user): PlaceRecord
    {
        return $user->places()->firstOrCreate(
            ['name' => 'The inlet'],
            [
                'document' => json_decode((string) json_encode(Outings::document()['place'])),
                'revision' => 1,
            ],
        );
    }

    /** A morning at the inlet with a rush of somebody's own. */
    public static function outingOf(User $user, ?RushRecord $rush = null): OutingRecord
    {
        $place = self::placeOf($user);
        $kept = Outings::kept(($rush ?? self::rushOf($user))->id);

        return $user->outings()->create([
            'place_id' => $place->id,
            'name' => 'Spring tide',
            'day' => $kept['date'],
            'document' => json_decode((string) json_encode($kept)),
            'revision' => 1,
        ]);
    }

    /** A figure that somebody's frames tell; its name. */
    public static function figureOf(User $user): string
    {
        DB::table('learnt')->insertOrIgnore([
            'user_id' => $user->id,
            'name' => 'panning.settled',
            'assumed' => 0.85,
            'value' => 0.6,
            'least' => 0.5,
            'most' => 0.7,
            'worth' => 1,
            'frames' => 90,
            'bursts' => '[]',
            'kept_out' => '[]',
            'fingerprint' => str_repeat('0', 32),
        ]);

        return 'panning.settled';
    }

    /** A kit file somebody has sent. */
    public static function fileOf(User $user, string $text = '{"format":"kit/1"}'): FileRecord
    {
        $stream = fopen('php://memory', 'w+b');
        fwrite($stream, $text);
        rewind($stream);

        return app(Files::class)->take($user, FilePurpose::Kit, hash('sha256', $text), 'mine.kit.json', $stream)[0];
    }

    /** A table of frames somebody has sent. */
    public static function tableFileOf(User $user, string $text = "file,taken_at\nA_1.jpg,2026-05-22 05:12:33\n"): FileRecord
    {
        $stream = fopen('php://memory', 'w+b');
        fwrite($stream, $text);
        rewind($stream);

        return app(Files::class)->take($user, FilePurpose::Table, hash('sha256', $text), 'mine.csv', $stream)[0];
    }

    /** One that is being taken in. */
    public static function tableOf(User $user): RunRecord
    {
        return app(Tables::class)->begin($user, self::tableFileOf($user), []);
    }

    public static function sweepOf(User $user, RushRecord $rush): RunRecord
    {
        return app(Sweeps::class)->begin($rush, $user, 'exposure');
    }

    /**
     * What a client sends to save a rush.
     *
     * @param  array<string, mixed>  $own
     * @return array<string, mixed>
     */
    public static function edit(RushRecord $rush, array $own = [], string $gesture = 'g1', ?int $revision = null): array
    {
        return [
            'revision' => $revision ?? $rush->refresh()->revision,
            'gesture' => $gesture,
            'kit_id' => $rush->kit_id,
            'focal_mm' => null,
            'rush' => Documents::rush($own),
        ];
    }
}
