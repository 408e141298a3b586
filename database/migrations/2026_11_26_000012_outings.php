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
        foreach (['places', 'outings'] as $name) {
            Schema::create($name, function (Blueprint $table) use ($name): void {
                $table->ulid('id')->primary();
                $table->foreignId('user_id')->constrained()->cascadeOnDelete();
                if ($name === 'outings') {
                    $table->foreignUlid('place_id')->constrained('places')->cascadeOnDelete();
                    $table->date('day');
                }
                $table->string('name', 120);
                $table->json('document');
                $table->unsignedInteger('revision')->default(1);
                $table->unsignedInteger('position')->default(0);
                $table->string('write_id', 40)->default('');
                $table->string('creation_id', 40)->nullable();
                $table->timestamps(6);
                $table->softDeletes('deleted_at', 6);
                $table->index(['user_id', 'deleted_at']);
                $table->unique(['user_id', 'creation_id']);
            });
        }

        // the day of an outing as it is sent, with a fingerprint of all it rests on
        Schema::create('days', function (Blueprint $table): void {
            $table->foreignUlid('outing_id')->primary()->constrained('outings')->cascadeOnDelete();
            $table->char('fingerprint', 32);
            $table->mediumText('metric')->nullable();
            $table->mediumText('imperial')->nullable();
            $table->json('fault')->nullable();
            $table->timestamp('reckoned_at', 6)->useCurrent();
        });
    }

    public function down(): void
    {
        Schema::drop('days');
        Schema::drop('outings');
        Schema::drop('places');
        DB::table('versions')->whereIn('record_type', ['place', 'outing'])->delete();
    }
};
