<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('cards', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            // Number of the current revision; undo and redo move it.
            $table->unsignedInteger('head');
            $table->unsignedInteger('last');
            $table->timestamps();
            $table->index('workspace_id');
        });
        // Every edit writes here: one key, no counter. Only the newest, while the stay in a field that made it goes on,
        // is written again.
        Schema::create('card_revisions', function (Blueprint $table) {
            $table->foreignId('card_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->unsignedInteger('parent')->nullable();
            $table->longText('document');
            $table->string('words');
            // One stay in one field is one revision, though every key was kept.
            $table->string('burst', 32)->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('created_at');
            $table->primary(['card_id', 'number']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('card_revisions');
        Schema::dropIfExists('cards');
    }
};
