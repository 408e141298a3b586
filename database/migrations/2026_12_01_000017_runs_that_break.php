<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who is at a run and how long at the most, how often its next portion has been begun, and which runs have been silent for long. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('runs', function (Blueprint $table): void {
            $table->unsignedTinyInteger('tries')->default(0)->after('portions');
            $table->string('held_by', 120)->nullable()->after('tries');
            $table->timestamp('held_until', 3)->nullable()->after('held_by');
            $table->index(['status', 'beat_at']);
        });
    }

    public function down(): void
    {
        Schema::table('runs', function (Blueprint $table): void {
            $table->dropIndex(['status', 'beat_at']);
            $table->dropColumn(['tries', 'held_by', 'held_until']);
        });
    }
};
