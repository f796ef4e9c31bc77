<?php

namespace App\Bench;

use App\Models\StoredCard;
use App\Words\Words;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use InkyCard\Card\Card as Document;
use InkyCard\Refusal;
use Symfony\Component\HttpFoundation\Response as AnyResponse;

/**
 * What an edit's request gets back: for htmx the parts of the page that
 * changed, for a plain form post the bench itself.
 */
final readonly class Answer
{
    /** @param  string  $piece  id of the piece the request was about; empty for the whole card */
    public function __construct(private Request $request, private StoredCard $card, private string $piece)
    {
    }

    /**
     * @param  bool  $whole  the running order itself changed, not one piece's value alone
     * @param  bool  $tuning  what tuning shows may have changed
     * @param  string  $said  what a screen reader hears
     * @param  array<string, string>  $notes  field => what was made of what was typed there
     */
    public function kept(Document $document, bool $whole, bool $tuning, string $said, array $notes = []): AnyResponse
    {
        if (! $this->request->hasHeader('HX-Request')) {
            $back = $this->request->input('back');

            return in_array($back, ['forms', 'hand-over', 'links', 'proof'], true)
                ? redirect()->route($back, $this->card->id)
                : redirect()->route('bench', ['card' => $this->card->id, 'piece' => $this->open()]);
        }

        return $this->view(
            'bench.answer',
            200,
            [
                'whole' => $whole, 'tuning' => $whole || $tuning, 'said' => trim("$said ".implode(' ', $notes)),
                'notes' => $notes,
            ],
            $document,
        );
    }

    /** @param  list<Refusal>  $refusals */
    public function refused(array $refusals): Response
    {
        $errors = [];
        foreach ($refusals as $refusal) {
            $errors[$this->key($refusal)] ??= Words::of($refusal);
        }

        return $this->view($this->request->hasHeader('HX-Request') ? 'bench.refused' : 'bench.show', 422, [
            'refused' => $errors,
            'said' => implode(' ', $errors),
        ]);
    }

    /**
     * The card moved on meanwhile: both versions are shown, none is lost.
     *
     * @param  array<string, mixed>  $typed  the fields of the refused edit
     */
    public function stale(array $typed): Response
    {
        return $this->view($this->request->hasHeader('HX-Request') ? 'bench.stale' : 'bench.show', 409, ['conflict' => [
            'words' => $this->card->revision()->words,
            'at' => $this->card->revision()->keptAt(),
            'typed' => array_filter($typed, is_string(...)),
        ]]);
    }

    /** @param  array<string, mixed>  $data */
    private function view(string $view, int $status, array $data, ?Document $document = null): Response
    {
        $bench = Workbench::of($this->card, $document);

        return response()->view($view, $data + [
            'bench' => $bench,
            'changed' => $this->piece,
            'piece' => $bench->piece($this->piece),
            'open' => $this->open(),
            'chosen' => $bench->piece($this->open()),
            'shown' => $this->shown(),
            'refused' => [],
            'conflict' => null,
            'said' => '',
        ], $status);
    }

    /** Which place on the page shows the sentence: its own for each field, one for the whole style. */
    private function key(Refusal $refusal): string
    {
        return match (true) {
            str_starts_with($refusal->path, '/style/marks') => 'marks',
            str_starts_with($refusal->path, '/style') => 'style',
            str_starts_with($refusal->path, '/tags/patterns') => 'tag-'.$refusal->field(),
            str_starts_with($refusal->path, '/tags') => 'tags',
            $refusal->path === '/tuning/several' || ($this->piece === '' && str_starts_with($refusal->path,
                '/tuning')) => 'several',
            str_starts_with($refusal->path, '/tuning') => $this->piece.'.tuning-'.$refusal->field(),
            str_starts_with($refusal->path, '/window') => $this->piece.'.window-'.$refusal->field(),
            default => trim($this->piece.'.'.$refusal->field(), '.'),
        };
    }

    /** @return list<string> names of what the page's gauges say already */
    private function shown(): array
    {
        $shown = $this->request->input('gauges');

        return is_string($shown) ? explode(' ', $shown) : [];
    }

    /** The piece whose row is open and whose tuning shows. */
    private function open(): string
    {
        $open = $this->request->input('open', $this->piece);

        return is_string($open) && preg_match('/^[A-Za-z0-9_-]{0,40}$/D', $open) ? $open : '';
    }
}
