<?php

namespace App\Http\Controllers;

use App\Campaigns\FooterVerdict;
use App\Http\Middleware\ContentPolicy;
use App\Models\StoredCard;
use App\Models\StoredTemplate;
use App\Placements\Placements;
use App\Tray\Composer;
use App\Tray\MimeMessage;
use App\Tray\Outgoing;
use App\Tray\Tray;
use App\Tray\TrayVerifier;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Situation;
use InkyCard\MailClient\MailClient;
use InkyCard\MailClient\Message;
use InkyCard\Refusal;

/**
 * The mail tray: what the stand-in mailbox received, as each mail client would show it, with the verifier's verdict.
 */
final class TrayController extends Controller
{
    /** Placements named beside a message that is written. */
    private const PLACED = 30;

    private const PER_PAGE = 30;

    public function index(): View
    {
        return view('tray.index', [
            'messages' => Tray::all($this->workspace, self::PER_PAGE), 'outgoing' => Outgoing::latest($this->workspace),
        ]);
    }

    /** Sends one that was refused once more. */
    public function again(int $outgoing): RedirectResponse
    {
        Outgoing::again($this->workspace, $outgoing);

        return redirect()->route('tray');
    }

    /** What became of messages that went into the world. */
    public function outgoing(): View
    {
        return view('tray.outgoing', ['outgoing' => Outgoing::latest($this->workspace)]);
    }

    public function show(Request $request, int $message): View
    {
        $received = $this->message($message);

        return view('tray.show', [
            'id' => $message,
            'received' => $received,
            'verification' => Tray::verify($this->workspace, $message, $received),
            'footer' => FooterVerdict::of($this->workspace, $received),
            'clients' => MailClient::all(),
            'client' => MailClient::all()[self::string($request, 'as')] ?? MailClient::of('tolerant-webmail'),
        ]);
    }

    /** The message as the readers of a stand-in see it, alone in a frame. */
    public function reading(int $message, string $client): Response
    {
        $client = MailClient::all()[$client] ?? abort(404);
        $received = $this->message($message);
        $html = $received->shown();

        return self::asRead(new Message(
            $html === ''
                ? '<pre style="white-space:pre-wrap;font:13px/19px monospace;margin:0">'.e($received->text()).'</pre>'
                : $html,
            $received->text() === '' ? null : $received->text(),
        ), $client);
    }

    /** What the verifier says of a message, for its row in the list. */
    public function verdict(int $message): View
    {
        $verification = Tray::verify($this->workspace, $message, $this->message($message));

        return view('tray.verdict', [
            'verdict' => $verification?->verified->verdict ?? 'absent', 'card' => $verification?->card->name ?? '',
        ]);
    }

    /** The card as it was handed over, or the message it arrived in, with what looks different outlined. */
    public function side(int $message, string $side): Response
    {
        $received = $this->message($message);
        $sides = TrayVerifier::of($this->workspace, $received)?->sides($received) ?? abort(404);

        return response()
            ->view('proof.reading', [
                'html' => $side === 'handed-over' ? $sides->handedOver : $sides->arrived, 'page' => '#ffffff',
                'ink' => '#000000', 'client' => MailClient::of('tolerant-webmail'), 'outlined' => true, 'marked' => [],
            ])
            ->header('Content-Security-Policy', ContentPolicy::RENDERING);
    }

    public function file(int $message): Response
    {
        return response($this->message($message)->raw, 200, [
            'Content-Type' => 'message/rfc822',
            'Content-Disposition' => "attachment; filename=\"message-$message.eml\"",
        ]);
    }

    public function drop(Request $request): RedirectResponse
    {
        try {
            [$bytes] = self::uploaded(
                $request->file('message'), __('Choose a message saved as .eml, or an archive as .mbox.'), Tray::MOST,
                Tray::tooLarge(),
            );
            $kept = Tray::drop($this->workspace, $bytes);
        } catch (Refusal $refusal) {
            return redirect()->route('tray')->with('refused', Words::of($refusal));
        }

        return count($kept) === 1
            ? redirect()->route('tray.message', $kept[0])
            : redirect()->route('tray')->with('told', __(':kept messages taken in.', ['kept' => count($kept)]));
    }

    public function write(Request $request): View
    {
        return $this->form($request, []);
    }

    public function send(Request $request, Composer $writing): RedirectResponse|Response
    {
        try {
            $writing->send(
                $this->workspace,
                $request->only(['from', 'to', 'subject', 'body', 'way', 'format', 'card', 'ready', 'anyway']),
                $this->earlier($request),
            );
        } catch (Refusal $refusal) {
            return response($this->form($request, [$refusal->field() => Words::of($refusal)]), 422);
        }
        $newest = DB::table('tray_messages')->where('workspace_id', $this->workspace->id)->max('id');

        return config('mail.default') === 'tray' && $newest !== null ? redirect()->route('tray.message', $newest)
            : redirect()->route('tray')->with('told', __(
                'On its way to :string.', ['string' => self::string($request, 'to')],
            ));
    }

    /** @param  array<string, string>  $refused */
    private function form(Request $request, array $refused): View
    {
        $earlier = $this->earlier($request);
        $way = $earlier === null ? 'new' : (self::string($request, 'way') === 'forward' ? 'forward' : 'reply');

        $ready = StoredTemplate::in($this->workspace)->find(self::integer($request, 'ready'));

        return view('tray.write', [
            'ready' => $ready,
            'readies' => $earlier === null ? StoredTemplate::choices($this->workspace) : collect(),
            'refused' => $refused, 'earlier' => $earlier, 'of' => self::string($request, 'of'), 'way' => $way,
            'placements' => Placements::first($this->workspace, self::PLACED),
            'situations' => Situation::labels(),
            'cards' => StoredCard::choices($this->workspace),
            'member' => self::member($request)->mailbox(),
        ]);
    }

    private function earlier(Request $request): ?MimeMessage
    {
        $of = self::integer($request, 'of');

        return $of === 0 ? null : Tray::find($this->workspace, $of);
    }

    private function message(int $id): MimeMessage
    {
        return Tray::find($this->workspace, $id) ?? abort(404);
    }
}
