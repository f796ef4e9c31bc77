<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('people', function (Blueprint $table): void {
            // How a directory knows them: the name they sign in by there, parts of their name, which facts it told.
            $table->string('user_name', 254)->nullable();
            $table->text('directory')->default('{}');
            $table->unique(['workspace_id', 'user_name']);
        });
        Schema::table('staff_groups', fn (Blueprint $table) => $table->string('external', 120)->nullable());
    }

    public function down(): void
    {
        Schema::table('staff_groups', fn (Blueprint $table) => $table->dropColumn('external'));
        Schema::table('people', function (Blueprint $table): void {
            $table->dropUnique(['workspace_id', 'user_name']);
            $table->dropColumn(['user_name', 'directory']);
        });
    }
};
