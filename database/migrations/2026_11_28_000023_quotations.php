<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a firm quotes, and how often its cards were handed over: see InkyCard\Card\Quotations. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('quotations', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->string('topic', 40)->default('');
            $table->string('text', 280);
            $table->string('by', 80)->default('');
            $table->text('address');
            $table->dateTime('removed_at')->nullable();
            $table->index(['workspace_id', 'removed_at']);
        });
        Schema::table('cards', fn (Blueprint $table) => $table->unsignedInteger('taken_times')->default(0));
        Schema::table('feeds', function (Blueprint $table) {
            // JSON: entries before the newest, as pieces say them: signatures handed over then carry them.
            $table->text('past')->nullable();
        });
    }

    public function down(): void
    {
        Schema::drop('quotations');
        Schema::table('cards', fn (Blueprint $table) => $table->dropColumn('taken_times'));
        Schema::table('feeds', fn (Blueprint $table) => $table->dropColumn('past'));
    }
};
