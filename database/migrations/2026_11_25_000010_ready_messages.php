<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('ready_messages', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained();
            $table->unsignedInteger('place');
            $table->string('name', 80);
            $table->string('subject', 200);
            $table->text('body');
            $table->dateTime('removed_at')->nullable();
            $table->timestamps();
            $table->index(['workspace_id', 'removed_at', 'place']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('ready_messages');
    }
};
