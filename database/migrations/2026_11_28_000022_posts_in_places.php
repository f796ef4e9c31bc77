<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Places that show the newest entry of a feed: which, and in what look (PostPicture). */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('places', function (Blueprint $table) {
            $table->unsignedBigInteger('feed_id')->nullable();
            $table->text('look')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('places', fn (Blueprint $table) => $table->dropColumn(['feed_id', 'look']));
    }
};
