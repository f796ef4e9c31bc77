<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Feeds that cards show the newest entry of: see App\Feeds\Feeds. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('feeds', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->char('hash', 64);
            $table->text('address');
            // Where its page says the feed is.
            $table->text('found')->nullable();
            $table->string('title', 160)->nullable();
            $table->text('entry')->nullable();
            $table->dateTime('entry_at')->nullable();
            $table->dateTime('read_at')->nullable();
            $table->dateTime('asked_at')->nullable();
            $table->dateTime('next_at')->nullable();
            $table->unsignedSmallInteger('fails')->default(0);
            $table->text('said')->nullable();
            $table->unique(['workspace_id', 'hash']);
        });
    }

    public function down(): void
    {
        Schema::drop('feeds');
    }
};
