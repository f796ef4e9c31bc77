<?php

namespace App\Auth;

use App\Jobs\SweepWorkspaces;
use App\Keeping\Ending;
use App\Models\User;
use App\Models\Workspace;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use InkyCard\Refusal;

/**
 * Workspaces somebody tries without an account: kept for a while in their browser, small, and theirs once they say who
 * they are.
 */
final class Guests
{
    /** Days one is kept. */
    public const DAYS = 14;

    /** Begun in an hour from one place, and kept in all. */
    private const FROM_ONE = 10;

    private const IN_ALL = 5_000;

    /** @throws Refusal when there are too many */
    public static function begin(string $name, string $country): User
    {
        $key = 'guests|'.request()->ip();
        if (RateLimiter::tooManyAttempts($key, self::FROM_ONE)) {
            throw Refusal::because('Enough was begun from here for now: go on with one of those, or wait an hour.');
        }
        RateLimiter::hit($key, 3600);
        if (DB::table('workspaces')->whereNotNull('guest_until')->count() >= self::IN_ALL) {
            throw Refusal::because('More people are trying this than there is room for: come back tomorrow, please.');
        }
        SweepWorkspaces::dispatch();

        return DB::transaction(function () use ($name, $country): User {
            $user = User::guest($name);
            $workspace = Workspace::create(['name' => $name, 'web' => '', 'country' => $country]);
            $workspace->forceFill(['guest_until' => now()->addDays(self::DAYS)])->save();
            $workspace->members()->attach($user, ['role' => Role::Owner->value]);

            return $user;
        });
    }

    /** It is theirs from now on: somebody new goes by that address, somebody known has one workspace more. */
    public static function claim(Workspace $workspace, string $email, string $name): User
    {
        return DB::transaction(function () use ($workspace, $email, $name): User {
            $guest = $workspace->members()->firstOrFail();
            $known = User::query()->where('email', $email)->first();
            $workspace->forceFill(['guest_until' => null])->save();
            if ($known === null) {
                $guest->forceFill(['email' => $email, 'name' => $name === '' ? $guest->name : $name])->save();

                return $guest;
            }
            $workspace->members()->sync([$known->id => ['role' => Role::Owner->value]]);
            $known->forceFill(['workspace_id' => $workspace->id])->save();
            Ending::user($guest, $known);

            return $known;
        });
    }

    /** Its cards and pictures go into another workspace; nothing else is left of it. */
    public static function merge(Workspace $workspace, Workspace $into, User $user): User
    {
        return DB::transaction(function () use ($workspace, $into, $user): User {
            $there = DB::table('pictures')->where('workspace_id', $into->id)->select('hash');
            DB::table('pictures')->where('workspace_id', $workspace->id)->whereNotIn('hash', $there)
                ->update(['workspace_id' => $into->id]);
            foreach (['cards', 'people', 'tray_messages'] as $table) {
                DB::table($table)->where('workspace_id', $workspace->id)->update(['workspace_id' => $into->id]);
            }
            $guests = $workspace->members()->get()->filter(fn (User $guest) => $guest->isGuest());
            $guests->each(fn (User $guest) => Ending::user($guest, $user));
            Ending::workspace($workspace);
            $user->forceFill(['workspace_id' => $into->id])->save();

            return $user;
        });
    }
}
