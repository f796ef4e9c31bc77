<?php

namespace App\Api;

use App\Auth\Ability;
use App\Models\User;
use App\Models\Workspace;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Laravel\Sanctum\Events\TokenAuthenticated;
use Laravel\Sanctum\PersonalAccessToken;

/**
 * What a program comes with: a member's, for one workspace, and for no more than what it is given and its member may
 * do there themselves.
 *
 * @property int $id
 * @property int $workspace_id
 * @property string $name
 * @property list<string> $abilities
 * @property ?Carbon $last_used_at
 * @property ?Carbon $expires_at
 * @property Carbon $created_at
 * @property ?User $tokenable
 * @property Workspace $workspace
 */
final class AccessToken extends PersonalAccessToken
{
    /** What a token can be given: members and settings are people's business. */
    public const ABILITIES = [Ability::See, Ability::HandOver, Ability::People, Ability::Make];

    /** Days it may be good for; 0 for ever. */
    public const DAYS = [30, 90, 365, 0];

    /** Minutes between one note that it was used and the next. */
    private const USED = 1;

    protected $table = 'personal_access_tokens';

    /** @return BelongsTo<Workspace, $this> */
    public function workspace(): BelongsTo
    {
        return $this->belongsTo(Workspace::class);
    }

    /**
     * @param  list<Ability>  $abilities
     * @param  int  $days  it is good for; 0 for ever
     * @return string what is shown once, and kept as a hash alone
     */
    public static function grant(User $user, Workspace $workspace, string $name, array $abilities, int $days): string
    {
        $plain = $user->generateTokenString();
        $token = (new self)->forceFill([
            'workspace_id' => $workspace->id, 'name' => $name, 'token' => hash('sha256', $plain),
            'abilities' => array_column($abilities, 'value'),
            'expires_at' => $days === 0 ? null : now()->addDays($days),
        ]);
        $user->tokens()->save($token);

        return "$token->id|$plain";
    }

    /** Who comes with it sees its workspace, as what they are there; nobody who is no member any more. */
    public static function lets(self $token, bool $isValid): bool
    {
        if (! $isValid || $token->tokenable === null || $token->workspace->members()
            ->where('users.id', $token->tokenable->id)->doesntExist()) {
            return false;
        }
        $token->tokenable->setRelation('workspace', $token->workspace);

        return true;
    }

    /** So many requests a minute, each token by itself. */
    public static function limit(Request $request): Limit
    {
        return Limit::perMinute((int) config('inky.api_rate'))
            ->by('token '.$request->user()?->currentAccessToken()?->getKey());
    }

    public static function used(TokenAuthenticated $event): void
    {
        $token = $event->token;
        if ($token instanceof self && ($token->last_used_at === null
            || $token->last_used_at->lt(now()->subMinutes(self::USED)))) {
            $token->forceFill(['last_used_at' => now()])->save();
        }
    }
}
