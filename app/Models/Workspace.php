<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use InkyCard\Refusal;
use InkyCard\Time\Clock;
use InkyCard\Time\Day;

/**
 * A firm or practice: who may see its cards, and the facts all of them share.
 *
 * @property int $id
 * @property string $name
 * @property string $web
 * @property string $country
 * @property string $zone IANA; empty for that of its country
 * @property ?int $evergreen_id banner that stands where nothing is due
 * @property ?Carbon $guest_until when a guest's is swept; null for one that stays
 * @property ?Carbon $closes_at when it goes, with all that is in it
 * @property bool $answers whether its counted links and places answer until then
 * @property int $keep_clicks days clicks of people are kept; 0 for good
 * @property int $keep_requests days requests of programs are kept; 0 for good
 * @property bool $stamping whether a mail server's messages get their senders' cards
 * @property bool $stamp_pictures whether their pictures travel with those
 */
final class Workspace extends Model
{
    // Named, so that no request has to work the plural out.
    protected $table = 'workspaces';

    protected $fillable = ['name', 'web', 'country'];

    protected $attributes = [
        'zone' => '', 'evergreen_id' => null, 'guest_until' => null, 'closes_at' => null, 'answers' => true,
        'keep_clicks' => 0, 'keep_requests' => 0, 'stamping' => false, 'stamp_pictures' => false,
    ];

    protected function casts(): array
    {
        return ['guest_until' => 'datetime', 'closes_at' => 'datetime', 'answers' => 'boolean',
            'stamping' => 'boolean', 'stamp_pictures' => 'boolean'];
    }

    /** @throws Refusal where none is called so */
    public static function called(string $name): self
    {
        return self::query()->where('name', $name)->first()
            ?? throw Refusal::because('There is no workspace :name.', values: ['name' => $name]);
    }

    public function isGuests(): bool
    {
        return $this->guest_until !== null;
    }

    /** Its time zone (IANA): windows begin and end by it. */
    public function clock(): string
    {
        return $this->zone ?: Clock::zoneOf($this->country);
    }

    /** The day it is there. */
    public function today(): Day
    {
        return Day::at(now($this->clock()));
    }

    /** @return BelongsToMany<User, $this> */
    public function members(): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'memberships')->withPivot('role');
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
