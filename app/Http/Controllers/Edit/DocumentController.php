<?php

namespace App\Http\Controllers\Edit;

use App\Bench\Answer;
use App\Exceptions\StaleRevision;
use App\Models\StoredCard;
use Illuminate\Http\Request;
use InkyCard\Card\Edit;
use Symfony\Component\HttpFoundation\Response;

/** The card as a whole, and the way back. */
final class DocumentController extends AbstractEditController
{
    public function rename(Request $request, int $card): Response
    {
        return $this->change($request, $card, '', fn () => new Edit\RenameCard($request->input('name')));
    }

    public function speak(Request $request, int $card): Response
    {
        return $this->change(
            $request, $card, '', fn () => new Edit\SpeakLanguage($request->input('lang')), whole: true,
        );
    }

    public function hideSamples(Request $request, int $card): Response
    {
        return $this->change($request, $card, '', fn () => new Edit\HideSamples(), whole: true);
    }

    public function undo(Request $request, int $card): Response
    {
        return $this->jump(
            $request, $this->card($card), fn (StoredCard $card) => $card->undo(self::integer($request)), __('Undone.'),
        );
    }

    public function redo(Request $request, int $card): Response
    {
        return $this->jump(
            $request, $this->card($card), fn (StoredCard $card) => $card->redo(self::integer($request)), __(
                'Done again.',
            ),
        );
    }

    private function jump(Request $request, StoredCard $card, \Closure $jump, string $said): Response
    {
        $answer = new Answer($request, $card, '');
        try {
            if ($made = self::made($request, $card)) {
                return $made;
            }
            $jump($card);
        } catch (StaleRevision) {
            return self::made($request, $this->card($card->id)) ?? $answer->stale([]);
        }

        return $answer->kept($card->document(), true, true, $said);
    }
}
