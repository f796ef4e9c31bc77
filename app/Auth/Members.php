<?php

namespace App\Auth;

use App\Models\User;
use App\Models\Workspace;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Support\Facades\DB;

/** Users with the workspace they see, in one query: every signed-in request asks for both. */
final class Members extends EloquentUserProvider
{
    /**
     * Somebody who signs in. Nobody of that address takes as long as a wrong password: how long an answer takes
     * does not say who is a member.
     *
     * @param  array<string, mixed>  $credentials
     */
    public function retrieveByCredentials(array $credentials): ?Authenticatable
    {
        $user = parent::retrieveByCredentials($credentials);
        if ($user === null && is_string($credentials['password'] ?? null)) {
            $this->hasher->make($credentials['password']);
        }

        return $user;
    }

    /** @param  mixed  $identifier */
    public function retrieveById($identifier): ?User
    {
        $row = DB::table('users')->where('users.id', $identifier)
            ->leftJoin('memberships', 'user_id', '=', 'users.id')
            ->leftJoin('workspaces as w', 'w.id', '=', 'workspace_id')
            ->orderBy('w.id')
            ->first(['users.*', 'w.id as w_id', 'w.name as w_name', 'w.web as w_web', 'w.country as w_country']);
        if ($row === null) {
            return null;
        }
        $user = $workspace = [];
        foreach ((array) $row as $column => $value) {
            str_starts_with($column, 'w_') ? $workspace[substr($column, 2)] = $value : $user[$column] = $value;
        }

        return (new User)->newFromBuilder($user)
            ->setRelation('workspace', $workspace['id'] === null ? null : (new Workspace)->newFromBuilder($workspace));
    }
}
