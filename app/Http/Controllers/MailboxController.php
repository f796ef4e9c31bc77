<?php

namespace App\Http\Controllers;

use App\Handover\Parcels;
use App\Jmap\Identity;
use App\Jmap\Mailbox;
use App\Outside\SafeHttpClient;
use App\Placements\Placements;
use App\StandIns\JmapStandIn;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Crypt;
use InkyCard\Card\Situation;
use InkyCard\Refusal;

/** Puts a card under the addresses of a mailbox that speaks JMAP, and what stood there before back. */
final class MailboxController extends Controller
{
    /** Days what stood there before is kept. */
    private const KEPT = 90;

    private const OPENED = 'mailbox';

    public function show(Request $request, SafeHttpClient $outside, Parcels $handOver, int $card): Response
    {
        return $this->page($request, $outside, $handOver, $card);
    }

    public function open(
        Request $request,
        SafeHttpClient $outside,
        Parcels $handOver,
        int $card,
    ): Response|RedirectResponse {
        $this->card($card);
        try {
            Mailbox::open($outside, $request->input('server'), $request->input('token'))->identities();
        } catch (Refusal $refusal) {
            return $this->page(
                $request, $outside, $handOver, $card, [$refusal->field() ?: 'server' => Words::of($refusal)], 422,
            );
        }
        // As long as one is signed in, and nowhere else.
        $request->session()->put(self::OPENED, Crypt::encrypt([$request->input('server'), $request->input('token')]));

        return redirect()->route('mailbox', $card);
    }

    public function close(Request $request, int $card): RedirectResponse
    {
        $this->card($card);
        $request->session()->forget(self::OPENED);

        return redirect()->route('mailbox', $card)->with('told', __('Closed. The token is forgotten.'));
    }

    /** Puts the card under an address, or back what was there. */
    public function place(
        Request $request,
        SafeHttpClient $outside,
        Parcels $handOver,
        int $card,
    ): Response|RedirectResponse {
        $card = $this->card($card);
        try {
            $mailbox = $this->opened($request, $outside) ?? throw Refusal::because('Open the mailbox first.');
            $identity
                = collect($mailbox->identities())->first(
                    fn (Identity $one) => $one->id === self::string($request, 'identity'),
                ) ?? throw Refusal::because('This address is not in the mailbox any more.');
            $kept = $this->kept($request, $mailbox, $identity);
            if ($request->boolean('back')) {
                [$html, $text]
                    = Cache::get($kept) ?? throw Refusal::because('What stood here before is not kept any more.');
                $mailbox->place($identity->id, $html, $text);
                Cache::forget($kept);
                Placements::take($card, $identity->email, Situation::NewMail, Situation::Reply);

                return redirect()->route('mailbox', $card->id)
                    ->with('told', __('What stood under :email before is back.', ['email' => $identity->email]));
            }
            $parcel = $handOver->parcel($card->document(), $card);
            // The first that stood there is the one to come back to, not a card of ours.
            Cache::add($kept, [$identity->html, $identity->text], now()->addDays(self::KEPT));
            $mailbox->place($identity->id, $parcel->html(), $parcel->text());
            Placements::put($card, $identity->email, Situation::NewMail, Situation::Reply);
        } catch (Refusal $refusal) {
            return $this->page($request, $outside, $handOver, $card->id, ['identity' => Words::of($refusal)], 422);
        }

        return redirect()->route('mailbox', $card->id)->with('told', __(
            ':name is under every new message and answer from :email.',
            ['name' => $card->name, 'email' => $identity->email],
        ));
    }

    private function opened(Request $request, SafeHttpClient $outside): ?Mailbox
    {
        $kept = $request->session()->get(self::OPENED);

        return is_string($kept) ? Mailbox::open($outside, ...Crypt::decrypt($kept)) : null;
    }

    private function kept(Request $request, Mailbox $mailbox, Identity $identity): string
    {
        return 'mailbox.before.'.hash('sha256', self::member($request)->id."\n$mailbox->server\n$identity->id");
    }

    /** @param  array<string, string>  $refused */
    private function page(
        Request $request,
        SafeHttpClient $outside,
        Parcels $handOver,
        int $card,
        array $refused = [],
        int $status = 200,
    ): Response {
        $card = $this->card($card);
        try {
            $mailbox = $this->opened($request, $outside);
            $identities = $mailbox?->identities() ?? [];
        } catch (Refusal $refusal) {
            $request->session()->forget(self::OPENED);
            $refused += ['server' => Words::of($refusal)];
            [$mailbox, $identities] = [null, []];
        }
        $before = $mailbox === null ? [] : array_filter(
            $identities,
            fn (Identity $one) => Cache::has($this->kept($request, $mailbox, $one)),
        );

        return response()->view('hand-over.mailbox', [
            'card' => $card,
            'mailbox' => $mailbox,
            'identities' => $identities,
            'refused' => $refused,
            'html' => $handOver->parcel($card->document(), $card)->html(),
            'before' => array_column($before, 'id'),
            'standIn' => config('inky.stand_ins')
                ? ['host' => JmapStandIn::HOST, 'token' => JmapStandIn::TOKEN]
                : null,
        ], $status);
    }
}
