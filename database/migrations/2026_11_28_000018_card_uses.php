<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Where a card went, and which revision of it: see App\Handover\InUse. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('card_uses', function (Blueprint $table) {
            $table->foreignId('card_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 11);
            $table->string('name', 254);
            $table->unsignedInteger('revision');
            $table->dateTime('at');
            $table->primary(['card_id', 'kind', 'name']);
        });
        // Placed before that was kept: as the card is now, which nobody is told is old.
        DB::table('card_uses')->insertUsing(
            ['card_id', 'kind', 'name', 'revision', 'at'],
            DB::table('placements')->join('cards', 'cards.id', 'card_id')->distinct()
                ->select(['card_id', DB::raw("'address'"), 'address', 'cards.head', 'cards.updated_at']),
        );
    }

    public function down(): void
    {
        Schema::drop('card_uses');
    }
};
