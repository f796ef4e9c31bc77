<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Cards groups follow, the cards people have by them, and what each time one was put did. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('houses', function (Blueprint $table) {
            $table->foreignId('card_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            // The revision people follow; what is made after it is a draft.
            $table->unsignedInteger('put')->nullable();
            $table->dateTime('put_at')->nullable();
            $table->dateTime('created_at');
        });
        Schema::table('staff_groups', fn (Blueprint $table) => $table->foreignId('house_id')->nullable()->index());
        Schema::table('cards', function (Blueprint $table) {
            $table->foreignId('house_id')->nullable()->index();
            // What somebody says on theirs otherwise than the house card and their profile do.
            $table->text('own')->nullable();
        });
        Schema::create('house_puts', function (Blueprint $table) {
            $table->id();
            $table->foreignId('card_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedInteger('from')->nullable();
            $table->unsignedInteger('to');
            $table->string('state', 10);
            $table->unsignedInteger('changed')->default(0);
            $table->char('reached', 26)->default('');
            $table->dateTime('at');
            $table->dateTime('undone_at')->nullable();
        });
        Schema::create('house_put_cards', function (Blueprint $table) {
            $table->foreignId('put_id')->constrained('house_puts')->cascadeOnDelete();
            $table->foreignId('card_id');
            $table->unsignedInteger('from')->nullable();
            $table->unsignedInteger('to');
            $table->primary(['put_id', 'card_id']);
        });
    }

    public function down(): void
    {
        Schema::drop('house_put_cards');
        Schema::drop('house_puts');
        Schema::table('cards', fn (Blueprint $table) => $table->dropIndex(['house_id']));
        Schema::table('cards', fn (Blueprint $table) => $table->dropColumn(['house_id', 'own']));
        Schema::table('staff_groups', fn (Blueprint $table) => $table->dropIndex(['house_id']));
        Schema::table('staff_groups', fn (Blueprint $table) => $table->dropColumn('house_id'));
        Schema::drop('houses');
    }
};
