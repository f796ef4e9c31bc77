<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What members read pages in; empty for what follows from their browser and workspace. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table) {
            $table->string('language', 20)->default('');
            $table->string('region', 20)->default('');
            $table->string('zone', 64)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('users', fn (Blueprint $table) => $table->dropColumn(['language', 'region', 'zone']));
    }
};
