<?php

namespace App\House;

use App\Models\StoredPerson;
use App\Models\Workspace;
use App\Pictures\HostedPictures;
use App\Rollouts\RolloutSteps;
use App\Roster\Leaver;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Somebody's own page, without an account: its address is 40 letters nobody can guess, runs out, and can be withdrawn.
 */
final readonly class PersonPage
{
    /** Days an address works. */
    public const DAYS = 60;

    private const LETTERS = 40;

    private function __construct(public \stdClass $row)
    {
    }

    /** The page of an address; null for none, one that ran out or was withdrawn, and that of somebody who has left. */
    public static function at(string $token): ?self
    {
        $row = DB::table('person_pages')->where('hash', hash('sha256', $token))->first();
        if ($row === null || $row->withdrawn_at !== null || $row->until < (string) now()) {
            return null;
        }
        $lastDay = DB::table('people')->where('id', $row->person_id)->value('last_day');
        $leaver = is_string($lastDay) ? Leaver::of($lastDay, (int) $row->workspace_id, DB::connection()) : null;

        return $leaver?->hasLeft() === true ? null : new self($row);
    }

    /** @return ?self null where somebody has none yet */
    public static function of(string $person): ?self
    {
        $row = DB::table('person_pages')->where('person_id', $person)->first();

        return $row === null ? null : new self($row);
    }

    /** The address of somebody's, which works from now on for its days; the one they have, where that still does. */
    public static function address(StoredPerson $person): string
    {
        $page = self::of($person->id);
        if ($page === null || $page->row->withdrawn_at !== null || $page->row->until < (string) now()) {
            return self::renew($person);
        }
        DB::table('person_pages')->where('person_id', $person->id)
            ->update(['until' => (string) now()->addDays(self::DAYS)]);

        return $page->url();
    }

    /** Another address: the one before works no more. */
    public static function renew(StoredPerson $person): string
    {
        $token = Str::random(self::LETTERS);
        DB::table('person_pages')->updateOrInsert(['person_id' => $person->id], [
            'workspace_id' => $person->workspace_id, 'hash' => hash('sha256', $token),
            'token' => Crypt::encryptString($token), 'until' => (string) now()->addDays(self::DAYS),
            'withdrawn_at' => null,
        ]);

        return self::urlOf($token);
    }

    public static function withdraw(StoredPerson $person): void
    {
        DB::table('person_pages')->where('person_id', $person->id)->update(['withdrawn_at' => (string) now()]);
    }

    public function url(): string
    {
        return self::urlOf(Crypt::decryptString($this->row->token));
    }

    public function works(): bool
    {
        return $this->row->withdrawn_at === null && $this->row->until >= (string) now();
    }

    /**
     * Something was done there: the first time counts, but for taking, where the last does.
     *
     * @param  array<string, string>  $more
     */
    public function note(string $what, array $more = []): void
    {
        $column = "{$what}_at";
        if ($this->row->$column === null || $what === 'took') {
            DB::table('person_pages')->where('person_id', $this->row->person_id)
                ->update([$column => (string) now()] + $more);
            RolloutSteps::settle([$this->row->person_id]);
        }
    }

    public function person(): StoredPerson
    {
        return StoredPerson::query()->where('id', $this->row->person_id)->whereNull('removed_at')->first()
            ?? abort(404);
    }

    /** The rollout they were asked in last, which says whom to ask and where tests go; null for none. */
    public function rollout(): ?\stdClass
    {
        return DB::table('rollout_people')->join('rollouts', 'rollouts.id', 'rollout_id')
            ->where('person_id', $this->row->person_id)->where('state', '!=', 'ended')->orderByDesc('rollout_id')
            ->first(['help', 'tests_to', 'tag']);
    }

    public function workspace(): Workspace
    {
        return Workspace::query()->where('id', $this->row->workspace_id)->first() ?? abort(404);
    }

    private static function urlOf(string $token): string
    {
        return HostedPictures::publicBase().route('mine', $token, false);
    }
}
