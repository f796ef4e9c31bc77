<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Tables made before two columns had their place: they get them, and the first migrations stay as they are now. */
return new class extends Migration
{
    public function up(): void
    {
        if (! Schema::hasColumn('cards', 'last')) {
            Schema::table('cards', fn (Blueprint $table) => $table->unsignedInteger('last')->default(0));
            DB::statement('update cards set last =
                coalesce((select max(number) from card_revisions where card_id = cards.id), 0)');
        }
        if (! Schema::hasColumn('card_revisions', 'burst')) {
            Schema::table('card_revisions', fn (Blueprint $table) => $table->string('burst', 32)->nullable());
        }
    }

    public function down(): void
    {
        // What was mended goes with its tables.
    }
};
