<?php

use App\Clicks\CountedLinks;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Clicks of days that are over, added up once: see App\Clicks\Sums. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('click_days', function (Blueprint $table) {
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->char('day', 10);
            $table->unsignedInteger('clicks');
            $table->unsignedInteger('visitors');
            $table->unsignedInteger('machines');
            $table->primary(['workspace_id', 'day']);
        });
        Schema::create('click_sums', function (Blueprint $table) {
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('span');
            $table->string('way', 6);
            $table->string('row', 26);
            $table->integer('clicks');
            $table->integer('visitors');
            $table->dateTime('latest');
            $table->primary(['workspace_id', 'span', 'way', 'row']);
            $table->index(['workspace_id', 'span', 'way', 'clicks', 'latest']);
        });
        // The first link of the same piece and words: what a row of clicks by piece goes by.
        Schema::table('tracked_links', function (Blueprint $table) {
            $table->unsignedBigInteger('first_id')->nullable()->index();
        });
        CountedLinks::findFirst();
        // The last day a span of days holds.
        Schema::create('click_spans', function (Blueprint $table) {
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('span');
            $table->char('until', 10);
            $table->primary(['workspace_id', 'span']);
        });
    }

    public function down(): void
    {
        array_map(Schema::dropIfExists(...), ['click_spans', 'click_sums', 'click_days']);
        Schema::table('tracked_links', function (Blueprint $table) {
            $table->dropIndex(['first_id']);
            $table->dropColumn('first_id');
        });
    }
};
