<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What takes long and is done beside the pages: what it is, how far it came, what came of it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('errands', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 20);
            $table->string('state', 10);
            // Names it where it is told how far it is: another database may have one of the same number.
            $table->char('mark', 16);
            // A sentence and its values, said in the language of who reads it.
            $table->text('says')->default('{}');
            $table->text('data')->default('{}');
            // What came in with it, or comes out of it.
            $table->string('file', 80)->nullable();
            $table->dateTime('created_at');
            $table->dateTime('ended_at')->nullable();
            $table->index(['workspace_id', 'id']);
        });
    }

    public function down(): void
    {
        Schema::drop('errands');
    }
};
