<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('link_checks', function (Blueprint $table) {
            $table->char('hash', 64)->primary();
            $table->text('address');
            $table->string('verdict', 20);
            $table->string('words', 200);
            $table->unsignedSmallInteger('status')->nullable();
            $table->text('final');
            $table->unsignedInteger('milliseconds');
            $table->json('redirects');
            $table->dateTime('checked_at')->index();
        });
        Schema::create('tracked_links', function (Blueprint $table) {
            $table->id();
            $table->foreignId('card_id')->constrained();
            $table->string('piece', 40);
            $table->string('kind', 20);
            $table->string('words', 160);
            $table->string('person', 160);
            $table->text('address');
            $table->char('hash', 64);
            $table->dateTime('created_at');
            $table->unique(['card_id', 'piece', 'person', 'hash']);
        });
        Schema::create('clicks', function (Blueprint $table) {
            $table->id();
            $table->foreignId('tracked_link_id')->constrained();
            $table->dateTime('at');
            $table->char('visitor', 16);
            $table->string('filtered', 20)->nullable();
            $table->index(['tracked_link_id', 'at']);
            $table->index('at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('clicks');
        Schema::dropIfExists('tracked_links');
        Schema::dropIfExists('link_checks');
    }
};
