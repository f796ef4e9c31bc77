<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('proof_walks', function (Blueprint $table) {
            $table->foreignId('card_id')->constrained();
            $table->string('item', 4);
            $table->unsignedInteger('revision');
            $table->foreignId('user_id')->nullable()->constrained();
            $table->dateTime('at');
            $table->primary(['card_id', 'item']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('proof_walks');
    }
};
