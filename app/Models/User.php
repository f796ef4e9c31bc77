<?php

namespace App\Models;

use App\Api\AccessToken;
use App\Auth\Ability;
use App\Auth\Role;
use Illuminate\Auth\Authenticatable;
use Illuminate\Contracts\Auth\Access\Authorizable as CanBeAsked;
use Illuminate\Contracts\Auth\Authenticatable as CanSignIn;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\Access\Authorizable;
use Illuminate\Support\Facades\DB;
use Laravel\Sanctum\HasApiTokens;

/**
 * @property int $id
 * @property string $name
 * @property string $email empty for a guest
 * @property string $password hashed; empty for who signs in by links alone
 * @property ?int $workspace_id which of theirs they look at
 * @property string $language BCP 47; empty for what their browser asks for
 * @property string $region BCP 47, for dates and numbers; empty for their workspace's
 * @property string $zone IANA; empty for their workspace's
 * @property ?string $second key of the second factor, enciphered where it is kept
 * @property int $second_step
 * @property ?string $recovery
 */
final class User extends Model implements CanBeAsked, CanSignIn
{
    /** @use HasApiTokens<AccessToken> */
    use Authenticatable, Authorizable, HasApiTokens;

    /** Where nobody has an address (RFC 2606): guests stand there until they give theirs. */
    private const NOBODY = '@guest.invalid';

    // Named, so that no request has to work the plural out.
    protected $table = 'users';

    protected $fillable = ['name', 'email', 'password'];

    protected $attributes = ['language' => '', 'region' => '', 'zone' => ''];

    protected $hidden = ['password', 'remember_token', 'second', 'recovery'];

    /** In the workspace they look at; null where it was not asked for yet. */
    private ?Role $role = null;

    protected function casts(): array
    {
        return ['password' => 'hashed', 'second' => 'encrypted'];
    }

    /** Somebody without an address, for now. */
    public static function guest(string $name): self
    {
        return self::query()->findOrFail(DB::table('users')->insertGetId([
            'name' => $name, 'email' => bin2hex(random_bytes(12)).self::NOBODY, 'password' => '',
            'created_at' => now(), 'updated_at' => now(),
        ]));
    }

    /** Somebody who signs in by links, until they want a password. */
    public static function without(string $name, string $email): self
    {
        return self::query()->findOrFail(DB::table('users')->insertGetId([
            'name' => $name, 'email' => $email, 'password' => '', 'created_at' => now(), 'updated_at' => now(),
        ]));
    }

    public function getEmailAttribute(?string $email): string
    {
        return str_ends_with((string) $email, self::NOBODY) ? '' : (string) $email;
    }

    /** Where messages to themselves go: for a guest, who has none, the tray alone knows it. */
    public function mailbox(): string
    {
        return $this->email ?: 'you'.self::NOBODY;
    }

    /** One of the demo's: addresses under .example are nobody's (RFC 2606). */
    public function isMadeUp(): bool
    {
        return str_ends_with($this->email, '.example');
    }

    public function isGuest(): bool
    {
        return $this->email === '';
    }

    /** The workspace this user sees; null for somebody who belongs to none. */
    public function workspace(): ?Workspace
    {
        return $this->relationLoaded('workspace')
            ? $this->getRelation('workspace')
            : $this->workspaces()->orderByRaw('workspaces.id = ? desc', [$this->workspace_id ?? 0])
                ->orderBy('workspaces.id')->first();
    }

    /** Known with who they are. */
    public function in(?Role $role): self
    {
        $this->role = $role;

        return $this;
    }

    /** What they are in the workspace they see. */
    public function role(): ?Role
    {
        return $this->role ??= Role::tryFrom((string) DB::table('memberships')
            ->where(['user_id' => $this->id, 'workspace_id' => $this->workspace()?->id])->value('role'));
    }

    /** What they are there lets them, and where they come with a token, that too. */
    public function may(Ability $ability): bool
    {
        return $this->role()?->may($ability) === true
            && ($this->token() === null || $this->tokenCan($ability->value));
    }

    /** As what they do is signed: where a program does it, with its token's name. */
    public function signs(): string
    {
        $token = $this->token();

        return $token === null ? $this->name : mb_strimwidth("$this->name, by $token->name", 0, 80, '…');
    }

    private function token(): ?AccessToken
    {
        /** @var ?AccessToken */
        return $this->accessToken;
    }

    /** @return BelongsToMany<Workspace, $this> */
    public function workspaces(): BelongsToMany
    {
        return $this->belongsToMany(Workspace::class, 'memberships')->withPivot('role');
    }
}
