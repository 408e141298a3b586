<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('cards', function (Blueprint $table): void {
            $table->foreignUlid('outing_id')->nullable()->constrained('outings')->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('cards', fn (Blueprint $table) => $table->dropConstrainedForeignId('outing_id'));
    }
};
