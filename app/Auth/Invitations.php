<?php

namespace App\Auth;

use App\Models\User;
use App\Models\Workspace;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use InkyCard\Link\MailAddress;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** Asks somebody into a workspace: one invitation an address, of which the last message counts. */
final class Invitations
{
    /** Days one is good for. */
    private const DAYS = 14;

    /** @return Collection<int, object{id: int, email: string, role: Role, sent: Carbon}&\stdClass> not taken up yet */
    public static function of(Workspace $workspace): Collection
    {
        return DB::table('invitations')->where('workspace_id', $workspace->id)->orderBy('email')->get()
            ->map(fn (\stdClass $one): object => (object) [
                'id' => (int) $one->id, 'email' => (string) $one->email, 'role' => Role::from($one->role),
                'sent' => Carbon::parse($one->sent_at),
            ]);
    }

    /** Sends one, or sends it again. @throws Refusal */
    public static function send(Workspace $workspace, User $by, string $address, ?Role $role): string
    {
        $email = mb_strtolower(MailAddress::parse($address)->address);
        GuestRoom::mustNotSend($workspace);
        $role ?? throw Refusal::because('Choose what they may do.');
        if ($workspace->members()->whereRaw('lower(email) = ?', [$email])->exists()) {
            throw Refusal::because('This is a member already.');
        }
        $is = ['workspace_id' => $workspace->id, 'email' => $email];
        DB::transaction(function () use ($workspace, $by, $email, $role, $is): void {
            DB::table('invitations')->updateOrInsert($is, [
                'role' => $role->value, 'by' => $by->id, 'sent_at' => (string) now(),
            ]);
            $one = DB::table('invitations')->where($is)->sole();
            MailLink::send($workspace, $email, "$workspace->name on Inky Card", [
                __(
                    ':name asks you to come to :workspace, as :role: :says.',
                    ['name' => $by->name, 'workspace' => $workspace->name, 'role' => __($role->value),
                        'says' => $role->says()],
                ),
                __('This address lets you in, for :days days:', ['days' => self::DAYS]),
            ], MailLink::to('invitation', self::DAYS * 1440, ['invitation' => $one->id, 'at' => self::at($one)]));
        });

        return $email;
    }

    public static function withdraw(Workspace $workspace, int $invitation): bool
    {
        return DB::table('invitations')->where(['workspace_id' => $workspace->id, 'id' => $invitation])->delete() > 0;
    }

    /**
     * @param  int  $at  when its link says it was sent, seconds since 1970
     *
     * @throws Refusal when it is none to be taken up
     */
    public static function find(int $invitation, int $at): \stdClass
    {
        $one = DB::table('invitations')->where('id', $invitation)->first()
            ?? throw Refusal::because('This invitation was taken up or withdrawn.');

        return self::at($one) === $at ? $one
            : throw Refusal::because('There is a newer invitation: look for the last message.');
    }

    /** Who goes by its address already. */
    public static function known(\stdClass $one): ?User
    {
        return User::query()->whereRaw('lower(email) = ?', [$one->email])->first();
    }

    /**
     * @param  string  $name  of somebody new
     *
     * @throws Refusal
     */
    public static function accept(\stdClass $one, string $name): User
    {
        $known = self::known($one);
        $name = $known->name ?? CleanText::of($name, 80, 'name');
        if ($name === '') {
            throw Refusal::because('Say what you are called.', '/name');
        }

        return DB::transaction(function () use ($one, $known, $name): User {
            if (DB::table('invitations')->where('id', $one->id)->delete() === 0) {
                throw Refusal::because('This invitation was taken up or withdrawn.');
            }
            $user = $known ?? User::without($name, $one->email);
            DB::table('memberships')->insertOrIgnore([
                'workspace_id' => $one->workspace_id, 'user_id' => $user->id, 'role' => $one->role,
            ]);
            $user->forceFill(['workspace_id' => $one->workspace_id])->save();

            return $user;
        });
    }

    private static function at(\stdClass $one): int
    {
        return Carbon::parse($one->sent_at)->getTimestamp();
    }
}
