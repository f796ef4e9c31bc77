<?php

namespace App\Http\Controllers;

use App\Auth\Devices;
use App\Auth\MailLink;
use App\Auth\Passwords;
use App\Auth\SecondFactor;
use App\Auth\Totp;
use App\Models\User;
use App\Words\Locality;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use InkyCard\Link\MailAddress;
use InkyCard\Refusal;
use InkyCard\Time\Clock;
use InkyCard\Type\CleanText;

/** What a member changes about themselves: name, address, password, second factor, where they are signed in. */
final class AccountController extends Controller
{
    /** Minutes after a link was followed in which a new password asks for no old one. */
    private const LINKED = 15;

    /** Minutes both addresses have to say that one is to be changed. */
    private const CONFIRMED = 1440;

    private const KEY = 'second.key';

    public function show(Request $request): View
    {
        $user = self::member($request);

        return view('account.show', [
            'user' => $user, 'devices' => Devices::of($user), 'here' => (int) $request->session()->get(Devices::KEY, 0),
            'asksOld' => $this->asksOld($request, $user), 'left' => count(SecondFactor::left($user)),
            'languages' => Words::languages(), 'regions' => Locality::regions(),
            'workspaces' => $user->workspaces()->orderBy('name')->get(),
        ]);
    }

    public function name(Request $request): RedirectResponse
    {
        return $this->kept('name', function () use ($request): string {
            $name = CleanText::of(self::string($request, 'name'), 80, 'name');
            $name !== '' || throw Refusal::because('Say what you are called.');
            self::member($request)->forceFill(['name' => $name])->save();

            return __('Your name is kept.');
        });
    }

    /** What pages are read in. */
    public function language(Request $request): RedirectResponse
    {
        return $this->kept('zone', function () use ($request): string {
            $zone = trim(self::string($request, 'zone'));
            self::member($request)->forceFill([
                'language' => self::choice($request, 'language', Words::languages()),
                'region' => self::choice($request, 'region', Locality::regions()),
                'zone' => $zone === '' ? '' : Clock::zone($zone),
            ])->save();

            return __('Kept.');
        });
    }

    /** @param  array<string, string>  $choices */
    private static function choice(Request $request, string $key, array $choices): string
    {
        return isset($choices[$chosen = self::string($request, $key)]) ? $chosen : '';
    }

    public function password(Request $request): RedirectResponse
    {
        return $this->kept('password', function () use ($request): string {
            $user = self::member($request);
            if ($this->asksOld($request, $user) && ! Hash::check(self::string($request, 'old'), $user->password)) {
                throw Refusal::because('The password you have is another one.');
            }
            Passwords::check(self::string($request, 'password'), $user);
            $user->forceFill(['password' => self::string($request, 'password')])->save();
            $request->session()->forget(SignInController::LINKED);
            Devices::end($user, null, but: (int) $request->session()->get(Devices::KEY, 0));

            return __('The password is kept. Everywhere else you are signed out.');
        });
    }

    /** Both addresses have to say so: the old one, that it is meant, the new one, that it is theirs. */
    public function address(Request $request): RedirectResponse
    {
        return $this->kept('email', function () use ($request): string {
            $user = self::member($request);
            $email = MailAddress::parse(self::string($request, 'email'))->address;
            if (mb_strtolower($email) === mb_strtolower($user->email)) {
                throw Refusal::because('This is your address already.');
            }
            $once = Str::random(12);
            foreach ([$user->email => 'old', $email => 'new'] as $to => $which) {
                MailLink::send($this->workspace, $to, __('Another mail address'), [
                    "Dear $user->name,", __(
                        'you sign in as :email instead of :email2 once both addresses have said so. This '
                            .'one does by',
                        ['email' => $email, 'email2' => $user->email],
                    ), ],
                    MailLink::to('account.address.confirm', self::CONFIRMED, [
                        'user' => $user->id, 'to' => $email, 'which' => $which, 'once' => $once,
                    ]),
                );
            }

            return __(
                'A message went to both addresses: :email counts when both have said yes, within a day.',
                ['email' => $email],
            );
        });
    }

    public function ask(Request $request, int $user): View|Response
    {
        $wrong = MailLink::wrong($request);

        return $wrong !== null ? SignInController::sorry($wrong) : view('account.confirm', [
            'to' => self::string($request, 'to'), 'here' => $request->fullUrl(),
        ]);
    }

