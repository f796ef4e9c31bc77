<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Pages people have of their own, without an account: by an address nobody can guess. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('person_pages', function (Blueprint $table) {
            $table->char('person_id', 26)->primary();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            // What the address ends with, for finding it; and, for who sends it again, encrypted.
            $table->char('hash', 64)->unique();
            $table->text('token');
            $table->dateTime('until');
            $table->dateTime('withdrawn_at')->nullable();
            $table->dateTime('opened_at')->nullable();
            $table->dateTime('filled_at')->nullable();
            $table->dateTime('took_at')->nullable();
            $table->string('took_to', 30)->default('');
        });
    }

    public function down(): void
    {
        Schema::drop('person_pages');
    }
};
