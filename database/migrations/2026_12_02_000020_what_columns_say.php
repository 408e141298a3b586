<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * How long the pictures of an account are stands with the account, not in a column of frames; the run that brought a table stands in a column
 * of its own, not in place of the name of a picture.
 */
return new class extends Migration
{
    private const BYTES = 20_003;

    public function up(): void
    {
        Schema::table('users', fn (Blueprint $table) => $table->bigInteger('picture_bytes')->default(0));
        DB::statement('UPDATE users JOIN tallies ON tallies.user_id = users.id AND kind = '.self::BYTES.' SET users.picture_bytes = tallies.frames');
        DB::table('tallies')->where('kind', self::BYTES)->delete();
        Schema::table('frames', function (Blueprint $table): void {
            $table->char('table_run', 26)->collation('utf8mb4_bin')->nullable()->index();
        });
        foreach (DB::table('runs')->where('kind', 'table')->pluck('id') as $run) {
            DB::table('frames')->where('picture', md5('table '.$run))->update(['table_run' => $run]);
        }
    }

    public function down(): void
    {
        DB::table('frames')->whereNotNull('table_run')->update(['picture' => DB::raw("MD5(CONCAT('table ', table_run))")]);
        Schema::table('frames', fn (Blueprint $table) => $table->dropColumn('table_run'));
        DB::statement('INSERT INTO tallies (user_id, kind, one, other, bursts, frames) SELECT id, '.self::BYTES.", '', '', 1, picture_bytes FROM users WHERE picture_bytes > 0");
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn('picture_bytes'));
    }
};
