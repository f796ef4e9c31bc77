<?php

namespace App\Keeping;

use App\Models\User;
use App\Models\Workspace;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * What was done in a workspace, by whom: told by the route, and written once it was done. The same by the same member
 * to the same thing within ten minutes is one entry. Kept 400 days.
 */
final class ActionLog
{
    private const MINUTES = 10;

    private const DAYS = 400;

    /** What a route's parameter stands for. */
    private const OBJECTS = [
        'card' => 'card', 'picture' => 'picture', 'banner' => 'banner', 'window' => 'window', 'campaign' => 'campaign',
        'footer' => 'footer', 'letter' => 'letter', 'member' => 'member', 'recipient' => 'recipient',
        'quotation' => 'quotation', 'ready' => 'ready message', 'invitation' => 'invitation', 'message' => 'message',
        'token' => 'token', 'person' => 'person', 'house' => 'house card', 'rollout' => 'rollout', 'group' => 'group',
        'import' => 'list of people',
    ];

    /** Things whose routes are called otherwise. The first that fits counts. */
    private const NAMED = ['people.mail-server.*' => 'mail server', 'people.*' => 'person', 'users.*' => 'person'];

    /** Routes by name that are looking, or somebody's own affair: nothing is written of them. */
    private const SILENT = [
        'account.*', 'sign-out', 'again.drop', 'workspace.open', 'proof.walk', 'links.check', 'edit.undo', 'edit.redo',
        'api.ask.*',
    ];

    /** The verb of a route's last word, where it is no word for what was done. */
    private const VERBS = [
        'store' => 'began', 'keep' => 'changed', 'update' => 'changed', 'put' => 'put out', 'remove' => 'removed',
        'restore' => 'brought back', 'send' => 'sent', 'end' => 'ended or took up', 'give' => 'gave out',
        'role' => 'changed the role of', 'withdraw' => 'withdrew', 'invite' => 'invited', 'bring' => 'brought in',
        'several' => 'changed several of', 'place' => 'placed', 'taken' => 'took', 'undo' => 'undid a change of',
        'mend' => 'mended', 'learn' => 'taught tokens to', 'leave' => 'left alone', 'forward' => 'set the clock for',
        'replace' => 'replaced', 'move' => 'moved', 'add' => 'added', 'drop' => 'dropped', 'open' => 'opened',
        'close' => 'closed', 'back' => 'went back in', 'evergreen' => 'made evergreen', 'archive' => 'put away',
        'begin' => 'began', 'copy' => 'copied',
    ];

    public static function write(Request $request, Workspace $workspace, User $user): void
    {
        $route = $request->route();
        $name = (string) $route?->getName();
        if ($request->isMethodSafe() || $route === null || Str::is(self::SILENT, $name)) {
            return;
        }
        $name = Str::chopStart($name, ['api.', 'scim.']);
        [$object, $id] = self::object($route->parameters(), $name);
        // One entry for an edit a key; its card remembers each.
        if (str_starts_with($name, 'edit.') && ! Cache::add(
            "log.$user->id.$id", 1, now()->addMinutes(self::MINUTES),
        )) {
            return;
        }
        $is = [
            'workspace_id' => $workspace->id, 'user_id' => $user->id, 'object' => $object, 'object_id' => $id,
            'words' => self::words($name, $object),
        ];
        $again = DB::table('log_entries')->where($is)->where('at', '>', (string) now()->subMinutes(self::MINUTES))
            ->limit(1)->update(['times' => DB::raw('times + 1'), 'at' => (string) now()]);
        if ($again === 0) {
            DB::table('log_entries')->insert($is + ['who' => $user->signs(), 'at' => (string) now()]);
            random_int(1, 100) === 1 && self::forget();
        }
    }

    /** @param  array{who: int, object: string, id: string}  $only  0 and empty for any */
    public static function of(Workspace $workspace, array $only = ['who' => 0, 'object' => '', 'id' => '']): Builder
    {
        return DB::table('log_entries')->where('workspace_id', $workspace->id)
            ->when($only['who'] > 0, fn (Builder $query) => $query->where('user_id', $only['who']))
            ->when($only['object'] !== '', fn (Builder $query) => $query->where('object', $only['object']))
            ->when($only['id'] !== '', fn (Builder $query) => $query->where('object_id', $only['id']))
            ->orderByDesc('id');
    }

    public static function forget(): int
    {
        return DB::table('log_entries')->where('at', '<', (string) now()->subDays(self::DAYS))->delete();
    }

    /**
     * @param  array<string, mixed>  $parameters
     * @return array{string, string}
     */
    private static function object(array $parameters, string $name): array
    {
        foreach (self::OBJECTS as $parameter => $object) {
            if (is_scalar($parameters[$parameter] ?? null)) {
                return [$object, mb_substr((string) $parameters[$parameter], 0, 40)];
            }
        }

        foreach (self::NAMED as $names => $object) {
            if (Str::is($names, $name)) {
                return [$object, ''];
            }
        }

        return [rtrim(explode('.', str_replace('-', ' ', $name))[0], 's'), ''];
    }

    private static function words(string $name, string $object): string
    {
        if (str_starts_with($name, 'edit.')) {
            return 'worked on a card';
        }
        $last = (string) substr((string) strrchr(".$name", '.'), 1);

        return (self::VERBS[$last] ?? 'changed')." a $object";
    }
}
