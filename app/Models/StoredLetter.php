<?php

namespace App\Models;

use App\Exceptions\StaleRevision;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use InkyCard\Footer\TokenStyle;
use InkyCard\Letter\LetterCard;
use InkyCard\Letter\LetterDocument;
use InkyCard\Refusal;

/**
 * A letter around a card.
 *
 * @property int $id
 * @property int $workspace_id
 * @property int $card_id
 * @property ?int $footer_id in place of the card alone
 * @property string $subject
 * @property string $document JSON, inky-letter/1
 * @property int $number of edits
 * @property ?Carbon $removed_at
 * @property Carbon $updated_at
 */
final class StoredLetter extends Model
{
    protected $table = 'letters';

    protected $guarded = [];

    protected $attributes = ['number' => 1, 'footer_id' => null];

    protected function casts(): array
    {
        return ['removed_at' => 'datetime', 'number' => 'integer', 'card_id' => 'integer', 'footer_id' => 'integer'];
    }

    /** @return Builder<self> those not removed, the newest first */
    public static function in(Workspace $workspace): Builder
    {
        return self::query()->where('workspace_id', $workspace->id)->whereNull('removed_at')->latest('id');
    }

    /** @param  array<string, mixed>  $values  keys of its document */
    public static function start(Workspace $workspace, StoredCard $card, ?StoredFooter $footer, array $values): self
    {
        $letter = LetterDocument::of($values, self::style($footer), $workspace->country);

        return self::query()->create([
            'workspace_id' => $workspace->id, 'card_id' => $card->id, 'footer_id' => $footer?->id,
            'subject' => $letter->subject, 'document' => self::json($letter),
        ]);
    }

    public function letter(Workspace $workspace): LetterDocument
    {
        /** @var array<string, mixed> $document */
        $document = json_decode($this->document, true);

        return LetterDocument::of($document, self::style($this->footer($workspace)), $workspace->country);
    }

    public function footer(Workspace $workspace): ?StoredFooter
    {
        /** @var ?StoredFooter */
        return $this->footer_id === null ? null
            : StoredFooter::query()->where('workspace_id', $workspace->id)->find($this->footer_id);
    }

    public function sender(Workspace $workspace): StoredCard
    {
        $footer = $this->footer($workspace);

        return $footer?->sender($workspace) ?? StoredCard::in($workspace, $this->card_id) ?? abort(404);
    }

    public function composed(Workspace $workspace): LetterCard
    {
        return new LetterCard(
            $this->letter($workspace), $this->sender($workspace)->document(), $this->footer($workspace)?->footer(),
        );
    }

    /**
     * @param  int  $seen  number of edits its maker saw
     * @param  array<string, mixed>  $values  keys of its document
     *
     * @throws StaleRevision
     * @throws Refusal
     */
    public function keep(Workspace $workspace, int $seen, array $values, int $card, ?StoredFooter $footer): void
    {
        $letter = LetterDocument::of(
            $values + $this->letter($workspace)->toArray(), self::style($footer), $workspace->country,
        );
        $this->mustOwn($letter);
        $moved = DB::table('letters')->where('id', $this->id)->where('number', $seen)->update([
            'document' => self::json($letter), 'subject' => $letter->subject, 'number' => $seen + 1,
            'card_id' => $card, 'footer_id' => $footer?->id, 'updated_at' => now()->toDateTimeString(),
        ]);
        if ($moved === 0) {
            throw new StaleRevision;
        }
        $this->refresh();
    }

    /** A hash is no secret: it names a picture of the letter's own workspace alone. @throws Refusal */
    private function mustOwn(LetterDocument $letter): void
    {
        if (preg_match('/^(?:picture|hand):([0-9a-f]{64})/', $letter->picture, $found) === 1
            && DB::table('pictures')->where(['workspace_id' => $this->workspace_id, 'hash' => $found[1]])
                ->doesntExist()) {
            throw Refusal::because('This picture is not in the library: bring it in again.', '/picture');
        }
    }

    private static function style(?StoredFooter $footer): TokenStyle
    {
        return $footer?->footer()->style ?? TokenStyle::of('double-braces');
    }

    private static function json(LetterDocument $letter): string
    {
        return json_encode(
            $letter->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }
}
