<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Campaigns that a sending system sends, and what the stand-in for one keeps of its own. */
return new class extends Migration
{
    public function up(): void
    {
        // What it goes by there.
        Schema::table('campaigns', fn (Blueprint $table) => $table->string('outside', 80)->nullable());
        Schema::create('sender_clocks', function (Blueprint $table) {
            $table->unsignedBigInteger('account')->primary();
            $table->unsignedInteger('days');
        });
        Schema::create('sender_campaigns', function (Blueprint $table) {
            $table->id();
            $table->unsignedBigInteger('account');
            $table->string('name', 160);
            $table->string('from', 254);
            $table->text('style');
            $table->date('starts');
            $table->dateTime('stopped_at')->nullable();
            $table->index('account');
        });
        Schema::create('sender_messages', function (Blueprint $table) {
            $table->id();
            $table->unsignedBigInteger('campaign_id');
            $table->unsignedSmallInteger('position');
            $table->unsignedSmallInteger('after_days');
            $table->string('subject', 250);
            $table->text('html');
            $table->text('text');
            $table->dateTime('sent_at')->nullable();
            $table->unique(['campaign_id', 'position']);
        });
        Schema::create('sender_recipients', function (Blueprint $table) {
            $table->id();
            $table->unsignedBigInteger('campaign_id');
            $table->string('address', 254);
            $table->text('data');
            $table->string('token', 32)->unique();
            $table->dateTime('left_at')->nullable();
            $table->dateTime('bounced_at')->nullable();
            $table->unique(['campaign_id', 'address']);
        });
        // Nobody gets one twice.
        Schema::create('sender_sends', function (Blueprint $table) {
            $table->unsignedBigInteger('message_id');
            $table->unsignedBigInteger('recipient_id');
            $table->primary(['message_id', 'recipient_id']);
        });
    }

    public function down(): void
    {
        foreach (['sends', 'recipients', 'messages', 'campaigns', 'clocks'] as $table) {
            Schema::drop("sender_$table");
        }
        Schema::table('campaigns', fn (Blueprint $table) => $table->dropColumn('outside'));
    }
};
