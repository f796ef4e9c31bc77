<?php

namespace App\Http\Controllers;

use App\Bench\Answer;
use App\Exceptions\StaleRevision;
use App\Models\StoredCard;
use App\Pictures\Library;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Support\Str;
use InkyCard\Card\Arrangement\Arrangement;
use InkyCard\Card\Edit;
use InkyCard\Card\Edit\Edit as EditEdit;
use InkyCard\Card\FilledBy;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Card\Kind\Zone;
use InkyCard\Card\Starter\Starters;
use InkyCard\Link\ProfileText;
use InkyCard\Refusal;
use Symfony\Component\HttpFoundation\Response;

/** Every edit of a card: made on the revision the request saw, kept as a new one. */
final class EditController extends Controller
{
    public function fill(Request $request, Library $library, int $card, string $piece): Response
    {
        // A picture comes as a file; which of the library's it is, and its proportion, is not for the form to say.
        $fields = Arr::except($request->array('fields'), ['picture', 'ratio', 'dropped']);

        return $this->change(
            $request,
            $card,
            $piece,
            function () use ($request, $library, $card, $piece, $fields) {
                $picture = match (true) {
                    $request->hasFile('upload') => Refusal::at('/fields/picture', function () use (
                        $request,
                        $library,
                        $card,
                        $piece,
                    ) {
                        $file = self::uploaded($request->file('upload'));

                        // What comes for a closing is a written name: its paper goes, its ink is the card's.
                        return $this->card($card)->document()->piece($piece)->kind->key() === 'closing'
                            ? $library->addHand($this->workspace, ...$file)
                            : $library->add($this->workspace, ...$file);
                    }),
                    $request->has('pick') => $this->workspace->pictures()->find(self::seen($request, 'pick'))
                        ?? throw Refusal::because('This picture is no longer in the library.', '/fields/picture'),
                    default => null,
                };
                if ($picture !== null) {
                    $fields = ['picture' => $picture->ref(), 'ratio' => $picture->ratio()] + $fields;
                    // Its words, asked for once, where the piece has none of its own.
                    if ($picture->alt !== '' && ($fields['alt'] ?? '') === ''
                        && $this->card($card)->document()->piece($piece)->text('alt') === '') {
                        $fields['alt'] = $picture->alt;
                    }
                }

                return new Edit\FillPiece($piece, $fields);
            },
            typed: $fields,
        );
    }

    public function show(Request $request, int $card, string $piece): Response
    {
        return $this->change(
            $request, $card, $piece, fn () => new Edit\ShowPiece($piece, $request->boolean('shown')), whole: true,
        );
    }

    public function move(Request $request, int $card, string $piece): Response
    {
        return $this->change(
            $request, $card, $piece, fn () => new Edit\MovePiece($piece, $request->boolean('up')), whole: true,
        );
    }

    public function place(Request $request, int $card, string $piece): Response
    {
        return $this->change(
            $request,
            $card,
            $piece,
            fn () => new Edit\PlacePiece(
                $piece,
                Zone::tryFrom(self::word($request, 'zone'))
                    ?? throw Refusal::because('There is no such place on a card.'),
                self::word($request, 'before'),
            ),
            whole: true,
        );
    }

    public function copy(Request $request, int $card, string $piece): Response
    {
        return $this->change($request, $card, $piece, fn () => new Edit\CopyPiece($piece), whole: true);
    }

    public function remove(Request $request, int $card, string $piece): Response
    {
        return $this->change($request, $card, $piece, fn () => new Edit\RemovePiece($piece), whole: true);
    }

    public function tune(Request $request, int $card, string $piece): Response
    {
        return $this->change(
            $request, $card, $piece, fn () => Edit\TunePiece::fromForm($piece, $request->array('tuning')),
            whole: $request->has('tuning.joined'),
        );
    }

    public function tuneSeveral(Request $request, int $card): Response
    {
        $ids = array_values(array_filter($request->array('pieces'), is_string(...)));

        return $this->change($request, $card, '', fn () => new Edit\TuneSeveral($ids, $request->array('several')));
    }

    public function assign(Request $request, int $card, string $piece): Response
    {
        return $this->change(
            $request,
            $card,
            $piece,
            fn () => new Edit\AssignPiece(
                $piece,
                FilledBy::tryFrom(self::word($request, 'by'))
                    ?? throw Refusal::because('A piece is filled by us, by each person, or free.', '/tuning/by'),
            ),
            whole: true,
        );
    }

