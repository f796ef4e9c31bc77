<?php

namespace App\Http\Controllers;

use App\Campaigns\FooterPage;
use App\Campaigns\FooterProof;
use App\Campaigns\Recipients;
use App\Exceptions\StaleRevision;
use App\Http\Middleware\ContentPolicy;
use App\Models\StoredCard;
use App\Models\StoredFooter;
use App\Pictures\HostedPictures;
use App\Proof\Prover;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use InkyCard\Footer\Footer;
use InkyCard\Footer\TokenStyle;
use InkyCard\Refusal;

/** Footers of campaigns: kept with every edit, looked at as any recipient has them, given out as revisions. */
final class FooterController extends Controller
{
    /** Revisions to choose from. */
    private const COMPARED = 50;

    public function store(Request $request): RedirectResponse
    {
        $card = StoredCard::in($this->workspace, self::integer($request, 'card')) ?? abort(404);
        $footer = StoredFooter::start($this->workspace, $card, FooterPage::begin($this->workspace, $card));

        return redirect()->route('footer', $footer->id);
    }

    public function show(Request $request, int $footer): View
    {
        return $this->page($request, $this->footer($footer));
    }

    /** Keeps what is written; what is not taken is said beside its field, and the rest is kept. */
    public function keep(Request $request, int $footer): View|Response|RedirectResponse
    {
        $stored = $this->footer($footer);
        $kept = $stored->footer();
        $refused = [];
        $style = $kept->style;
        foreach ($this->given($request) as $part => $value) {
            try {
                // What is written in the other style goes with it.
                $kept = $part === 'style'
                    ? FooterPage::inStyle($kept, Refusal::at('/style', fn () => TokenStyle::of($value)))
                    : $kept->with([$part => $value]);
            } catch (Refusal $refusal) {
                $refused[ltrim($refusal->path, '/')] = Words::of($refusal);
            }
        }
        $card = self::integer($request, 'card');
        $card = $card !== 0 && StoredCard::in($this->workspace, $card) !== null ? $card : null;
        try {
            $stored->keep(self::integer($request, 'number'), $kept, $card);
        } catch (StaleRevision) {
            return self::stale($request, route('footer', $stored->id));
        }
        if (! $request->hasHeader('HX-Request')) {
            return $refused === [] ? redirect()->route('footer', $stored->id)
                : response($this->page($request, $stored, $refused), 422);
        }

        return $kept->style == $style
            ? view('campaigns.footer-shown', ['page' => $this->look($request, $stored), 'refused' => $refused])
            : response('', 200, ['HX-Refresh' => 'true']);
    }

    /** As one recipient has it, or with its tokens, alone in a frame. */
    public function sheet(Request $request, int $footer): Response
    {
        $stored = $this->footer($footer);
        $composed = $stored->composed($stored->sender($this->workspace));
        $values = Recipients::one($this->workspace, self::integer($request, 'recipient'));
        $pictures = HostedPictures::forScreen();
        $html = $values === null ? $composed->html($pictures) : $composed->plate($pictures)->html($values);

        return self::framed($request, $html, 18);
    }

    /** What the proof finds, filled in and with its tokens. */
    public function proof(Request $request, Prover $prover, int $footer): View
    {
        $stored = $this->footer($footer);
        $sender = $stored->sender($this->workspace);

        return view('campaigns.footer-proof', ['proof' => new FooterProof(
            $prover, $sender, $stored->composed($sender),
            Recipients::one($this->workspace, self::integer($request, 'recipient')) ?? [],
        )]);
    }

    /** The style a pasted sample is written in. */
    public function learn(Request $request, int $footer): RedirectResponse
    {
        $stored = $this->footer($footer);
        $learned = TokenStyle::learn(mb_substr(self::string($request, 'sample'), 0, 100_000));
        $back = redirect()->route('footer', $stored->id);
        if ($learned === []) {
            return $back->withErrors(['sample' => __('No tokens are in it: paste a message of your sending system.')])
                ->withInput();
        }
        [$style, $names] = $learned[0];
        try {
            $stored->keep($stored->number, FooterPage::inStyle($stored->footer(), $style));
        } catch (StaleRevision|Refusal $refused) {
            return $back->withInput()->withErrors(['sample' => $refused instanceof Refusal ? Words::of($refused)
                : __('It was changed elsewhere meanwhile: try again.')]);
        }

        return $back->with('told', __(
            'Tokens are written :openname:close. The sample has :choices.',
            ['open' => $style->open, 'close' => $style->close, 'choices' => implode(', ', array_slice($names, 0, 6))],
        ));
    }

