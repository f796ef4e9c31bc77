<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Banners made here, where they stand, and when: see App\Banners. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('banners', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->text('document');
            $table->text('before')->nullable();
            $table->unsignedInteger('number')->default(1);
            $table->string('occasion', 30)->default('');
            // What readers see: as it was put out last.
            $table->text('put')->nullable();
            $table->text('print')->nullable();
            $table->dateTime('put_at')->nullable();
            $table->dateTime('removed_at')->nullable();
            $table->timestamps();
            $table->index(['workspace_id', 'removed_at']);
        });
        // A place answers for good: its row outlives its piece, its card and its banners.
        Schema::create('places', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('card_id');
            $table->string('piece', 40);
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->string('gap', 10);
            $table->timestamps();
            $table->unique(['card_id', 'piece']);
        });
        Schema::create('place_windows', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->foreignId('banner_id')->constrained()->cascadeOnDelete();
            // Seconds since 1970 (UTC).
            $table->unsignedBigInteger('begins');
            $table->unsignedBigInteger('ends');
            $table->text('audience');
            $table->unsignedTinyInteger('priority')->default(0);
            $table->unsignedTinyInteger('share')->default(1);
            $table->dateTime('removed_at')->nullable();
            $table->timestamps();
            $table->index(['workspace_id', 'removed_at', 'ends']);
        });
        // Days of the firm's own that come back every year: MM-DD.
        Schema::create('own_days', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->string('day', 5);
        });
        Schema::create('card_labels', function (Blueprint $table) {
            $table->foreignId('card_id')->constrained()->cascadeOnDelete();
            $table->string('label', 40);
            $table->primary(['card_id', 'label']);
            $table->index('label');
        });
        Schema::table('workspaces', function (Blueprint $table) {
            $table->string('zone', 40)->default('');
            $table->unsignedBigInteger('evergreen_id')->nullable();
        });
        Schema::table('tracked_links', fn (Blueprint $table) => $table->unsignedBigInteger('banner_id')->nullable()
            ->index());
    }

    public function down(): void
    {
        Schema::table('tracked_links', fn (Blueprint $table) => $table->dropIndex(['banner_id']));
        Schema::table('tracked_links', fn (Blueprint $table) => $table->dropColumn('banner_id'));
        Schema::table('workspaces', fn (Blueprint $table) => $table->dropColumn(['zone', 'evergreen_id']));
        foreach (['card_labels', 'own_days', 'place_windows', 'places', 'banners'] as $table) {
            Schema::drop($table);
        }
    }
};
