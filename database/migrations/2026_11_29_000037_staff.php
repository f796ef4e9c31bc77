<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** People with what is known of them, whom an address belongs to, groups, and lists of staff that were brought in. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('people', function (Blueprint $table) {
            $table->text('profile')->default('{}');
            // What another system knows them by.
            $table->string('external', 120)->nullable();
            $table->date('first_day')->nullable();
            $table->date('last_day')->nullable();
            $table->dateTime('removed_at')->nullable();
            $table->dateTime('updated_at')->nullable();
            $table->index(['workspace_id', 'external']);
            $table->index(['workspace_id', 'removed_at', 'name']);
        });
        Schema::create('person_addresses', function (Blueprint $table) {
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->string('address', 254);
            $table->char('person_id', 26)->index();
            $table->primary(['workspace_id', 'address']);
        });
        Schema::create('staff_groups', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->string('name', 40);
            // Where two groups of somebody follow different house cards, the first of them counts.
            $table->unsignedInteger('position');
            $table->unique(['workspace_id', 'name']);
        });
        Schema::create('group_people', function (Blueprint $table) {
            $table->foreignId('group_id')->constrained('staff_groups')->cascadeOnDelete();
            $table->char('person_id', 26)->index();
            $table->primary(['group_id', 'person_id']);
        });
        Schema::create('staff_imports', function (Blueprint $table) {
            $table->id();
            $table->foreignId('workspace_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name', 120);
            $table->string('file', 80)->nullable();
            $table->boolean('headed');
            $table->text('sample');
            $table->text('columns');
            $table->string('state', 10);
            $table->text('counts')->default('{}');
            // How far it came, or its undoing did: what a kill cuts off goes on there.
            $table->unsignedInteger('reached')->default(0);
            $table->dateTime('created_at');
        });
        Schema::create('staff_import_rows', function (Blueprint $table) {
            $table->foreignId('import_id')->constrained('staff_imports')->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->string('outcome', 10);
            $table->char('person_id', 26)->nullable();
            $table->string('name', 160)->default('');
            $table->text('data');
            $table->text('before')->nullable();
            $table->primary(['import_id', 'number']);
            $table->index(['import_id', 'outcome', 'number']);
        });
        $this->fill();
    }

    public function down(): void
    {
        foreach (['staff_import_rows', 'staff_imports', 'group_people', 'staff_groups', 'person_addresses'] as $table) {
            Schema::drop($table);
        }
        Schema::table('people', function (Blueprint $table) {
            $table->dropIndex(['workspace_id', 'external']);
            $table->dropIndex(['workspace_id', 'removed_at', 'name']);
            $table->dropColumn(['profile', 'external', 'first_day', 'last_day', 'removed_at', 'updated_at']);
        });
    }

    private function fill(): void
    {
        foreach (DB::table('people')->orderBy('id')->get() as $person) {
            $facts = array_filter(['name' => $person->name, 'addresses' => array_filter([$person->address])]);
            DB::table('people')->where('id', $person->id)->update(['profile' => json_encode(
                (object) $facts, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
            )]);
            // Of two at one address, the first has it.
            $person->address === '' || DB::table('person_addresses')->insertOrIgnore([
                'workspace_id' => $person->workspace_id, 'address' => $person->address, 'person_id' => $person->id,
            ]);
        }
    }
};
