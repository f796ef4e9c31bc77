<?php

namespace App\Http\Controllers;

use App\Http\Middleware\ContentPolicy;
use App\Import\Brought;
use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Outside\SafeHttpClient;
use App\Pictures\Library;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Brand\Brand;
use InkyCard\Card\CardJson;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Card\Piece;
use InkyCard\Import\BroughtLook;
use InkyCard\Import\Fact;
use InkyCard\MailClient\MailClient;
use InkyCard\Refusal;

/** What somebody brought, read into facts and confirmed line by line before a card is made of it. */
final class BringController extends Controller
{
    /** What words can be taken for. */
    private const WORDS = [
        'name' => 'name', 'role' => 'role', 'company' => 'company', 'department' => 'department',
        'tagline' => 'tagline', 'credentials' => 'credentials', 'pronouns' => 'pronouns', 'licence' => 'licence',
        'address' => 'address', 'notice' => 'small print', 'closing' => 'closing', 'line' => 'a line of its own',
    ];

    public function show(Request $request, string $id): Response
    {
        return $this->page($request, $id);
    }

    /** As it was brought, alone in a frame. */
    public function brought(Request $request, string $id): Response
    {
        return response()
            ->view('proof.reading', [
                'html' => Brought::shown($this->bytes($request, $id)), 'page' => '#ffffff', 'ink' => '#000000',
                'client' => MailClient::of('tolerant-webmail'), 'outlined' => false, 'marked' => [],
            ])
            ->header('Content-Security-Policy', ContentPolicy::RENDERING);
    }

    /** Makes a card of the lines kept. */
    public function confirm(
        Request $request,
        Library $library,
        SafeHttpClient $outside,
        string $id,
    ): Response|RedirectResponse {
        $brand = StoredBrand::in($this->workspace)->document();
        try {
            $facts = $this->kept($request, $this->bytes($request, $id), $brand->country);
            [$facts, $left] = Brought::keepPictures($facts, $this->workspace, $library, $outside);
            $document = CardJson::read(Brought::document(
                $facts === [] ? throw Refusal::because(implode(' ', $left)) : $facts,
                $brand->country,
                self::look($request->boolean('look') ? $this->bytes($request, $id) : '', $brand),
            ));
        } catch (Refusal $refusal) {
            return $this->page($request, $id, Words::of($refusal), 422);
        }
        $words = 'Started from what was brought in';
        $card = StoredCard::start($this->workspace, $document, self::member($request), $words);

        return redirect()->route('sketches', $card->id)->with('told', implode(' ', $left));
    }

    /**
     * The brand's, with what is kept of how it looked.
     *
     * @param  string  $bytes  what was brought; empty where nothing of its look is kept
     * @return array<string, mixed> keys of the card document
     */
    private static function look(string $bytes, Brand $brand): array
    {
        $kept = $bytes === '' ? BroughtLook::none() : Brought::look($bytes);

        return [
            'style' => [
                'inks' => $kept->inks + $brand->toArray()['inks'],
                'typeface' => $kept->typeface ?? $brand->typeface->key, 'sizes' => $brand->sizes,
            ],
        ] + ($kept->centred ? ['arrangement' => 'centred'] : []);
    }

    /**
     * The lines kept, each of the kind chosen for it.
     *
     * @return non-empty-list<Fact>
     *
     * @throws Refusal
     */
    private function kept(Request $request, string $bytes, string $country): array
    {
        $keep = array_filter($request->array('keep'), is_string(...));
        $kinds = $request->array('kind');
        $facts = [];
        foreach (Brought::facts($bytes, $country) as $index => $fact) {
            if (in_array((string) $index, $keep, true)) {
                $facts[] = self::as($fact, $kinds[$index] ?? $fact->kind, $country);
            }
        }

        return $facts === [] ? throw Refusal::because('Keep at least one line.') : $facts;
    }

    /** @throws Refusal */
    private static function as(Fact $fact, mixed $kind, string $country): Fact
    {
        if (! is_string($kind) || $kind === $fact->kind || ! isset(self::WORDS[$kind])) {
            return $fact;
        }
        $text = $fact->fields['text'] ?? $fact->fields['value'] ?? $fact->fields['phrase'] ?? '';

        return new Fact(
            $kind, Kinds::of($kind)->accept(['text' => $text, 'value' => $text, 'phrase' => $text], $country), 1,
            $fact->source,
        );
    }

    private function page(Request $request, string $id, string $refused = '', int $status = 200): Response
    {
        $country = StoredBrand::in($this->workspace)->document()->country;
        $facts = Brought::facts($this->bytes($request, $id), $country);
        $card = CardJson::read(Brought::document($facts, $country));

        return response()->view(
            'cards.confirm',
            [
                'id' => $id,
                'facts' => $facts,
                'summaries' => array_map(fn (Piece $piece) => $piece->summary(), $card->pieces),
                'labels' => array_map(fn (Piece $piece) => $piece->kind->label(), $card->pieces),
                'words' => self::WORDS,
                'look' => Brought::look($this->bytes($request, $id))->words(),
                'keepsLook' => $request->isMethod('POST') ? $request->boolean('look')
                    : ! StoredBrand::in($this->workspace)->document()->hasOwnInks(),
                'refused' => $refused,
                'kinds' => array_filter($request->array('kind'), is_string(...)),
                'keep' => $request->isMethod('POST')
                    ? array_values(array_filter($request->array('keep'), is_string(...)))
                    : null,
            ],
            $status,
        );
    }

    private function bytes(Request $request, string $id): string
    {
        return Brought::find($id, (int) self::member($request)->id) ?? abort(404);
    }
}
