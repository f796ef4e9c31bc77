<?php

namespace App\Http\Controllers;

use App\Api\AccessToken;
use App\Auth\Ability;
use App\Hooks\HookEvent;
use App\Hooks\Hooks;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** What programs come with, tokens of the workspace, and what they are told. */
final class ProgramController extends Controller
{
    private const PER_PAGE = 50;

    public function index(): View
    {
        return view('settings.programs', [
            'tokens' => AccessToken::query()->where('workspace_id', $this->workspace->id)->with('tokenable')
                ->latest('id')->paginate(self::PER_PAGE),
            'hooks' => Hooks::of($this->workspace), 'events' => HookEvent::choices(),
            'abilities' => AccessToken::ABILITIES, 'days' => AccessToken::DAYS, 'rate' => (int) config('inky.api_rate'),
        ]);
    }

    /** A new one, shown this once. */
    public function store(Request $request): RedirectResponse
    {
        $back = redirect()->route('programs');
        try {
            if ($this->workspace->isGuests()) {
                throw Refusal::because('Keep this workspace first, by your mail address: then programs may come.');
            }
            $name = CleanText::of(self::string($request, 'token'), 60, 'name');
            $name !== '' || throw Refusal::because('Say what it is for.');
            $asked = $request->array('abilities');
            $abilities = array_values(array_filter(
                AccessToken::ABILITIES, fn (Ability $ability) => in_array($ability->value, $asked, true),
            ));
            $abilities !== [] || throw Refusal::because('Choose what it may do.');
        } catch (Refusal $refusal) {
            return $back->withInput()->withErrors(['token' => Words::of($refusal)]);
        }
        $days = self::integer($request, 'days');

        return $back->with('shown', AccessToken::grant(
            self::member($request), $this->workspace, $name, $abilities,
            in_array($days, AccessToken::DAYS, true) ? $days : 90,
        ));
    }

    public function end(int $token): RedirectResponse
    {
        /** @var AccessToken $token */
        $token = AccessToken::query()->where('workspace_id', $this->workspace->id)->findOrFail($token);
        $token->delete();

        return redirect()->route('programs')->with('told', __(
            ':name is good for nothing any more.', ['name' => $token->name],
        ));
    }
}
