<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What bursts were shot under, what each has been counted as, and what all of them add up to. */
return new class extends Migration
{
    private const COUNTED_BY = ['rush', 'hold', 'area', 'tuning', 'heeded', 'shutter', 'distance', 'body', 'lens', 'support', 'outing', 'month', 'promised'];

    public function up(): void
    {
        Schema::create('promises', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('rush_id')->nullable()->constrained('rushes')->nullOnDelete();
            $table->char('fingerprint', 32);
            $table->text('document');
            $table->timestamp('made_at', 3);
            $table->unique(['user_id', 'rush_id', 'fingerprint']);
        });
        Schema::table('bursts', function (Blueprint $table): void {
            $table->foreignUlid('promise_id')->nullable()->constrained('promises')->nullOnDelete();
            $table->index(['user_id', 'clock']);
        });
        Schema::create('counted', function (Blueprint $table): void {
            $table->foreignUlid('burst_id')->primary()->constrained('bursts')->cascadeOnDelete();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->dateTime('began_at', 3);
            foreach (self::COUNTED_BY as $column) {
                // two names that differ in a capital or a blank at the end are two
                $table->string($column, 120)->default('')->collation('utf8mb4_nopad_bin');
            }
            $table->unsignedInteger('frames');
            $table->unsignedInteger('keepers');
            $table->string('promise_id', 26)->default('');
            // how many frames the person says one thing of and the machine another, as eye/verdict
            $table->text('verdicts');
            // of their pictures in this account's own folder
            $table->unsignedBigInteger('bytes')->default(0);
            foreach (self::COUNTED_BY as $column) {
                $table->index(['user_id', $column, 'began_at'], "counted_by_{$column}");
            }
        });
        Schema::table('users', function (Blueprint $table): void {
            // figures of the person's own frames that are used, with the frames that tell them, by name
            $table->json('learnt')->nullable()->after('assumptions');
        });
        Schema::create('learnt', function (Blueprint $table): void {
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 130)->collation('utf8mb4_nopad_bin');
            $table->double('assumed');
            $table->double('value');
            $table->double('least');
            $table->double('most');
            $table->float('worth');
            $table->unsignedInteger('frames');
            $table->mediumText('bursts');
            $table->mediumText('kept_out');
            $table->boolean('is_on')->default(false);
            // of what it was told from
            $table->char('fingerprint', 32);
            $table->primary(['user_id', 'name']);
        });
        Schema::create('tallies', function (Blueprint $table): void {
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('kind');
            $table->string('one', 120)->collation('utf8mb4_nopad_bin');
            $table->string('other', 120)->collation('utf8mb4_nopad_bin');
            $table->integer('bursts')->default(0);
            $table->bigInteger('frames')->default(0);
            $table->bigInteger('keepers')->default(0);
            $table->bigInteger('squares')->default(0);
            $table->bigInteger('parts')->default(0);
            $table->primary(['user_id', 'kind', 'one', 'other']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('tallies');
        Schema::dropIfExists('learnt');
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn('learnt'));
        Schema::dropIfExists('counted');
        Schema::table('bursts', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('promise_id');
            $table->dropIndex(['user_id', 'clock']);
        });
        Schema::dropIfExists('promises');
    }
};
