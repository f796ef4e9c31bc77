<?php

namespace App\Auth;

use App\Models\User;
use App\Models\Workspace;
use Illuminate\Auth\EloquentUserProvider;
use Illuminate\Support\Facades\DB;

/** Users with the workspace they see, in one query: every signed-in request asks for both. */
final class Members extends EloquentUserProvider
{
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
