<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What the verifier last said of a message, and of which card as it was then. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('tray_messages', function (Blueprint $table) {
            $table->string('verdict', 12)->default('');
            $table->unsignedBigInteger('verdict_card')->nullable();
            $table->unsignedInteger('verdict_head')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropColumns('tray_messages', ['verdict', 'verdict_card', 'verdict_head']);
    }
};
