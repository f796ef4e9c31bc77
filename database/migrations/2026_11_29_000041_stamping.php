<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('workspaces', function (Blueprint $table): void {
            $table->boolean('stamping')->default(false);
            $table->boolean('stamp_pictures')->default(false);
        });
        // How many messages of a day a mail server handed in came out how.
        Schema::create('stamped_days', function (Blueprint $table): void {
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->date('day');
            $table->string('outcome', 20);
            $table->unsignedInteger('messages');
            $table->primary(['workspace_id', 'day', 'outcome']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('stamped_days');
        Schema::table('workspaces', fn (Blueprint $table) => $table->dropColumn(['stamping', 'stamp_pictures']));
    }
};
