<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Who has left is found among thousands without looking at all of them.
        Schema::table('people', fn (Blueprint $table) => $table->index(['workspace_id', 'last_day']));
    }

    public function down(): void
    {
        Schema::table('people', fn (Blueprint $table) => $table->dropIndex(['workspace_id', 'last_day']));
    }
};
