<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The stand-in for a sender is not the only one that sends: what it kept of its own serves our own mailings as well. */
return new class extends Migration
{
    private const NAMES = [
        'sender_campaigns' => 'mailings', 'sender_messages' => 'mailing_messages',
        'sender_recipients' => 'mailing_recipients', 'sender_sends' => 'mailing_sends',
    ];

    public function up(): void
    {
        foreach (self::NAMES as $old => $new) {
            Schema::rename($old, $new);
        }
        // Who sends it: see App\Mailings\Mailings.
        Schema::table('mailings', function (Blueprint $table) {
            $table->string('via', 12)->default('stand-in');
            // Why it was stopped, where a mail server said so.
            $table->string('words', 500)->default('');
        });
        Schema::table('mailing_recipients', fn (Blueprint $table) => $table->index('left_at'));
        Schema::table('mailing_sends', function (Blueprint $table) {
            // 'passing' while a mail server is being given it: what stays so was cut off, and may have arrived. 'later'
            // is tried again at its moment.
            $table->string('state', 10)->default('sent');
            $table->unsignedTinyInteger('tries')->default(1);
            $table->string('words', 500)->default('');
            $table->dateTime('at')->nullable();
            $table->index('recipient_id');
        });
        Schema::table('campaigns', function (Blueprint $table) {
            $table->string('sender', 12)->nullable();
            // JSON: what its sender said last, and when.
            $table->text('said')->nullable();
        });
        DB::table('campaigns')->whereNotNull('outside')->update(['sender' => 'stand-in']);
        Schema::table('campaign_messages', function (Blueprint $table) {
            // What it says; null: the letter of its subject.
            $table->unsignedBigInteger('letter_id')->nullable();
            // To how many, as its sender says; when it was through.
            $table->unsignedInteger('sent')->default(0);
            $table->dateTime('sent_at')->nullable();
        });
        // Nobody here is written to, whatever list they stand on: outlives recipients.
        Schema::create('left_alone', function (Blueprint $table) {
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->string('address', 254);
            $table->string('why', 10);
            $table->dateTime('since');
            $table->primary(['workspace_id', 'address']);
        });
        DB::table('left_alone')->insertUsing(
            ['workspace_id', 'address', 'why', 'since'],
            DB::table('recipients')->whereNotNull('unsubscribed_at')
                ->select(['workspace_id', 'address', DB::raw("'left'"), 'unsubscribed_at']),
        );
        Schema::table('recipients', function (Blueprint $table) {
            $table->dropColumn('unsubscribed_at');
            $table->dateTime('removed_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('recipients', function (Blueprint $table) {
            $table->dropColumn('removed_at');
            $table->dateTime('unsubscribed_at')->nullable();
        });
        Schema::drop('left_alone');
        Schema::table('campaign_messages', function (Blueprint $table) {
            $table->dropColumn(['letter_id', 'sent', 'sent_at']);
        });
        Schema::table('campaigns', fn (Blueprint $table) => $table->dropColumn(['sender', 'said']));
        Schema::table('mailing_recipients', fn (Blueprint $table) => $table->dropIndex(['left_at']));
        Schema::table('mailing_sends', fn (Blueprint $table) => $table->dropIndex(['recipient_id']));
        Schema::table('mailing_sends', fn (Blueprint $table) => $table->dropColumn(['state', 'tries', 'words', 'at']));
        Schema::table('mailings', fn (Blueprint $table) => $table->dropColumn(['via', 'words']));
        foreach (self::NAMES as $old => $new) {
            Schema::rename($new, $old);
        }
    }
};
