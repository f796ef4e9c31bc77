<?php

namespace App\Models;

use App\Banners\HeldAnswers;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use InkyCard\Roster\Profile;
use InkyCard\Roster\ProfileFact;

/**
 * Somebody who has a card, or is to have one, with what is known of them.
 *
 * @property string $id ULID
 * @property int $workspace_id
 * @property string $name
 * @property string $address the first they send from; empty for none
 * @property string $profile JSON, see Profile
 * @property ?string $external what another system knows them by
 * @property ?string $user_name name a directory knows them by, in small letters
 * @property string $directory JSON: parts of their name there, and which facts it told
 * @property ?string $first_day YYYY-MM-DD
 * @property ?string $last_day YYYY-MM-DD
 * @property ?Carbon $removed_at
 * @property Carbon $created_at
 * @property ?Carbon $updated_at
 * @property Workspace $workspace
 */
final class StoredPerson extends Model
{
    protected $table = 'people';

    protected $keyType = 'string';

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['removed_at' => 'datetime', 'created_at' => 'datetime', 'updated_at' => 'datetime'];
    }

    /** @return BelongsTo<Workspace, $this> */
    public function workspace(): BelongsTo
    {
        return $this->belongsTo(Workspace::class);
    }

    public static function in(Workspace $workspace, string $id): self
    {
        return self::query()->where(['workspace_id' => $workspace->id, 'id' => $id])->firstOrFail();
    }

    public static function add(int $workspace, Profile $profile, ?string $external = null): self
    {
        return self::query()->where('id', self::addAll($workspace, [[$profile, $external]])[0])->firstOrFail();
    }

    /**
     * Several at once, in as few statements as one.
     *
     * @param  list<array{Profile, ?string}>  $people  what is known of each, and what another system knows them by
     * @return list<string> their ids
     */
    public static function addAll(int $workspace, array $people): array
    {
        $rows = array_map(fn (array $one): array => [
            'id' => (string) Str::ulid(), 'workspace_id' => $workspace, 'created_at' => (string) now(),
            'external' => $one[1],
        ] + self::columns($one[0]), $people);
        DB::transaction(function () use ($workspace, $people, $rows): void {
            $claims = [];
            foreach ($rows as $index => $row) {
                foreach ($people[$index][0]->lines(ProfileFact::Addresses) as $address) {
                    $claims[$address] = $row['id'];
                }
            }
            foreach (array_chunk($rows, 80) as $some) {
                DB::table('people')->insert($some);
            }
            self::claim($workspace, $claims);
        });

        return array_column($rows, 'id');
    }

    public function known(): Profile
    {
        return Profile::restore((array) json_decode($this->profile, true));
    }

    /** What a fact says, by its name; the first where there are several, empty where it is not known. */
    public function fact(string $fact): string
    {
        return $this->known()->text(ProfileFact::from($fact));
    }

    /** The number they are reached by most surely; empty for none. */
    public function number(): string
    {
        $known = $this->known();

        return array_values(array_filter(array_map($known->text(...), ProfileFact::phones())))[0] ?? '';
    }

    /** Keeps what is known of them; addresses that were somebody else's are theirs from then on. */
    public function keep(Profile $profile): void
    {
        DB::transaction(function () use ($profile): void {
            $this->forceFill(self::columns($profile))->save();
            // Places of their cards close with their last day.
            $this->wasChanged('last_day') && HeldAnswers::forget();
            $addresses = $profile->lines(ProfileFact::Addresses);
            DB::table('person_addresses')->where(['workspace_id' => $this->workspace_id, 'person_id' => $this->id])
                ->whereNotIn('address', $addresses)->delete();
            self::claim($this->workspace_id, array_fill_keys($addresses, $this->id));
        });
    }

    /**
     * What its columns hold of what is known.
     *
     * @return array<string, ?string>
     */
    private static function columns(Profile $profile): array
    {
        return [
            'name' => $profile->name(), 'address' => $profile->address(),
            'profile' => json_encode((object) $profile->toArray(),
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            'first_day' => $profile->day(ProfileFact::FirstDay)?->iso,
            'last_day' => $profile->day(ProfileFact::LastDay)?->iso, 'updated_at' => (string) now(),
        ];
    }

    /** @param  array<string, string>  $claims  address => whose it is from now on; nobody else's */
    private static function claim(int $workspace, array $claims): void
    {
        $addresses = array_map(strval(...), array_keys($claims));
        $owners = DB::table('person_addresses')->where('workspace_id', $workspace)->whereIn('address', $addresses)
            ->pluck('person_id', 'address')
            ->filter(fn (string $id, string $address): bool => $id !== $claims[$address]);
        foreach (self::query()->whereIn('id', $owners->unique())->get() as $other) {
            $known = $other->known();
            $other->keep(Profile::restore(['addresses' => array_values(array_filter(
                $known->lines(ProfileFact::Addresses),
                fn (string $address): bool => ($claims[$address] ?? $other->id) === $other->id,
            ))] + $known->toArray()));
        }
        $addresses === [] || DB::table('person_addresses')->upsert(array_map(fn (string $address): array => [
            'workspace_id' => $workspace, 'address' => $address, 'person_id' => $claims[$address],
        ], $addresses), ['workspace_id', 'address'], ['person_id']);
    }

    /** What their card calls them by now, where it is they who wrote it. */
    public function calledNow(string $name, string $address): void
    {
        $known = $this->known();
        $addresses = $known->lines(ProfileFact::Addresses);
        $this->keep(Profile::restore(['name' => $name, 'addresses' => array_values(array_unique(
            $address === '' ? array_slice($addresses, 1) : [$address, ...array_slice($addresses, 1)],
        ))] + $known->toArray()));
    }
}
