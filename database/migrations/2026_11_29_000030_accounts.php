<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What members may do, how they sign in, and workspaces of guests. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('memberships', function (Blueprint $table) {
            // App\Auth\Role
            $table->string('role', 12)->default('owner');
            $table->index('workspace_id');
        });
        Schema::table('users', function (Blueprint $table) {
            // Which of their workspaces they look at.
            $table->unsignedBigInteger('workspace_id')->nullable();
            // The second factor, enciphered, its last step used, and what is left of its recovery codes, hashed.
            $table->text('second')->nullable();
            $table->unsignedBigInteger('second_step')->default(0);
            $table->text('recovery')->nullable();
        });
        // When a guest's is swept; null for one that stays.
        Schema::table('workspaces', fn (Blueprint $table) => $table->dateTime('guest_until')->nullable()->index());
        Schema::create('invitations', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->string('email', 254);
            $table->string('role', 12);
            $table->unsignedBigInteger('by')->nullable();
            $table->dateTime('sent_at');
            $table->unique(['workspace_id', 'email']);
        });
        // Where somebody is signed in.
        Schema::create('devices', function (Blueprint $table) {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('agent', 160);
            $table->dateTime('since');
            $table->dateTime('seen_at');
            $table->dateTime('ended_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::drop('devices');
        Schema::drop('invitations');
        Schema::table('workspaces', function (Blueprint $table) {
            $table->dropIndex(['guest_until']);
            $table->dropColumn('guest_until');
        });
        Schema::table('users', function (Blueprint $table) {
            $table->dropColumn(['workspace_id', 'second', 'second_step', 'recovery']);
        });
        Schema::table('memberships', function (Blueprint $table) {
            $table->dropIndex(['workspace_id']);
            $table->dropColumn('role');
        });
    }
};
