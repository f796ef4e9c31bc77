<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Letters around a card or a footer. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('letters', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->foreignId('card_id')->constrained()->cascadeOnDelete();
            // In place of the card alone.
            $table->unsignedBigInteger('footer_id')->nullable();
            $table->string('subject', 160);
            $table->text('document');
            $table->unsignedInteger('number')->default(1);
            $table->dateTime('removed_at')->nullable();
            $table->timestamps();
            $table->index(['workspace_id', 'removed_at']);
        });
    }

    public function down(): void
    {
        Schema::drop('letters');
    }
};
