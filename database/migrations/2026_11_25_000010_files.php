<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // what people upload; the bytes are on a disk, by path
        Schema::create('files', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('purpose', 16);
            $table->string('name', 120);
            $table->string('type', 100);
            $table->unsignedBigInteger('bytes');
            $table->char('hash', 64);
            $table->timestamp('expires_at', 3)->nullable()->index();
            $table->timestamps(3);
            $table->unique(['user_id', 'purpose', 'hash']);
            $table->index(['user_id', 'purpose', 'created_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('files');
    }
};
