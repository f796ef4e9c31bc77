<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Made by this migration under the number it had first.
        if (Schema::hasTable('brands')) {
            return;
        }
        Schema::create('brands', function (Blueprint $table) {
            $table->foreignId('workspace_id')->primary()->constrained()->cascadeOnDelete();
            $table->longText('document');
            // What has been changed but not put on the cards yet, and how it was before the last change.
            $table->longText('draft')->nullable();
            $table->longText('before')->nullable();
            // Counts every change of the three, so that a second tab cannot overwrite a first.
            $table->unsignedInteger('number')->default(1);
            $table->timestamps();
        });
        // One edit made on many cards, and which revision each card had before and after.
        Schema::create('sweeps', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->string('words');
            $table->longText('edit');
            $table->unsignedInteger('cards');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('created_at');
            $table->timestamp('undone_at')->nullable();
            $table->index(['workspace_id', 'id']);
        });
        Schema::create('sweep_cards', function (Blueprint $table) {
            $table->foreignId('sweep_id')->constrained()->cascadeOnDelete();
            $table->foreignId('card_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('from');
            $table->unsignedInteger('to');
            $table->primary(['sweep_id', 'card_id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('sweep_cards');
        Schema::dropIfExists('sweeps');
        Schema::dropIfExists('brands');
    }
};
