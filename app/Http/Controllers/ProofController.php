<?php

namespace App\Http\Controllers;

use App\Exceptions\StaleRevision;
use App\Handover\InUse;
use App\Http\Middleware\ContentPolicy;
use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Proof\Headline;
use App\Proof\Prover;
use App\Proof\StandInTile;
use App\Words\Words;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use InkyCard\MailClient\MailClient;
use InkyCard\Proof\Area;
use InkyCard\Proof\Checklist;
use InkyCard\Proof\Finding;
use InkyCard\Refusal;

/** A card as many mail clients would show it, with what to mend before it goes out. */
final class ProofController extends Controller
{
    public function show(Prover $prover, int $card): View
    {
        $card = $this->card($card);

        $proof = $prover->of($card);

        return view('proof.show', [
            'card' => $card, 'proof' => $proof, 'clients' => MailClient::all(), 'tiles' => StandInTile::all($proof),
            'headline' => Headline::of($proof), 'areas' => Area::labels(), 'walk' => Checklist::through($proof),
            'walked' => self::walked($card),
        ]);
    }

    /** The same to print, or to send to a colleague as a PDF of the browser's. */
    public function print(Prover $prover, int $card): View
    {
        $card = $this->card($card);

        return view('proof.print', [
            'card' => $card, 'proof' => ($proof = $prover->of($card)), 'clients' => MailClient::all(),
            'walk' => Checklist::through($proof), 'walked' => self::walked($card),
        ]);
    }

    /** One stand-in, large, beside the original. */
    public function compare(Prover $prover, int $card, string $client): View
    {
        $client = MailClient::all()[$client] ?? abort(404);
        $card = $this->card($card);
        $proof = $prover->of($card);

        return view('proof.compare', [
            'card' => $card, 'proof' => $proof, 'client' => $client, 'clients' => MailClient::all(),
            'reading' => $proof->subject->reading($client->key),
        ]);
    }

    /** What the readers of one stand-in see, alone in a frame; `original` shows the card as sent at the same width. */
    public function reading(Request $request, Prover $prover, int $card, string $client): Response
    {
        $client = MailClient::all()[$client] ?? abort(404);
        $card = $this->card($card);
        $subject = $prover->subject($card->document(), StoredBrand::in($this->workspace)->document());
        $reading = $subject->reading($client->key);
        $original = $request->boolean('original');

        return response()
            ->view('proof.reading', [
                'html' => $original ? $subject->named() : $reading->html(marked: true),
                'page' => $original ? '#ffffff' : $reading->page->hex,
                'ink' => $original ? '#000000' : $reading->ink->hex,
                'client' => $client,
                'outlined' => $request->boolean('outlined'),
                'marked' => preg_match(
                    '/^[A-Za-z0-9_-]{1,40}(?:\.[A-Za-z0-9_-]{1,40}){0,79}$/D',
                    $mark = self::string($request, 'mark'),
                ) === 1
                        ? explode('.', $mark)
                        : [],
            ])
            ->header('Content-Security-Policy', ContentPolicy::RENDERING);
    }

    /** Makes the edit a finding offers, on the revision its maker saw. */
    public function mend(Request $request, Prover $prover, int $card): RedirectResponse
    {
        $card = $this->card($card);
        $finding = $prover->of($card)->finding(self::string($request, 'finding'));
        if ($finding?->mend === null) {
            return back()->with('told', __('This is mended already.'));
        }
        $before = $card->head;
        try {
            $card->edit(self::integer($request), $finding->mend->edit, $request->user());
        } catch (StaleRevision) {
            return back()->with('told', __('The card was changed meanwhile: this is its proof now. Mend it here.'));
        } catch (Refusal $refusal) {
            return back()->with('told', Words::of($refusal));
        }

        return redirect()
            ->route('proof', $card)
            ->with('mended', [
                'title' => $finding->title, 'words' => $card->revision()->words, 'before' => $before,
                'after' => $card->head,
            ]);
    }

    /** Ticks an item of the walk by eye, for the card as it is now. */
    public function walk(Request $request, int $card): RedirectResponse
    {
        $card = $this->card($card);
        $item = self::string($request, 'item');
        abort_unless(Checklist::has($item), 404);
        $request->boolean('done')
            ? DB::table('proof_walks')->upsert(
                [
                    'card_id' => $card->id, 'item' => $item, 'revision' => $card->head,
                    'user_id' => $request->user()?->getAuthIdentifier(), 'at' => (string) now(),
                ],
                ['card_id', 'item'],
            )
            : DB::table('proof_walks')
                ->where(['card_id' => $card->id, 'item' => $item])
                ->delete();

        return redirect()->to(route('proof', $card).'#walk');
    }

    /** What the bench marks its rows with, and says of where it is in use. */
    public function findings(Prover $prover, int $card): JsonResponse
    {
        $card = $this->card($card);
        $proof = $prover->of($card);

        $told = fn (Finding $finding) => [
            'severity' => $finding->severity->value, 'title' => Words::of($finding->title),
            'says' => Words::of($finding->says),
        ];

        return response()->json([
            'revision' => $card->head, 'score' => $proof->score(), 'count' => count($proof->findings),
            'first' => Words::of($proof->findings[0]->title ?? ''), 'pieces' => array_map($told, $proof->byPiece()),
            'use' => view('cards.in-use', ['use' => InUse::of($card), 'card' => $card])->render(),
        ]);
    }

    /** @return array<string, bool> item => whether it was ticked for the card as it is now */
    private static function walked(StoredCard $card): array
    {
        return DB::table('proof_walks')
            ->where('card_id', $card->id)
            ->pluck('revision', 'item')
            ->map(fn ($revision) => (int) $revision === $card->head)
            ->all();
    }
}
