<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How often the next portion of a run has been begun, and which runs have been silent for long. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('runs', function (Blueprint $table): void {
            $table->unsignedTinyInteger('tries')->default(0)->after('portions');
            $table->index(['status', 'beat_at']);
        });
    }

    public function down(): void
    {
        Schema::table('runs', function (Blueprint $table): void {
            $table->dropIndex(['status', 'beat_at']);
            $table->dropColumn('tries');
        });
    }
};
