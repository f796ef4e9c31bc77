<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What is done beside the pages, and how far a change of many cards has come. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('jobs', function (Blueprint $table) {
            $table->id();
            $table->string('queue')->index();
            $table->longText('payload');
            $table->unsignedTinyInteger('attempts');
            $table->unsignedInteger('reserved_at')->nullable();
            $table->unsignedInteger('available_at');
            $table->unsignedInteger('created_at');
        });
        Schema::table('sweeps', function (Blueprint $table) {
            // making, made, undoing, undone
            $table->string('state', 10)->default('making');
            // Card it has come to, and cards there are to look at.
            $table->unsignedBigInteger('reached')->default(0);
            $table->unsignedInteger('seen')->default(0);
            $table->unsignedInteger('total')->default(0);
        });
        DB::table('sweeps')->update(['state' => DB::raw("case when undone_at is null then 'made' else 'undone' end")]);
    }

    public function down(): void
    {
        Schema::dropIfExists('jobs');
        Schema::table('sweeps', fn (Blueprint $table) => $table->dropColumn(['state', 'reached', 'seen', 'total']));
    }
};
