<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was taken of a card holds for a while: parts of it end by date, and banners that travel with it stay. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('card_uses', function (Blueprint $table) {
            // The last day it is right.
            $table->date('until')->nullable();
            // JSON: banners that travel with it, by the piece they stand in: number, hash of the picture.
            $table->text('carried')->nullable();
            $table->index(['until']);
        });
    }

    public function down(): void
    {
        Schema::table('card_uses', function (Blueprint $table) {
            $table->dropIndex(['until']);
            $table->dropColumn(['until', 'carried']);
        });
    }
};
