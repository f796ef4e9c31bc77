<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Who members are at a provider of OpenID Connect. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('identities', function (Blueprint $table) {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('issuer');
            $table->string('subject');
            $table->dateTime('created_at');
            $table->unique(['issuer', 'subject']);
        });
    }

    public function down(): void
    {
        Schema::drop('identities');
    }
};