    public function add(Request $request, int $card): Response
    {
        $piece = Edit\AddPiece::nextId($this->card($card)->document());
        $request->merge(['open' => $piece]);

        return $this->change(
            $request, $card, $piece, fn () => new Edit\AddPiece(Kinds::of($request->input('kind'))), whole: true,
        );
    }

    public function rename(Request $request, int $card): Response
    {
        return $this->change($request, $card, '', fn () => new Edit\RenameCard($request->input('name')));
    }

    public function restyle(Request $request, int $card): Response
    {
        return $this->change(
            $request,
            $card,
            '',
            fn () => new Edit\Restyle(
                Arr::only($request->array('style'), [
                    'typeface', 'inks', 'sizes', 'rule', 'gaps', 'symbols', 'button', 'ground', 'marks',
                ]),
            ),
        );
    }

    public function tags(Request $request, int $card): Response
    {
        return $this->change(
            $request, $card, '', fn () => new Edit\TagLinks($request->boolean('on') ? $request->array('tags') : null),
        );
    }

    public function tag(Request $request, int $card): Response
    {
        return $this->change(
            $request, $card, '', fn () => new Edit\TagLink(self::word($request, 'link'), $request->boolean('on')),
        );
    }

    public function count(Request $request, int $card): Response
    {
        return $this->change($request, $card, '', fn () => new Edit\CountClicks($request->boolean('on')));
    }

    public function rearrange(Request $request, int $card): Response
    {
        return $this->change(
            $request,
            $card,
            '',
            fn () => new Edit\Rearrange(
                Refusal::at('/arrangement', fn () => Arrangement::of(self::word($request, 'arrangement'))),
            ),
            whole: true,
        );
    }

    public function look(Request $request, int $card): Response
    {
        return $this->change(
            $request,
            $card,
            '',
            fn () => new Edit\TakeLook(
                Starters::all()[self::word($request, 'look')] ?? throw Refusal::because('There is no such look.'),
            ),
            whole: true,
        );
    }

    public function hideSamples(Request $request, int $card): Response
    {
        return $this->change($request, $card, '', fn () => new Edit\HideSamples(), whole: true);
    }

    public function undo(Request $request, int $card): Response
    {
        return $this->jump(
            $request, $this->card($card), fn (StoredCard $card) => $card->undo(self::seen($request)), 'Undone.',
        );
    }

    public function redo(Request $request, int $card): Response
    {
        return $this->jump(
            $request, $this->card($card), fn (StoredCard $card) => $card->redo(self::seen($request)), 'Done again.',
        );
    }

    /**
     * @param  \Closure(): EditEdit  $make
     * @param  array<string, mixed>  $typed  fields to show again should the card have moved on
     */
    private function change(
        Request $request,
        int $id,
        string $piece,
        \Closure $make,
        bool $whole = false,
        array $typed = [],
    ): Response {
        $card = $this->card($id);
        $answer = new Answer($request, $card, $piece);
        $edit = null;
        try {
            $edit = $make();
            $after = $card->edit(
                self::seen($request), $edit, $request->user(),
                Str::limit(self::word($request, 'burst'), 32, '') ?: null,
            );

            return $answer->kept(
                $after, $whole || $request->boolean('whole'), ! ($edit instanceof Edit\FillPiece),
                'Kept. '.$card->revision()->words.'.', self::notes($typed),
            );
        } catch (StaleRevision) {
            return $answer->stale($typed);
        } catch (Refusal $refusal) {
            $all = $edit instanceof Edit\FillPiece && $refusal->path !== '' ? $edit->refusals($card->document()) : [];

            return $answer->refused($all ?: [$refusal]);
        }
    }

    /**
     * What was made of a value beyond taking it as typed.
     *
     * @param  array<string, mixed>  $typed
     * @return array<string, string> field => sentences
     */
    private static function notes(array $typed): array
    {
        return is_string($typed['links'] ?? null)
            ? ['links' => ProfileText::says(ProfileText::sort($typed['links']))]
            : [];
    }

    private function jump(Request $request, StoredCard $card, \Closure $jump, string $said): Response
    {
        $answer = new Answer($request, $card, '');
        try {
            $jump($card);
        } catch (StaleRevision) {
            return $answer->stale([]);
        }

        return $answer->kept($card->document(), true, true, $said);
    }
}
