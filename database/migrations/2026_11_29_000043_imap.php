<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // How far a mailbox was read: unique identifiers grow while the validity stays (RFC 3501, 2.3.1.1).
        Schema::create('imap_mailboxes', function (Blueprint $table): void {
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->char('mailbox', 64);
            $table->unsignedBigInteger('validity');
            $table->unsignedBigInteger('uid');
            $table->primary(['workspace_id', 'mailbox']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('imap_mailboxes');
    }
};
