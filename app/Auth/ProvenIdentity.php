<?php

namespace App\Auth;

use App\Models\User;
use Illuminate\Support\Facades\DB;
use InkyCard\Refusal;

/** Who a provider (OpenID Connect) says somebody is. */
final readonly class ProvenIdentity
{
    /**
     * @param  string  $subject  what the provider knows them by, for ever
     * @param  bool  $isVerified  whether the provider knows that the address is theirs
     */
    public function __construct(
        public string $issuer,
        public string $subject,
        public string $email,
        public bool $isVerified,
        public string $name,
    ) {
    }

    /**
     * The member they are. The first time it is told by their address, as long as the provider answers for that; who is
     * nobody yet comes in where they were invited.
     *
     * @throws Refusal
     */
    public function member(): User
    {
        $is = ['issuer' => $this->issuer, 'subject' => $this->subject];
        $known = DB::table('identities')->where($is)->value('user_id');
        if ($known !== null) {
            /** @var User */
            return User::query()->findOrFail($known);
        }
        if ($this->email === '' || ! $this->isVerified) {
            throw Refusal::because('They do not say which mail address is yours: sign in another way.');
        }
        $user = User::query()->whereRaw('lower(email) = ?', [mb_strtolower($this->email)])->first() ?? $this->invited();
        DB::table('identities')->insertOrIgnore($is + ['user_id' => $user->id, 'created_at' => (string) now()]);

        return $user;
    }

    /** @throws Refusal */
    private function invited(): User
    {
        $one = DB::table('invitations')->where('email', mb_strtolower($this->email))->orderBy('id')->first()
            ?? throw Refusal::because(
                'Nobody here goes by :email: ask an owner of your workspace to invite you.',
                values: ['email' => $this->email],
            );

        return Invitations::accept($one, $this->name ?: $this->email);
    }
}
