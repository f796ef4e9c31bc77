<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Numbers of the edits a card took last: one asked for again, its answer having been lost, is not made twice. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('cards', fn (Blueprint $table) => $table->text('taken')->default(''));
    }

    public function down(): void
    {
        Schema::table('cards', fn (Blueprint $table) => $table->dropColumn('taken'));
    }
};
