<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Banners due at once share cards, or days. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('place_windows', fn (Blueprint $table) => $table->boolean('by_days')->default(false));
    }

    public function down(): void
    {
        Schema::table('place_windows', fn (Blueprint $table) => $table->dropColumn('by_days'));
    }
};
