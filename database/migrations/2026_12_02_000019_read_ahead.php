<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which portion of a run has been called for; who reads a file, and what came of it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('runs', function (Blueprint $table): void {
            $table->unsignedInteger('called')->nullable()->after('portions');
        });
        Schema::table('files', function (Blueprint $table): void {
            $table->string('held_by', 120)->nullable()->after('tries');
            $table->timestamp('held_until', 3)->nullable()->after('held_by');
            $table->mediumText('outcome')->nullable()->after('held_until');
        });
    }

    public function down(): void
    {
        Schema::table('runs', fn (Blueprint $table) => $table->dropColumn('called'));
        Schema::table('files', fn (Blueprint $table) => $table->dropColumn(['held_by', 'held_until', 'outcome']));
    }
};
