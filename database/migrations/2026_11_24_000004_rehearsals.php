<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // dials of its hold that the person has taken from a rehearsal
        Schema::table('rushes', function (Blueprint $table): void {
            $table->json('dials')->nullable()->after('focal_mm');
        });

        // the last rehearsal of each rush, with the mark of the plan it rehearsed
        Schema::create('rehearsals', function (Blueprint $table): void {
            $table->foreignUlid('rush_id')->primary()->constrained()->cascadeOnDelete();
            $table->char('mark', 32);
            $table->json('document');
            $table->timestamp('made_at', 3);
        });

        // sweeps of settings, with all that is needed to go on
        Schema::create('sweeps', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('rush_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 16);
            $table->char('mark', 32);
            $table->enum('status', ['running', 'done', 'cancelled', 'overtaken', 'failed']);
            $table->unsignedInteger('passes');
            $table->unsignedInteger('done')->default(0);
            $table->longText('state')->nullable();
            $table->longText('reading')->nullable();
            $table->timestamp('beat_at', 3);
            $table->timestamps(3);
            $table->index(['user_id', 'status']);
            $table->index(['rush_id', 'kind', 'created_at']);
        });

        Schema::create('jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
    }

    public function down(): void
    {
        foreach (['jobs', 'sweeps', 'rehearsals'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('rushes', fn (Blueprint $table) => $table->dropColumn('dials'));
    }
};
