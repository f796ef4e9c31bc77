<?php

namespace App\Http\Controllers\Edit;

use App\Bench\Answer;
use App\Exceptions\StaleRevision;
use App\Http\Controllers\Controller;
use App\Models\StoredCard;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use InkyCard\Card\Edit;
use InkyCard\Link\ProfileText;
use InkyCard\Refusal;
use Symfony\Component\HttpFoundation\Response;

/** Edits of a card: each made on the revision the request saw, and kept as a new one. */
abstract class AbstractEditController extends Controller
{
    /** An edit's own number: one asked for again is answered, and not made again. */
    private const NUMBER = 'X-Edit';

    /**
     * @param  \Closure(): Edit\Edit  $make
     * @param  array<string, mixed>  $typed  fields to show again should the card have moved on
     */
    protected function change(
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
            if ($made = self::made($request, $card, $piece)) {
                return $made;
            }
            $edit = $make();
            $after = $card->edit(
                self::integer($request), $edit, $request->user(),
                Str::limit(self::string($request, 'burst'), 32, '') ?: null,
            );

            return $answer->kept(
                $after, $whole || $request->boolean('whole'), ! ($edit instanceof Edit\FillPiece),
                'Kept. '.rtrim($card->revision()->words, '.').'.', self::notes($typed),
            );
        } catch (StaleRevision) {
            // Asked for again while it was being made, it may have overtaken itself.
            return self::made($request, $this->card($id), $piece) ?? $answer->stale($typed);
        } catch (Refusal $refusal) {
            $all = $edit instanceof Edit\FillPiece && $refusal->path !== '' ? $edit->refusals($card->document()) : [];

            return $answer->refused($all ?: [$refusal]);
        }
    }

    /** What an edit is answered that was made before; null for any other. */
    protected static function made(Request $request, StoredCard $card, string $piece = ''): ?Response
    {
        return $card->took((string) $request->header(self::NUMBER))
            ? (new Answer($request, $card, $piece))->kept($card->document(), true, true, __('Kept.'))
            : null;
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
}
