<?php

namespace App\Http\Controllers;

use App\Campaigns\FooterPage;
use App\Campaigns\LetterPage;
use App\Campaigns\Recipients;
use App\Exceptions\StaleRevision;
use App\Http\Middleware\ContentPolicy;
use App\Models\StoredCard;
use App\Models\StoredFooter;
use App\Models\StoredLetter;
use App\Models\StoredPicture;
use App\Pictures\HostedPictures;
use App\Proof\Prover;
use App\Tray\Outgoing;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use InkyCard\Handover\SubjectHeader;
use InkyCard\Refusal;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;

/** Letters around a card: written, looked at, taken, or sent to oneself. */
final class LetterController extends Controller
{
    public function store(Request $request): RedirectResponse
    {
        $card = StoredCard::in($this->workspace, self::integer($request, 'card')) ?? abort(404);
        $letter = StoredLetter::start($this->workspace, $card, null, LetterPage::BEGIN);

        return redirect()->route('letter', $letter->id);
    }

    public function show(Request $request, int $letter): View
    {
        return $this->page($request, $this->letter($letter));
    }

    public function keep(Request $request, int $letter): View|Response|RedirectResponse
    {
        $stored = $this->letter($letter);
        try {
            $refused = $this->kept($request, $stored);
        } catch (StaleRevision) {
            return self::stale($request, route('letter', $stored->id));
        }
        if (! $request->hasHeader('HX-Request')) {
            return $refused === [] ? redirect()->route('letter', $stored->id)
                : response($this->page($request, $stored, $refused), 422);
        }

        return view('campaigns.letter-shown', ['page' => $this->look($request, $stored), 'refused' => $refused]);
    }

    /**
     * What is not taken is said beside its field, and the rest is kept.
     *
     * @return array<string, string> field => why it was not taken
     *
     * @throws StaleRevision
     */
    private function kept(Request $request, StoredLetter $stored): array
    {
        /** @var ?StoredFooter $footer */
        $footer = StoredFooter::in($this->workspace)->find(self::integer($request, 'footer'));
        $card = StoredCard::in($this->workspace, self::integer($request, 'card'))->id ?? $stored->card_id;
        $given = $this->given($request);
        $refused = [];
        do {
            try {
                $stored->keep($this->workspace, self::integer($request, 'number'), $given, $card, $footer);

                return $refused;
            } catch (Refusal $refusal) {
                $field = explode('/', ltrim($refusal->path, '/'))[0];
                $refused[$field] = Words::of($refusal);
                $again = isset($given[$field]);
                unset($given[$field]);
            }
        } while ($again);

        return $refused;
    }

    /** Alone in a frame, with its tokens or as a recipient has it. */
    public function sheet(Request $request, int $letter): Response
    {
        $composed = $this->letter($letter)->composed($this->workspace);
        $values = Recipients::one($this->workspace, self::integer($request, 'recipient'));
        $html = $values === null ? $composed->html(HostedPictures::forScreen())
            : $composed->for(HostedPictures::forScreen(), $values)[0];

        return self::framed($request, $html, 22);
    }

    public function proof(Prover $prover, int $letter): View
    {
        $stored = $this->letter($letter);
        $sender = $stored->sender($this->workspace);
        [$words] = $stored->composed($this->workspace)->as([]);

        return view('campaigns.letter-proof', [
            'proof' => $prover->of($sender, $words)->without(...LetterPage::CARDS_ALONE),
        ]);
    }

    public function file(Request $request, int $letter): Response
    {
        $stored = $this->letter($letter);
        $composed = $stored->composed($this->workspace);
        [$bytes, $type, $end] = match (self::string($request, 'as')) {
            'text' => [$composed->text(), 'text/plain; charset=utf-8', 'txt'],
            'eml' => ["X-Unsent: 1\r\n".$this->email($stored, [])->toString(), 'message/rfc822', 'eml'],
            default => [FooterPage::whole(
                $composed->html(HostedPictures::forExport()), $stored->sender($this->workspace)->document()->lang,
            ), 'text/html; charset=utf-8', 'html'],
        };

        return response($bytes, 200, [
            'Content-Type' => $type, 'Content-Security-Policy' => ContentPolicy::RENDERING,
            'Content-Disposition' => 'attachment; filename="'.(Str::slug($stored->subject) ?: 'letter').".$end\"",
        ]);
    }

    /** To its maker, filled in as one recipient has it. */
    public function send(Request $request, int $letter): RedirectResponse
    {
        $stored = $this->letter($letter);
        $values = Recipients::one($this->workspace, self::integer($request, 'recipient'));
        $to = self::member($request)->mailbox();
        Outgoing::send(
            $this->workspace, $this->email($stored, $values)->from(new Address($to))->to(new Address($to)), $to, [$to],
        );

        return redirect()->route('letter', $stored->id)
            ->with(['told' => __('Sent to :to.', ['to' => $to]), 'sent' => true]);
    }

    public function remove(int $letter): RedirectResponse
    {
        $stored = $this->letter($letter);
        $stored->forceFill(['removed_at' => now()])->save();

        return redirect()->route('campaigns')->with([
            'told' => "Removed: $stored->subject.", 'back' => route('letter.restore', $stored->id),
        ]);
    }

    public function restore(int $letter): RedirectResponse
    {
        $this->letter($letter, removed: true)->forceFill(['removed_at' => null])->save();

        return redirect()->route('letter', $letter);
    }

    /** @param  array<string, string>|null  $values  of a recipient; null for its tokens */
    private function email(StoredLetter $stored, ?array $values): Email
    {
        $composed = $stored->composed($this->workspace);
        $pictures = HostedPictures::forExport();
        [$html, $text] = $values === null || $values === [] ? [$composed->html($pictures), $composed->text()]
            : $composed->for($pictures, $values);
        $lang = $stored->sender($this->workspace)->document()->lang;

        return SubjectHeader::put(new Email, $stored->subject)->html(FooterPage::whole($html, $lang))->text($text);
    }

    /** @return array<string, mixed> */
    private function given(Request $request): array
    {
        $given = array_filter($request->only(['subject', 'preview', 'body', 'alt']), is_string(...));
        $given += ['call' => array_filter($request->array('call'), is_string(...))];
        $picture = self::string($request, 'picture');
        $stored = $picture === '' ? null : StoredPicture::named($this->workspace, $picture);

        return $given + ['picture' => $stored?->ref() ?? '', 'ratio' => $stored?->ratio() ?? 0.4];
    }

    /** @param  array<string, string>  $refused */
    private function page(Request $request, StoredLetter $stored, array $refused = []): View
    {
        return view('campaigns.letter', [
            'page' => $this->look($request, $stored), 'stored' => $stored, 'refused' => $refused,
            'cards' => StoredCard::choices($this->workspace),
            'footers' => StoredFooter::in($this->workspace)->pluck('name', 'id'),
            'pictures' => StoredPicture::choices($this->workspace),
        ]);
    }

    private function look(Request $request, StoredLetter $stored): LetterPage
    {
        return new LetterPage($this->workspace, $stored, self::string($request, 'recipient'));
    }

    private function letter(int $id, bool $removed = false): StoredLetter
    {
        /** @var StoredLetter */
        return StoredLetter::query()->where('workspace_id', $this->workspace->id)
            ->when(! $removed, fn ($query) => $query->whereNull('removed_at'))->findOrFail($id);
    }
}
