<?php

namespace App\Auth;

use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Where a member is signed in: each session is one, and ends when it is signed out from another. */
final class Devices
{
    /** In the session: number of its own. */
    public const KEY = 'device';

    /** Minutes between one note that it was seen and the next; days one is listed for. */
    private const SEEN = 10;

    private const DAYS = 30;

    /** Begins one with the session that signs in. */
    public static function begin(User $user): void
    {
        session()->put(self::KEY, DB::table('devices')->insertGetId([
            'user_id' => $user->id, 'agent' => Str::limit((string) request()->userAgent(), 160, ''),
            'since' => (string) now(), 'seen_at' => (string) now(),
        ]));
    }

    /** @param  ?string  $seen  when it was seen last */
    public static function seen(int $device, ?string $seen): void
    {
        if ($seen === null || $seen < (string) now()->subMinutes(self::SEEN)) {
            DB::table('devices')->where('id', $device)->update(['seen_at' => (string) now()]);
        }
    }

    /**
     * Those signed in, seen last first.
     *
     * @return Collection<int, object{id: int, words: string, seen: Carbon}&\stdClass>
     */
    public static function of(User $user): Collection
    {
        return DB::table('devices')->where('user_id', $user->id)->whereNull('ended_at')
            ->where('seen_at', '>', (string) now()->subDays(self::DAYS))->orderByDesc('seen_at')->get()
            ->map(fn (\stdClass $one): object => (object) [
                'id' => (int) $one->id, 'words' => self::words($one->agent), 'seen' => Carbon::parse($one->seen_at),
            ]);
    }

    /** Signs one out, or all but one. */
    public static function end(User $user, ?int $device, int $but = 0): void
    {
        DB::table('devices')->where('user_id', $user->id)->whereNull('ended_at')->where('id', '!=', $but)
            ->when($device !== null, fn ($devices) => $devices->where('id', $device))
            ->update(['ended_at' => (string) now()]);
        // A browser that remembers somebody would sign them in again by itself.
        $user->forceFill(['remember_token' => Str::random(60)])->save();
    }

    /** A browser on a system, as far as it says so. */
    private static function words(string $agent): string
    {
        $browser = collect([
            'Edg/' => 'Edge', 'OPR/' => 'Opera', 'Firefox/' => 'Firefox', 'Chrome/' => 'Chrome', 'Safari/' => 'Safari',
        ])->first(fn (string $name, string $sign) => str_contains($agent, $sign)) ?? 'a browser';
        $system = collect([
            'iPhone' => 'an iPhone', 'iPad' => 'an iPad', 'Android' => 'Android', 'Windows' => 'Windows',
            'Mac OS' => 'macOS', 'Linux' => 'Linux',
        ])->first(fn (string $name, string $sign) => str_contains($agent, $sign)) ?? __('another system');

        return ucfirst("$browser on $system");
    }
}
