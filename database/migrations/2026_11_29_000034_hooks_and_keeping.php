<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Addresses that are told what happens, what each was told, and how long clicks are kept. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('hooks', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->text('address');
            $table->text('secret');
            $table->string('events');
            $table->dateTime('created_at');
            $table->dateTime('stopped_at')->nullable();
        });
        Schema::create('hook_calls', function (Blueprint $table) {
            $table->id();
            $table->foreignId('hook_id')->constrained()->cascadeOnDelete();
            // Its own for ever, however often it is tried: who gets it twice can tell.
            $table->char('message', 26)->unique();
            $table->string('event', 24);
            $table->string('subject', 40);
            $table->text('data');
            $table->string('state', 10);
            $table->string('words', 200)->default('');
            $table->unsignedTinyInteger('tries')->default(0);
            $table->dateTime('at');
            $table->dateTime('next_at')->nullable();
            $table->index(['hook_id', 'id']);
            $table->index(['hook_id', 'event', 'subject', 'state']);
        });
        Schema::table('workspaces', function (Blueprint $table) {
            // Days; 0 for good. Of people's clicks, and of requests of programs that were told from them.
            $table->unsignedSmallInteger('keep_clicks')->default(0);
            $table->unsignedSmallInteger('keep_requests')->default(0);
        });
    }

    public function down(): void
    {
        Schema::drop('hook_calls');
        Schema::drop('hooks');
        Schema::table('workspaces', fn (Blueprint $table) => $table->dropColumn(['keep_clicks', 'keep_requests']));
    }
};
