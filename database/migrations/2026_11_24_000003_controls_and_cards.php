<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // every state of everything that can be undone; position of the record says which one it is in
        Schema::create('versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('record_type', 16);
            $table->char('record_id', 26);
            $table->unsignedInteger('seq');
            $table->string('gesture', 40);
            $table->json('state');
            $table->unique(['record_type', 'record_id', 'seq']);
        });
        DB::statement(
            <<<'SQL'
            INSERT INTO versions (user_id, record_type, record_id, seq, gesture, state)
            SELECT rushes.user_id, 'rush', rush_id, seq, gesture, JSON_OBJECT('kit_id', rush_versions.kit_id, 'focal_mm', rush_versions.focal_mm, 'document', JSON_COMPACT(rush_versions.document))
            FROM rush_versions JOIN rushes ON rushes.id = rush_versions.rush_id
            SQL
            ,
        );
        Schema::drop('rush_versions');

        DB::statement("ALTER TABLE gear MODIFY type ENUM('body', 'lens', 'converter', 'adapter', 'support') NOT NULL");
        Schema::table('gear', function (Blueprint $table): void {
            $table->unsignedInteger('position')->default(0)->after('revision');
            $table->string('write', 40)->default('')->after('position');
        });
        Schema::table('kits', function (Blueprint $table): void {
            $table->foreignUlid('adapter_id')->nullable()->after('converter_id')->constrained('gear');
        });

        // what the controls of a body do
        Schema::create('layouts', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('gear_id')->unique()->constrained('gear')->cascadeOnDelete();
            $table->json('document');
            $table->unsignedInteger('revision')->default(1);
            $table->unsignedInteger('position')->default(0);
            $table->string('write', 40)->default('');
            $table->timestamps(6);
        });

        // how each body was left
        Schema::create('lefts', function (Blueprint $table): void {
            $table->foreignUlid('gear_id')->primary()->constrained('gear')->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->json('document');
            $table->string('by', 120);
            $table->timestamp('left_at', 3);
        });

        Schema::create('cards', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 120);
            $table->json('rushes');
            $table->json('ticks');
            $table->json('tips');
            $table->unsignedInteger('revision')->default(1);
            $table->unsignedInteger('position')->default(0);
            $table->string('write', 40)->default('');
            $table->text('share_token')->nullable();
            $table->char('share_hash', 64)->nullable()->unique();
            $table->timestamp('share_until')->nullable();
            $table->timestamps(6);
            $table->softDeletes('deleted_at', 6);
            $table->index(['user_id', 'deleted_at']);
        });
    }

    public function down(): void
    {
        foreach (['cards', 'lefts', 'layouts'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('kits', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('adapter_id');
        });
        Schema::table('gear', function (Blueprint $table): void {
            $table->dropColumn(['position', 'write']);
        });
        Schema::create('rush_versions', function (Blueprint $table): void {
            $table->id();
            $table->foreignUlid('rush_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('seq');
            $table->string('gesture', 40);
            $table->foreignUlid('kit_id')->constrained();
            $table->double('focal_mm')->nullable();
            $table->json('document');
            $table->unique(['rush_id', 'seq']);
        });
        DB::statement(
            <<<'SQL'
            INSERT INTO rush_versions (rush_id, seq, gesture, kit_id, focal_mm, document)
            SELECT record_id, seq, gesture, JSON_VALUE(state, '$.kit_id'), JSON_VALUE(state, '$.focal_mm'), JSON_EXTRACT(state, '$.document') FROM versions WHERE record_type = 'rush'
            SQL
            ,
        );
        Schema::drop('versions');
    }
};
