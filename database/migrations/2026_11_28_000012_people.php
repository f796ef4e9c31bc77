<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/**
 * Clicks belong to people, not to names. What was counted under a name so far
 * stays with one person a card and name: who of several that was is not known.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('people', function (Blueprint $table) {
            $table->char('id', 26)->primary();
            $table->foreignId('workspace_id')->constrained();
            $table->string('name', 160);
            $table->string('address', 254);
            $table->dateTime('created_at');
            $table->index(['workspace_id', 'name']);
        });
        Schema::table('cards', fn (Blueprint $table) => $table->char('person_id', 26)->nullable());
        Schema::table('tracked_links', fn (Blueprint $table) => $table->char('person_id', 26)->nullable()->index());
        $this->fill();
        Schema::table('tracked_links', function (Blueprint $table) {
            $table->dropUnique(['card_id', 'piece', 'person', 'hash']);
            $table->dropColumn('person');
            $table->unique(['card_id', 'piece', 'person_id', 'hash']);
        });
    }

    public function down(): void
    {
        Schema::table('tracked_links', fn (Blueprint $table) => $table->string('person', 160)->default(''));
        DB::statement('update tracked_links set person =
            coalesce((select name from people where people.id = tracked_links.person_id), \'\')');
        Schema::table('tracked_links', function (Blueprint $table) {
            $table->dropUnique(['card_id', 'piece', 'person_id', 'hash']);
            $table->dropIndex(['person_id']);
            $table->dropColumn('person_id');
            $table->unique(['card_id', 'piece', 'person', 'hash']);
        });
        Schema::table('cards', fn (Blueprint $table) => $table->dropColumn('person_id'));
        Schema::dropIfExists('people');
    }

    private function fill(): void
    {
        $held = DB::table('tracked_links')
            ->join('cards', 'cards.id', 'tracked_links.card_id')
            ->join('card_revisions as r', fn ($join) => $join->on('r.card_id', 'cards.id')->on('r.number',
                'cards.head'))
            ->select(['tracked_links.card_id', 'workspace_id', 'person', 'document'])
            ->distinct()
            ->get();
        $known = [];
        foreach ($held as $row) {
            [$name, $address] = self::holder($row->document);
            $own = $name === $row->person;
            // Cards of one name and address are one person's.
            $key = $own && $address !== '' ? "$row->workspace_id $name $address" : "card $row->card_id $row->person";
            $known[$key] ??= self::add((int) $row->workspace_id, $row->person, $own ? $address : '');
            DB::table('tracked_links')
                ->where(['card_id' => $row->card_id, 'person' => $row->person])
                ->update(['person_id' => $known[$key]]);
            if ($own) {
                DB::table('cards')->where('id', $row->card_id)->update(['person_id' => $known[$key]]);
            }
        }
    }

    private static function add(int $workspace, string $name, string $address): string
    {
        $id = (string) Str::ulid();
        DB::table('people')->insert([
            'id' => $id, 'workspace_id' => $workspace, 'name' => $name, 'address' => $address,
            'created_at' => (string) now(),
        ]);

        return $id;
    }

    /** @return array{string, string} name and mail address on a card, as its document holds them at this revision */
    private static function holder(string $document): array
    {
        $found = ['name' => '', 'email' => ''];
        foreach (json_decode($document, true)['pieces'] ?? [] as $piece) {
            $kind = $piece['kind'] ?? '';
            if (isset($found[$kind]) && $found[$kind] === '' && ($piece['shown'] ?? true)) {
                $found[$kind] = (string) ($piece['fields'][$kind === 'name' ? 'text' : 'address'] ?? '');
            }
        }

        return [mb_strimwidth($found['name'], 0, 160), mb_strtolower($found['email'])];
    }
};
