<?php

namespace App\Http\Controllers;

use App\Hooks\HookEvent;
use App\Hooks\Hooks;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use InkyCard\Refusal;

/** Addresses that are told what happens. */
final class HookController extends Controller
{
    public function store(Request $request): RedirectResponse
    {
        $asked = $request->array('events');
        try {
            $secret = Hooks::add($this->workspace, self::string($request, 'address'), array_values(array_filter(
                HookEvent::choices(), fn (HookEvent $event) => in_array($event->value, $asked, true),
            )));
        } catch (Refusal $refusal) {
            return self::back()->withInput()->withErrors(['address' => Words::of($refusal)]);
        }

        return self::back()->with('secret', $secret);
    }

    public function test(int $hook): RedirectResponse
    {
        $hook = Hooks::find($this->workspace, $hook);
        Hooks::call((int) $hook->id, HookEvent::Test, '', ['workspace' => $this->workspace->name]);

        return self::back()->with('told', __('On its way: what it answers is said below.'));
    }

    /** Told no more, or again. */
    public function turn(Request $request, int $hook): RedirectResponse
    {
        $hook = Hooks::find($this->workspace, $hook);
        DB::table('hooks')->where('id', $hook->id)->update([
            'stopped_at' => $request->boolean('on') ? null : (string) now(),
        ]);

        return self::back();
    }

    /** One that is stopped, for good. */
    public function remove(int $hook): RedirectResponse
    {
        $hook = Hooks::find($this->workspace, $hook);
        DB::table('hooks')->where('id', $hook->id)->whereNotNull('stopped_at')->delete();

        return self::back();
    }

    private static function back(): RedirectResponse
    {
        return redirect()->to(route('programs').'#hooks');
    }
}
