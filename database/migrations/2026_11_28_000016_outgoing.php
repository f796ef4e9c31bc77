<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Messages on their way into the world, and what became of them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('outgoing_messages', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->string('from', 254);
            $table->string('to', 254);
            $table->string('subject', 250);
            $table->binary('raw');
            // waiting, sent, refused; with the server's own words
            $table->string('state', 8);
            $table->string('words', 500)->default('');
            $table->dateTime('created_at');
            $table->index(['workspace_id', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('outgoing_messages');
    }
};
