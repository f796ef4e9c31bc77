<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // How far each is, kept: a board of thousands orders by it.
        Schema::table('rollout_people', function (Blueprint $table): void {
            $table->unsignedTinyInteger('step')->default(0);
            // With all that is counted: a board walks this alone.
            $table->index(
                ['rollout_id', 'step', 'told_at', 'asked_at', 'tested_at', 'redo_at', 'excused'],
                'rollout_people_board',
            );
        });
        Schema::table('people', fn (Blueprint $table) => $table->index(['workspace_id', 'first_day']));
        $page = fn (string $column): string => "(select $column from person_pages where person_pages.person_id = "
            .'rollout_people.person_id) >= (select created_at from rollouts where rollouts.id = rollout_id)';
        DB::table('rollout_people')->update(['step' => DB::raw("case when excused != '' then 7"
            ." when redo_at is not null then 5 when right_at is not null or verdict in ('verified', 'noted') then 6"
            ." when tested_at is not null then 5 when {$page('took_at')} then 4 when {$page('filled_at')} then 3"
            .' when asked_at is not null then 2 when told_at is not null then 1 else 0 end')]);
    }

    public function down(): void
    {
        Schema::table('people', fn (Blueprint $table) => $table->dropIndex(['workspace_id', 'first_day']));
        Schema::table('rollout_people', function (Blueprint $table): void {
            $table->dropIndex('rollout_people_board');
            $table->dropColumn('step');
        });
    }
};
