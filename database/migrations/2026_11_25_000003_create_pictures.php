<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('pictures', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->char('hash', 64);
            $table->string('extension', 4);
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->unsignedInteger('bytes');
            $table->string('name');
            $table->timestamps();
            $table->unique(['workspace_id', 'hash']);
        });
        // Memo of what has been baked: recipe key -> file. Files are named by their hash.
        Schema::create('picture_variants', function (Blueprint $table) {
            $table->id();
            $table->string('key')->unique();
            $table->json('recipe');
            $table->char('hash', 64)->index();
            $table->string('extension', 4);
            $table->unsignedInteger('bytes');
            $table->timestamp('created_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('picture_variants');
        Schema::dropIfExists('pictures');
    }
};
