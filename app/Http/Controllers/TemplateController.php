<?php

namespace App\Http\Controllers;

use App\Handover\Parcels;
use App\Models\StoredCard;
use App\Models\StoredTemplate;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Handover\Formats\UnsentMessage;
use InkyCard\Handover\MessageTemplate;
use InkyCard\Refusal;

/** Ready messages: kept, put in order, written with, and taken as files with a card under them. */
final class TemplateController extends Controller
{
    private const PER_PAGE = 30;

    public function index(): View
    {
        return view('tray.ready', ['list' => StoredTemplate::in($this->workspace)->paginate(self::PER_PAGE)]);
    }

    public function create(): View
    {
        return $this->form(null, []);
    }

    public function show(int $ready): View
    {
        return $this->form($this->ready($ready), []);
    }

    public function store(Request $request): RedirectResponse|Response
    {
        return $this->keep($request, null);
    }

    public function update(Request $request, int $ready): RedirectResponse|Response
    {
        return $this->keep($request, $this->ready($ready));
    }

    public function move(Request $request, int $ready): RedirectResponse
    {
        $up = self::string($request, 'to') === 'up';
        $this->ready($ready)->move($this->workspace, $up);

        // The button clicked has the focus again, so that it can be clicked on.
        return back()->with('moved', "$ready ".($up ? 'up' : 'down'));
    }

    public function remove(int $ready): RedirectResponse
    {
        $ready = $this->ready($ready);
        $ready->update(['removed_at' => now()]);

        return redirect()->route('ready')->with([
            'told' => __(':name is removed.', ['name' => $ready->name]), 'back' => route('ready.restore', $ready->id),
        ]);
    }

    public function restore(int $ready): RedirectResponse
    {
        $ready = $this->ready($ready, removed: true);
        $ready->update(['removed_at' => null]);

        return redirect()->route('ready')->with('told', __(':name is back.', ['name' => $ready->name]));
    }

    /** The message as an unsent one, a card under its words. */
    public function file(Request $request, Parcels $handOver, int $ready): Response
    {
        $ready = $this->ready($ready);
        $card = StoredCard::in($this->workspace, self::integer($request, 'card')) ?? abort(404);

        return self::download(
            (new UnsentMessage($ready->message()))->build($handOver->parcel($card->document(), $card)),
        );
    }

    private function keep(Request $request, ?StoredTemplate $ready): RedirectResponse|Response
    {
        try {
            $message = MessageTemplate::of(
                self::string($request, 'name'),
                self::string($request, 'subject'),
                self::string($request, 'body'),
            );
        } catch (Refusal $refusal) {
            return response($this->form($ready, [$refusal->field() => Words::of($refusal)]), 422);
        }
        $ready === null
            ? ($ready = StoredTemplate::add($this->workspace, $message))
            : $ready->update(get_object_vars($message));

        return redirect()->route('ready')->with('told', __(':name is kept.', ['name' => $ready->name]));
    }

    /** @param  array<string, string>  $refused */
    private function form(?StoredTemplate $ready, array $refused): View
    {
        return view('tray.ready-message', [
            'ready' => $ready,
            'refused' => $refused,
            'cards' => StoredCard::choices($this->workspace),
        ]);
    }

    private function ready(int $id, bool $removed = false): StoredTemplate
    {
        return StoredTemplate::query()
            ->where('workspace_id', $this->workspace->id)
            ->where(fn ($query) => $removed ? $query->whereNotNull('removed_at') : $query->whereNull('removed_at'))
            ->find($id) ?? abort(404);
    }
}
