<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A firm or practice: who may see its cards, and the facts all of them share.
 *
 * @property int $id
 * @property string $name
 * @property string $web
 * @property string $country
 */
final class Workspace extends Model
{
    // Named, so that no request has to work the plural out.
    protected $table = 'workspaces';

    protected $fillable = ['name', 'web', 'country'];

    /** @return BelongsToMany<User, $this> */
    public function members(): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'memberships');
    }

    /** @return HasMany<StoredCard, $this> */
    public function cards(): HasMany
    {
        return $this->hasMany(StoredCard::class);
    }

    /** @return HasMany<StoredPicture, $this> */
    public function pictures(): HasMany
    {
        return $this->hasMany(StoredPicture::class);
    }
}
