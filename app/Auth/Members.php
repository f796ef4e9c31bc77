<?php

namespace App\Auth;

use App\Models\User;
use App\Models\Workspace;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Support\Facades\DB;
use SensitiveParameter;

/** Users with the workspace they see and what they are in it, in one query: every signed-in request asks for both. */
final class Members extends EloquentUserProvider
{
    /** Columns of a workspace. */
    private const WORKSPACE = [
        'id', 'name', 'web', 'country', 'zone', 'evergreen_id', 'guest_until', 'closes_at', 'answers',
        'keep_clicks', 'keep_requests', 'stamping', 'stamp_pictures',
    ];

    /**
     * Somebody who signs in. Nobody of that address takes as long as a wrong password: how long an answer takes
     * does not say who is a member.
     *
     * @param  array<string, mixed>  $credentials
     */
    public function retrieveByCredentials(array $credentials): ?Authenticatable
    {
        $user = parent::retrieveByCredentials($credentials);
        if (is_string($credentials['password'] ?? null) && ($user?->getAuthPassword() ?? '') === '') {
            $this->hasher->make($credentials['password']);
        }

        return $user;
    }

    /**
     * Who has no password has none that fits.
     *
     * @param  array<string, mixed>  $credentials
     */
    public function validateCredentials(Authenticatable $user, #[SensitiveParameter] array $credentials): bool
    {
        return $user->getAuthPassword() !== '' && parent::validateCredentials($user, $credentials);
    }

    /**
     * Of whom a session says that they are signed in; nobody where that was ended from another device.
     *
     * @param  mixed  $identifier
     */
    public function retrieveById($identifier): ?User
    {
        $device = request()->hasSession() ? (int) request()->session()->get(Devices::KEY, 0) : 0;
        $row = DB::table('users')->where('users.id', $identifier)
            ->leftJoin('memberships', 'memberships.user_id', '=', 'users.id')
            ->leftJoin('workspaces as w', 'w.id', '=', 'memberships.workspace_id')
            ->leftJoin('devices as d', fn ($join) => $join->on('d.user_id', '=', 'users.id')->where('d.id', $device)
                ->whereNull('d.ended_at'))
            // The one they chose, or their first.
            ->orderByRaw('w.id = users.workspace_id desc')->orderBy('w.id')
            ->first([
                'users.*', 'role', 'd.id as d_id', 'd.seen_at as d_seen',
                ...array_map(fn (string $column) => "w.$column as w_$column", self::WORKSPACE),
            ]);
        if ($row === null || ($device > 0 && $row->d_id === null)) {
            return null;
        }
        $device > 0 && Devices::seen($device, $row->d_seen);

        return self::user((array) $row);
    }

    /** @param  array<string, mixed>  $row */
    private static function user(array $row): User
    {
        $user = $workspace = [];
        foreach ($row as $column => $value) {
            match (true) {
                str_starts_with($column, 'w_') => $workspace[substr($column, 2)] = $value,
                str_starts_with($column, 'd_') || $column === 'role' => null,
                default => $user[$column] = $value,
            };
        }
        $member = (new User)->newFromBuilder($user)->setRelation(
            'workspace', $workspace['id'] === null ? null : (new Workspace)->newFromBuilder($workspace),
        );

        return $member->in($row['role'] === null ? null : Role::from((string) $row['role']));
    }
}