    public function confirm(Request $request, int $user): View|Response
    {
        $wrong = MailLink::wrong($request);
        $member = User::query()->find($user);
        if ($wrong !== null || $member === null || ! MailLink::spend($request)) {
            return SignInController::sorry($wrong ?? __('This link was used already.'));
        }
        $to = self::string($request, 'to');
        // Those of one wish alone count together.
        $said = 'address.'.self::string($request, 'once');
        $both = array_unique([...(array) Cache::get($said, []), self::string($request, 'which')]);
        Cache::put($said, $both, now()->addMinutes(self::CONFIRMED));
        if (count($both) < 2) {
            return view('account.confirmed', ['to' => $to, 'isChanged' => false]);
        }
        if (User::query()->where('email', $to)->where('id', '!=', $member->id)->exists()) {
            return SignInController::sorry(__('Somebody else signs in by this address.'));
        }
        $member->forceFill(['email' => $to])->save();

        return view('account.confirmed', ['to' => $to, 'isChanged' => true]);
    }

    /** Signs out another device, or all others. */
    public function endDevice(Request $request): RedirectResponse
    {
        $here = (int) $request->session()->get(Devices::KEY, 0);
        $device = self::integer($request, 'device');
        Devices::end(self::member($request), $device === 0 ? null : $device, but: $here);

        return redirect()->route('account')->with('told', __('Signed out there.'));
    }

    /** A key to give an authenticator, and the first code of it. */
    public function second(Request $request): View
    {
        $key = (string) ($request->session()->get(self::KEY) ?? Totp::key());
        $request->session()->put(self::KEY, $key);
        $address = Totp::address($key, self::member($request)->email, 'Inky Card');

        return view('account.second', [
            'key' => trim(chunk_split($key, 4, ' ')), 'address' => $address,
        ]);
    }

    public function beginSecond(Request $request): View|RedirectResponse
    {
        $key = (string) $request->session()->get(self::KEY, '');
        $codes = $key === '' ? null : SecondFactor::begin(self::member($request), $key, self::string($request, 'code'));
        if ($codes === null) {
            return redirect()->route('account.second')->withErrors(['code' => __(
                'This is no code of that key of now.',
            )]);
        }
        $request->session()->forget(self::KEY);

        return view('account.codes', ['codes' => $codes]);
    }

    public function endSecond(Request $request): RedirectResponse
    {
        return $this->kept('code', function () use ($request): string {
            $user = self::member($request);
            SecondFactor::passes($user, self::string($request, 'code'))
                || throw Refusal::because('This is no code of now.');
            SecondFactor::end($user->refresh());

            return __('There is no second step any more.');
        });
    }

    /** Another of theirs to look at. */
    public function open(Request $request, int $workspace): RedirectResponse
    {
        $user = self::member($request);
        $found = $user->workspaces()->where('workspaces.id', $workspace)->exists();
        abort_unless($found, 404);
        $user->forceFill(['workspace_id' => $workspace])->save();

        return redirect()->route('cards');
    }

    /** In the demo, through the eyes of another of its members. */
    public function look(Request $request): RedirectResponse
    {
        abort_unless((bool) config('inky.demo'), 404);
        $member = $this->workspace->members()->where('users.id', self::integer($request, 'member'))->firstOrFail();
        $areMadeUp = self::member($request)->isMadeUp() && $member->isMadeUp();
        abort_if(! $areMadeUp || $this->workspace->isGuests() || $member->second !== null, 404);
        Auth::login($member);
        $request->session()->regenerate();

        return redirect()->route('cards');
    }

    /** Who followed a link a moment ago has shown who they are. */
    private function asksOld(Request $request, User $user): bool
    {
        $linked = (int) $request->session()->get(SignInController::LINKED, 0);

        return $user->password !== '' && $linked < now()->subMinutes(self::LINKED)->getTimestamp();
    }

    /** @param  \Closure(): string  $work  what is said of it */
    private function kept(string $field, \Closure $work): RedirectResponse
    {
        try {
            return redirect()->route('account')->with('told', $work());
        } catch (Refusal $refusal) {
            return redirect()->route('account')->withInput(request()->except(['password', 'old', 'code']))
                ->withErrors([$field => Words::of($refusal)]);
        }
    }
}
