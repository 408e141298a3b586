<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The log: frames that came home, the bursts they were taken in, and what a person has done with them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('files', function (Blueprint $table): void {
            // when what is in it was taken in, and how often somebody has begun to
            $table->timestamp('read_at', 3)->nullable();
            $table->unsignedTinyInteger('tries')->default(0);
            $table->index(['user_id', 'purpose', 'read_at']);
        });
        Schema::create('bursts', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('rush_id')->nullable()->constrained('rushes')->nullOnDelete();
            $table->string('body', 120)->default('');
            $table->string('lens', 120)->default('');
            // by the camera's clock, as UTC where its file names no zone
            $table->dateTime('began_at', 3);
            $table->dateTime('ended_at', 3);
            // what that clock showed; null where the files do not say
            $table->string('clock', 32)->nullable();
            // where a person has touched the subject: frame and box
            $table->string('subject', 120)->nullable();
            // split or joined by a person: nothing is added to it or taken from it by itself
            $table->boolean('by_hand')->default(false);
            $table->unsignedInteger('frames')->default(0);
            $table->unsignedInteger('keepers')->default(0);
            $table->unsignedInteger('eyed')->default(0);
            $table->timestamps(3);
            $table->index(['user_id', 'began_at', 'id']);
            $table->index(['user_id', 'body', 'ended_at']);
            $table->index(['rush_id', 'began_at']);
        });
        Schema::create('frames', function (Blueprint $table): void {
            $table->ulid('id')->primary();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignUlid('burst_id')->constrained('bursts')->cascadeOnDelete();
            $table->foreignUlid('file_id')->nullable()->constrained('files')->nullOnDelete();
            $table->char('hash', 64);
            $table->string('name', 120);
            $table->dateTime('taken_at', 3)->nullable();
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->text('facts');
            // what was measured, and by what it is known where the subject is
            $table->text('measured');
            $table->string('found_by', 8);
            // blur of the subject, and how much of that is the body's own and how much may be
            $table->float('total_px')->nullable();
            $table->float('floor_px')->default(0);
            $table->float('limit_px');
            $table->string('verdict', 12);
            $table->float('confidence');
            $table->string('eye', 12)->nullable();
            // its small pictures: whose folder they are in, under which name, and how long they are
            $table->unsignedBigInteger('held_by');
            $table->char('picture', 32);
            $table->unsignedInteger('picture_bytes');
            $table->string('crop', 60)->nullable();
            $table->timestamps(3);
            $table->unique(['user_id', 'hash']);
            $table->index(['burst_id', 'taken_at', 'id']);
            $table->index(['user_id', 'taken_at']);
            $table->index(['user_id', 'eye', 'verdict']);
            $table->index('picture');
        });
        Schema::create('log_acts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('words', 120);
            $table->string('burst_id', 26);
            $table->mediumText('before');
            $table->mediumText('after');
            $table->boolean('is_undone')->default(false);
            $table->timestamp('at', 3);
            $table->index(['user_id', 'is_undone', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('log_acts');
        Schema::dropIfExists('frames');
        Schema::dropIfExists('bursts');
        Schema::table('files', function (Blueprint $table): void {
            $table->dropIndex(['user_id', 'purpose', 'read_at']);
            $table->dropColumn(['read_at', 'tries']);
        });
    }
};
