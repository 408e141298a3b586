<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Sweeps become runs: long work of any kind, as far as it has come. */
return new class extends Migration
{
    private const STATUSES = ['running', 'done', 'cancelled', 'overtaken', 'failed'];

    public function up(): void
    {
        Schema::create('runs', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 16);
            $table->string('topic', 32);
            $table->ulid('subject_id')->nullable();
            $table->char('fingerprint', 32);
            $table->enum('status', self::STATUSES);
            $table->unsignedInteger('whole');
            $table->unsignedInteger('done')->default(0);
            $table->unsignedInteger('portions')->default(0);
            $table->longText('state')->nullable();
            $table->longText('reading')->nullable();
            $table->string('problem', 300)->nullable();
            $table->timestamp('beat_at', 3);
            $table->timestamps(3);
            $table->index(['user_id', 'kind', 'status']);
            $table->index(['subject_id', 'kind', 'created_at']);
        });
        DB::statement("INSERT INTO runs (id, user_id, kind, topic, subject_id, fingerprint, status, whole, done, state, reading, beat_at, created_at, updated_at)
            SELECT id, user_id, 'sweep', kind, rush_id, fingerprint, IF(status = 'running', 'cancelled', status), passes, done, state, reading, beat_at, created_at, updated_at FROM sweeps");
        Schema::drop('sweeps');
        DB::table('jobs')->where('payload', 'like', '%GoOnSweeping%')->delete(); // calls for portions of sweeps, which nobody answers any more
    }

    public function down(): void
    {
        Schema::create('sweeps', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('rush_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 16);
            $table->char('fingerprint', 32);
            $table->enum('status', self::STATUSES);
            $table->unsignedInteger('passes');
            $table->unsignedInteger('done')->default(0);
            $table->longText('state')->nullable();
            $table->longText('reading')->nullable();
            $table->timestamp('beat_at', 3);
            $table->timestamps(3);
            $table->index(['user_id', 'status']);
            $table->index(['rush_id', 'kind', 'created_at']);
        });
        DB::statement("INSERT INTO sweeps (id, user_id, rush_id, kind, fingerprint, status, passes, done, state, reading, beat_at, created_at, updated_at)
            SELECT id, user_id, subject_id, topic, fingerprint, IF(status = 'running', 'cancelled', status), whole, done, state, reading, beat_at, created_at, updated_at
            FROM runs WHERE kind = 'sweep' AND subject_id IN (SELECT id FROM rushes)");
        Schema::drop('runs');
    }
};
