<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('gear', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->enum('type', ['body', 'lens', 'converter']);
            $table->string('name', 120);
            $table->json('document');
            $table->unsignedInteger('revision')->default(1);
            $table->timestamps(6);
            $table->softDeletes('deleted_at', 6);
            $table->index(['user_id', 'type']);
        });

        Schema::create('kits', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('body_id')->constrained('gear');
            $table->foreignUlid('lens_id')->constrained('gear');
            $table->foreignUlid('converter_id')->nullable()->constrained('gear');
            $table->timestamps(6);
            $table->index(['user_id', 'body_id', 'lens_id']);
        });

        Schema::create('rushes', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('kit_id')->constrained();
            $table->double('focal_mm')->nullable();
            $table->string('name', 120);
            $table->json('document');
            $table->unsignedInteger('revision')->default(1);
            $table->unsignedInteger('position')->default(1);
            $table->string('write', 40)->default('');
            $table->timestamps(6);
            $table->softDeletes('deleted_at', 6);
            $table->index(['user_id', 'deleted_at', 'updated_at']);
        });

        // every state a rush has been in, for undo and redo; position of the rush says which one it is in
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

        // the last plan of each rush, with a mark of everything it was reckoned from
        Schema::create('plans', function (Blueprint $table): void {
            $table->foreignUlid('rush_id')->primary()->constrained()->cascadeOnDelete();
            $table->char('mark', 32);
            $table->json('document')->nullable();
            $table->json('fault')->nullable();
            $table->timestamps(6);
        });
    }

    public function down(): void
    {
        foreach (['plans', 'rush_versions', 'rushes', 'kits', 'gear'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
