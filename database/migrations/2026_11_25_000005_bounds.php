<?php

declare(strict_types=1);

use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const HIDDEN = '/[\p{Cc}\x{200B}-\x{200F}\x{202A}-\x{202E}\x{2060}-\x{2069}\x{FEFF}]/u';

    public function up(): void
    {
        // addresses are the same only when they are written the same, upper and lower case apart
        DB::statement('UPDATE users SET email = LOWER(TRIM(email))');
        DB::statement('ALTER TABLE users MODIFY email VARCHAR(190) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL');
        Schema::table('users', function (Blueprint $table): void {
            // the demo everybody gets a copy of, and when a copy goes
            $table->boolean('is_demo')->default(false);
            $table->timestamp('demo_until')->nullable()->index();
        });
        Schema::create('password_reset_tokens', function (Blueprint $table): void {
            $table->string('email', 190)->primary();
            $table->string('token');
            $table->timestamp('created_at')->nullable();
        });

        // states are thinned as they age, and counted by their length
        Schema::table('versions', function (Blueprint $table): void {
            $table->timestamp('at')->useCurrent();
            $table->unsignedInteger('bytes')->default(0);
            $table->index(['user_id', 'bytes']);
            $table->index('at');
        });
        DB::statement('UPDATE versions SET bytes = LENGTH(state)');

        // the three settings of the list, so that it need not read whole plans
        Schema::table('plans', fn (Blueprint $table) => $table->json('settings')->nullable());
        DB::statement(
            <<<'SQL'
            UPDATE plans SET settings = JSON_OBJECT('shutter_s', JSON_EXTRACT(document, '$.hold.shutter_s'), 'f_number', JSON_EXTRACT(document, '$.hold.f_number'), 'iso', JSON_EXTRACT(document, '$.hold.iso'))
            WHERE document IS NOT NULL
            SQL
            ,
        );

        // the mark of the request that made a record: the same request, sent again, finds it
        foreach (['rushes', 'gear', 'cards'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table->string('made', 60)->nullable();
                $table->unique(['user_id', 'made']);
            });
        }

        // links are found by a hash that is keyed, so that another key leaves them dead
        foreach (
            DB::table('cards')
                ->whereNotNull('share_token')
                ->get(['id', 'share_token']) as $card
        ) {
            try {
                $hash = hash_hmac(
                    'sha256',
                    (string) Crypt::decryptString($card->share_token),
                    (string) config('app.key'),
                );
            } catch (DecryptException) {
                $hash = null;
            }
            DB::table('cards')
                ->where('id', $card->id)
                ->update(
                    ['share_hash' => $hash] + ($hash === null ? ['share_token' => null, 'share_until' => null] : []),
                );
        }
        DB::table('cards')
            ->whereNotNull('deleted_at')
            ->update(['share_hash' => null, 'share_token' => null, 'share_until' => null]);

        // names from before characters that cannot be seen were refused
        foreach (
            ['users' => 'name', 'gear' => 'name', 'rushes' => 'name', 'cards' => 'name', 'lefts' => 'by'] as $table => $column
        ) {
            $key = $table === 'lefts' ? 'gear_id' : 'id';
            foreach (DB::table($table)->get([$key, $column]) as $row) {
                $clean = preg_replace(self::HIDDEN, '', (string) $row->{$column});
                if ($clean !== $row->{$column}) {
                    DB::table($table)
                        ->where($key, $row->{$key})
                        ->update([$column => $clean === '' ? 'nameless' : $clean]);
                }
            }
        }
        foreach (DB::table('rushes')->get(['id', 'document']) as $row) {
            $document = json_decode((string) $row->document);
            $clean =
                $document instanceof stdClass ? preg_replace(self::HIDDEN, '', (string) ($document->name ?? '')) : '';
            if ($document instanceof stdClass && $clean !== ($document->name ?? '')) {
                $document->name = $clean === '' ? 'nameless' : $clean;
                DB::table('rushes')
                    ->where('id', $row->id)
                    ->update(['document' => json_encode($document, JSON_PRESERVE_ZERO_FRACTION)]);
            }
        }
    }

    public function down(): void
    {
        foreach (['rushes', 'gear', 'cards'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table->index('user_id');
                $table->dropUnique(['user_id', 'made']);
                $table->dropColumn('made');
            });
        }
        Schema::table('plans', fn (Blueprint $table) => $table->dropColumn('settings'));
        Schema::table('versions', function (Blueprint $table): void {
            $table->dropIndex(['at']);
            $table->index('user_id');
            $table->dropIndex(['user_id', 'bytes']);
            $table->dropColumn(['at', 'bytes']);
        });
        Schema::dropIfExists('password_reset_tokens');
        Schema::table('users', function (Blueprint $table): void {
            $table->dropIndex(['demo_until']);
            $table->dropColumn(['is_demo', 'demo_until']);
        });
    }
};
