<?php

namespace App\Http\Controllers;

use App\Auth\Invitations;
use App\Auth\Role;
use App\Models\User;
use App\Models\Workspace;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use InkyCard\Refusal;

/** Who may do what in a workspace, and who is asked to come. */
final class MemberController extends Controller
{
    private const PER_PAGE = 50;

    public function index(): View
    {
        return view('account.members', [
            'members' => $this->workspace->members()->orderBy('name')->paginate(self::PER_PAGE),
            'roles' => Role::cases(), 'invited' => Invitations::of($this->workspace),
        ]);
    }

    /** Asks somebody to come, or once more. */
    public function invite(Request $request): RedirectResponse
    {
        $back = redirect()->route('members');
        $role = Role::tryFrom(self::string($request, 'role'));
        try {
            $email = Invitations::send(
                $this->workspace, self::member($request), self::string($request, 'email'), $role,
            );
        } catch (Refusal $refusal) {
            return $back->withInput()->withErrors(['email' => Words::of($refusal)]);
        }

        return $back->with('told', __(':email is invited as :value.', ['email' => $email, 'value' => $role?->value]));
    }

    public function withdraw(int $invitation): RedirectResponse
    {
        abort_unless(Invitations::withdraw($this->workspace, $invitation), 404);

        return redirect()->route('members')->with('told', __(
            'The invitation is withdrawn: its link leads nowhere now.',
        ));
    }

    public function change(Request $request, int $member): RedirectResponse
    {
        $role = Role::tryFrom(self::string($request, 'role')) ?? abort(404);

        return $this->without($member, $role === Role::Owner, fn (User $user) => $this->workspace->members()
            ->updateExistingPivot($user->id, ['role' => $role->value])
            ? "$user->name is $role->value." : '');
    }

    /** Takes somebody out, oneself too. */
    public function remove(Request $request, int $member): RedirectResponse
    {
        $self = self::member($request)->id === $member;
        $answer = $this->without($member, false, fn (User $user) => $this->workspace->members()->detach($user->id)
            ? __(':name belongs to :name2 no more.', ['name' => $user->name, 'name2' => $this->workspace->name]) : '');

        return $self && $answer->getSession()?->has('told') ? redirect()->route('cards') : $answer;
    }

    /**
     * A change of somebody, unless nobody would be left to own it.
     *
     * @param  \Closure(User): string  $change  what is said of it
     */
    private function without(int $member, bool $isOwner, \Closure $change): RedirectResponse
    {
        return DB::transaction(function () use ($member, $isOwner, $change): RedirectResponse {
            Workspace::query()->whereKey($this->workspace->id)->lockForUpdate()->first();
            $user = $this->workspace->members()->where('users.id', $member)->firstOrFail();
            $others = $this->workspace->members()->wherePivot('role', Role::Owner->value)
                ->where('users.id', '!=', $member)->exists();

            return redirect()->route('members')->with('told', $others || $isOwner ? $change($user)
                : __(':name is the only owner: make somebody else one first.', ['name' => $user->name]));
        });
    }
}
