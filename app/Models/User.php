<?php

namespace App\Models;

use Illuminate\Auth\Authenticatable;
use Illuminate\Contracts\Auth\Authenticatable as CanSignIn;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 */
final class User extends Model implements CanSignIn
{
    use Authenticatable;

    // Named, so that no request has to work the plural out.
    protected $table = 'users';

    protected $fillable = ['name', 'email', 'password'];

    protected $hidden = ['password', 'remember_token'];

    protected function casts(): array
    {
        return ['password' => 'hashed'];
    }

    /** The workspace this user sees; null for somebody who belongs to none. */
    public function workspace(): ?Workspace
    {
        return $this->relationLoaded('workspace')
            ? $this->getRelation('workspace')
            : $this->workspaces()->orderBy('workspaces.id')->first();
    }

    /** @return BelongsToMany<Workspace, $this> */
    public function workspaces(): BelongsToMany
    {
        return $this->belongsToMany(Workspace::class, 'memberships');
    }
}
