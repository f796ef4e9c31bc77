<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('tray_messages', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained();
            $table->string('from', 254);
            $table->string('to', 254);
            $table->string('subject', 250);
            $table->string('origin', 20);
            $table->binary('raw');
            $table->dateTime('received_at');
            $table->index(['workspace_id', 'id']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('tray_messages');
    }
};
