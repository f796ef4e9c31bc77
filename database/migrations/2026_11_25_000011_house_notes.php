<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('house_notes', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained();
            // A destination's key; * for all that have none of their own.
            $table->string('destination', 40);
            $table->string('film', 2048);
            $table->string('note', 300);
            $table->unique(['workspace_id', 'destination']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('house_notes');
    }
};
