<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A plan rests on no units; it is kept as the text that is sent, once for the units somebody has asked for it in. */
return new class extends Migration
{
    public function up(): void
    {
        DB::table('plans')->delete();
        Schema::table('plans', static function (Blueprint $table): void {
            $table->dropColumn('document');
            $table->longText('metric')->nullable();
            $table->longText('imperial')->nullable();
        });
    }

    public function down(): void
    {
        DB::table('plans')->delete();
        Schema::table('plans', static function (Blueprint $table): void {
            $table->dropColumn(['metric', 'imperial']);
            $table->json('document')->nullable();
        });
    }
};
