<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('cards', function (Blueprint $table) {
            $table->timestamp('archived_at')->nullable();
        });
        // Which card goes under mail from which address in which situation: one for each.
        Schema::create('placements', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->foreignId('card_id')->constrained()->cascadeOnDelete();
            $table->string('address', 254);
            $table->string('situation', 12);
            $table->unique(['workspace_id', 'address', 'situation']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('placements');
        Schema::table('cards', function (Blueprint $table) {
            $table->dropColumn('archived_at');
        });
    }
};