    public function giveOut(int $footer): RedirectResponse
    {
        $stored = $this->footer($footer);
        $stored->giveOut($stored->sender($this->workspace));

        return redirect()->route('footer', $stored->id)->with(
            'told', __(
                'This is revision :head now. Campaigns keep what they have until it is put there.',
                ['head' => $stored->head],
            ),
        );
    }

    /** What messages still carry beside what would be put there. */
    public function compare(Request $request, int $footer): View
    {
        $stored = $this->footer($footer);
        $numbers = DB::table('footer_revisions')->where('footer_id', $stored->id)->orderByDesc('number')
            ->limit(self::COMPARED)->pluck('created_at', 'number')->all();
        $one = self::integer($request, 'one');
        abort_if($numbers === [], 404);

        return view('campaigns.footer-compare', [
            'stored' => $stored, 'numbers' => $numbers,
            'one' => isset($numbers[$one]) ? $one : (array_keys($numbers)[1] ?? $stored->head),
        ]);
    }

    /** A revision with its tokens, alone in a frame. */
    public function revision(int $footer, int $number): Response
    {
        $row = $this->footer($footer)->revision($number) ?? abort(404);

        return response()->view('bench.sheet', ['html' => "<div style=\"padding:16px 20px\">$row->html</div>"])
            ->header('Content-Security-Policy', ContentPolicy::RENDERING);
    }

    /** A revision, or what there is where none was given out. */
    public function file(Request $request, int $footer): Response
    {
        $stored = $this->footer($footer);
        $row = $stored->revision($stored->head);
        $sender = $stored->sender($this->workspace);
        $html = $row->html ?? $stored->html($sender);
        [$body, $type, $end] = match (self::string($request, 'as')) {
            'text' => [$row->text ?? $stored->composed($sender)->text(), 'text/plain', 'txt'],
            'page' => [FooterPage::whole($html, $sender->document()->lang), 'text/html', 'html'],
            default => [$html, 'text/html', 'html'],
        };

        return response($body, 200, [
            'Content-Type' => "$type; charset=utf-8", 'Content-Security-Policy' => ContentPolicy::RENDERING,
            'Content-Disposition' => "attachment; filename=\"footer.$end\"",
        ]);
    }

    public function remove(int $footer): RedirectResponse
    {
        $stored = $this->footer($footer);
        $stored->forceFill(['removed_at' => now()])->save();

        return redirect()->route('campaigns')->with([
            'told' => "Removed: $stored->name.", 'back' => route('footer.restore', $stored->id),
        ]);
    }

    public function restore(int $footer): RedirectResponse
    {
        $this->footer($footer, removed: true)->forceFill(['removed_at' => null])->save();

        return redirect()->route('footer', $footer);
    }

    /** @return array<string, mixed> what the request says of the footer, by part */
    private function given(Request $request): array
    {
        $given = array_filter($request->only(['name', 'form', 'why', 'firm', 'registration']), is_string(...));
        if ($request->has('asks')) {
            $given['countries'] = array_values(array_filter($request->array('countries'), is_string(...)));
        }
        foreach (array_filter(Footer::LINKS, $request->has(...)) as $part) {
            $given[$part] = array_filter($request->array($part), is_string(...));
        }
        if ($request->has('style')) {
            $style = self::string($request, 'style');
            $given['style'] = $style !== '' ? $style : $request->array('own');
        }

        return $given;
    }

    /** @param  array<string, string>  $refused */
    private function page(Request $request, StoredFooter $stored, array $refused = []): View
    {
        return view('campaigns.footer', [
            'page' => $this->look($request, $stored), 'refused' => $refused,
            'cards' => StoredCard::choices($this->workspace),
        ]);
    }

    private function look(Request $request, StoredFooter $stored): FooterPage
    {
        return new FooterPage($this->workspace, $stored, self::string($request, 'recipient'));
    }

    private function footer(int $id, bool $removed = false): StoredFooter
    {
        /** @var StoredFooter */
        return StoredFooter::query()->where('workspace_id', $this->workspace->id)
            ->when(! $removed, fn ($query) => $query->whereNull('removed_at'))->findOrFail($id);
    }
}
