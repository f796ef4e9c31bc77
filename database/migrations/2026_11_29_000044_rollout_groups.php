<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Whose people a rollout is for, so that those who come later are found; none for everybody.
        Schema::table('rollouts', fn (Blueprint $table) => $table->unsignedBigInteger('group_id')->nullable());
    }

    public function down(): void
    {
        Schema::table('rollouts', fn (Blueprint $table) => $table->dropColumn('group_id'));
    }
};
