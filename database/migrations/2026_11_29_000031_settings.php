<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was done in a workspace and by whom, and workspaces that close. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('log_entries', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            // Whoever it was may be gone: their name stays.
            $table->unsignedBigInteger('user_id')->nullable();
            $table->string('who', 80);
            // What it was done to: a kind of thing and its number.
            $table->string('object', 24);
            $table->string('object_id', 40)->default('');
            $table->string('words', 160);
            $table->unsignedInteger('times')->default(1);
            $table->dateTime('at');
            $table->index(['workspace_id', 'id']);
            $table->index(['workspace_id', 'object', 'object_id']);
            $table->index('at');
        });
        Schema::table('workspaces', function (Blueprint $table) {
            // When it is gone for good; null for one that stays. Whether links and places answer until then.
            $table->dateTime('closes_at')->nullable();
            $table->boolean('answers')->default(true);
        });
    }

    public function down(): void
    {
        Schema::drop('log_entries');
        Schema::table('workspaces', fn (Blueprint $table) => $table->dropColumn(['closes_at', 'answers']));
    }
};
