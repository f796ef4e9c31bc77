<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Moving people to their cards: who was written to, how far each is, and the tests that came. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('rollouts', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('tag', 40);
            $table->string('tests_to', 254);
            $table->string('help', 254)->default('');
            $table->string('film', 500)->default('');
            $table->date('deadline');
            $table->unsignedTinyInteger('every');
            $table->text('wordings');
            $table->string('state', 10);
            $table->string('words', 300)->default('');
            $table->dateTime('created_at');
        });
        Schema::create('rollout_people', function (Blueprint $table) {
            $table->foreignId('rollout_id')->constrained()->cascadeOnDelete();
            $table->char('person_id', 26)->index();
            $table->dateTime('told_at')->nullable();
            $table->dateTime('asked_at')->nullable();
            $table->dateTime('written_at')->nullable();
            $table->unsignedTinyInteger('reminded')->default(0);
            $table->dateTime('tested_at')->nullable();
            $table->foreignId('test_id')->nullable();
            $table->string('verdict', 20)->default('');
            // What somebody said of the test: right, or to be made again.
            $table->dateTime('right_at')->nullable();
            $table->dateTime('redo_at')->nullable();
            $table->string('note', 500)->default('');
            $table->string('excused', 200)->default('');
            // Why somebody is asked though what the trade asks for is not there.
            $table->string('waived', 200)->default('');
            $table->primary(['rollout_id', 'person_id']);
        });
        Schema::create('rollout_messages', function (Blueprint $table) {
            $table->id();
            $table->foreignId('rollout_id')->constrained()->cascadeOnDelete();
            $table->char('person_id', 26);
            $table->string('kind', 10);
            $table->unsignedSmallInteger('round');
            // waits, passing (given to the mail server: what a kill cuts off there may have arrived), sent, refused
            $table->string('state', 10);
            $table->string('words', 300)->default('');
            $table->dateTime('at');
            $table->unique(['rollout_id', 'person_id', 'kind', 'round']);
            $table->index(['rollout_id', 'state', 'id']);
        });
        Schema::create('rollout_tests', function (Blueprint $table) {
            $table->id();
            $table->foreignId('rollout_id')->constrained()->cascadeOnDelete();
            $table->foreignId('message_id')->constrained('tray_messages')->cascadeOnDelete();
            // Null for a stranger's.
            $table->char('person_id', 26)->nullable();
            $table->string('verdict', 20);
            $table->string('says', 300)->default('');
            $table->dateTime('at');
            $table->unique(['rollout_id', 'message_id']);
        });
    }

    public function down(): void
    {
        foreach (['rollout_tests', 'rollout_messages', 'rollout_people', 'rollouts'] as $table) {
            Schema::drop($table);
        }
    }
};
