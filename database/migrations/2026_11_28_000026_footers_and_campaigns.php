<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Footers of campaigns with their revisions, recipients, and campaigns whose messages each hold a revision. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('footers', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->foreignId('card_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->text('document');
            $table->unsignedInteger('number')->default(1);
            // The newest revision; 0 before there is one.
            $table->unsignedInteger('head')->default(0);
            $table->dateTime('removed_at')->nullable();
            $table->timestamps();
            $table->index(['workspace_id', 'removed_at']);
        });
        // What was given out: HTML and text with their tokens, and what they were made of.
        Schema::create('footer_revisions', function (Blueprint $table) {
            $table->foreignId('footer_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->text('document');
            $table->unsignedInteger('card_revision');
            $table->text('html');
            $table->text('text');
            $table->dateTime('created_at');
            $table->primary(['footer_id', 'number']);
        });
        Schema::create('recipients', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->string('address', 254);
            $table->text('data');
            $table->dateTime('unsubscribed_at')->nullable();
            $table->unique(['workspace_id', 'address']);
        });
        Schema::create('campaigns', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->foreignId('footer_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->date('starts');
            $table->unsignedInteger('recipients')->default(0);
            $table->dateTime('ended_at')->nullable();
            $table->dateTime('removed_at')->nullable();
            $table->timestamps();
            $table->index(['workspace_id', 'removed_at', 'starts']);
        });
        Schema::create('campaign_messages', function (Blueprint $table) {
            $table->id();
            $table->foreignId('campaign_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->string('subject', 160);
            // Days after the campaign starts.
            $table->unsignedSmallInteger('after_days');
            $table->unsignedInteger('footer_revision');
            $table->dateTime('put_at');
            $table->unique(['campaign_id', 'position']);
        });
    }

    public function down(): void
    {
        foreach (['campaign_messages', 'campaigns', 'recipients', 'footer_revisions', 'footers'] as $table) {
            Schema::drop($table);
        }
    }
};
