<?php

namespace App\Hooks;

use App\Auth\GuestRoom;
use App\Models\Workspace;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use InkyCard\Link\WebAddress;
use InkyCard\Refusal;

/** Addresses a workspace has told what happens in it, by Standard Webhooks 1.0. */
final class Hooks
{
    /** Of a workspace. */
    private const MOST = 20;

    /** Calls that are shown of one, and days they are kept. */
    private const SHOWN = 20;

    private const DAYS = 30;

    /** A subject that never rests is told of after so many seconds. */
    private const LONGEST = 600;

    /**
     * @return Collection<int, \stdClass> each with `events` (values), `calls`: its latest, and `state` in words
     */
    public static function of(Workspace $workspace): Collection
    {
        return DB::table('hooks')->where('workspace_id', $workspace->id)->orderBy('id')->get()
            ->each(function (\stdClass $hook): void {
                $hook->events = explode(' ', $hook->events);
                $hook->calls = DB::table('hook_calls')->where('hook_id', $hook->id)->latest('id')->limit(self::SHOWN)
                    ->get();
            });
    }

    /**
     * @param  list<HookEvent>  $events
     * @return string the secret its calls are signed with: shown once
     *
     * @throws Refusal
     */
    public static function add(Workspace $workspace, string $address, array $events): string
    {
        GuestRoom::mustNotSend($workspace);
        $address = Refusal::at('/address', fn () => WebAddress::parse($address)->address);
        if (! str_starts_with($address, 'https://')) {
            throw Refusal::because('Write an address with https: what is told is nobody else’s.', '/address');
        }
        $events !== [] || throw Refusal::because('Choose what it is told.', '/address');
        if (DB::table('hooks')->where('workspace_id', $workspace->id)->count() >= self::MOST) {
            throw Refusal::because('There are :most already: remove one first.', '/address', ['most' => self::MOST]);
        }
        $secret = 'whsec_'.base64_encode(random_bytes(24));
        DB::table('hooks')->insert([
            'workspace_id' => $workspace->id, 'address' => $address, 'secret' => Crypt::encryptString($secret),
            'events' => implode(' ', array_column($events, 'value')), 'created_at' => (string) now(),
        ]);

        return $secret;
    }

    /**
     * Something happened: whoever wants to know is told, as soon as it rests.
     *
     * @param  string  $subject  what it happened to
     * @param  array<string, mixed>  $data  what is told; of a card, its name and revision are put in when it is told
     */
    public static function tell(int $workspace, HookEvent $event, string $subject, array $data): void
    {
        $hooks = DB::table('hooks')->where('workspace_id', $workspace)->whereNull('stopped_at')->get(['id', 'events']);
        foreach ($hooks as $hook) {
            if (in_array($event->value, explode(' ', $hook->events), true)) {
                self::call((int) $hook->id, $event, $subject, $data);
            }
        }
    }

    /** @param  array<string, mixed>  $data */
    public static function call(int $hook, HookEvent $event, string $subject, array $data): void
    {
        $next = now()->addSeconds($event->rests());
        $waits = $event->rests() === 0 ? null : DB::table('hook_calls')->where([
            'hook_id' => $hook, 'event' => $event->value, 'subject' => $subject, 'state' => 'waits', 'tries' => 0,
        ])->first(['id', 'at']);
        if ($waits !== null) {
            DB::table('hook_calls')->where('id', $waits->id)->update(['next_at' => (string) min(
                $next, Carbon::parse($waits->at)->addSeconds(self::LONGEST),
            )]);

            return;
        }
        $id = DB::table('hook_calls')->insertGetId([
            'hook_id' => $hook, 'message' => (string) Str::ulid(), 'event' => $event->value, 'subject' => $subject,
            'data' => json_encode($data, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            'state' => 'waits', 'at' => (string) now(), 'next_at' => (string) $next,
        ]);
        MakeHookCall::dispatch($id)->delay($next)->afterCommit();
        random_int(1, 100) === 1 && DB::table('hook_calls')->where('at', '<', (string) now()->subDays(self::DAYS))
            ->delete();
    }

    /** @return \stdClass one of the workspace; 404 for another's */
    public static function find(Workspace $workspace, int $hook): \stdClass
    {
        return DB::table('hooks')->where(['workspace_id' => $workspace->id, 'id' => $hook])->first() ?? abort(404);
    }
}
