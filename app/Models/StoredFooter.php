<?php

namespace App\Models;

use App\Exceptions\StaleRevision;
use App\Pictures\HostedPictures;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use InkyCard\Footer\Footer;
use InkyCard\Footer\FooterCard;

/**
 * A footer of campaigns: a draft that is kept with every edit, and revisions that were given out.
 *
 * @property int $id
 * @property int $workspace_id
 * @property int $card_id
 * @property string $name
 * @property string $document JSON, inky-footer/1
 * @property int $number of edits
 * @property int $head number of the newest revision; 0 before there is one
 * @property ?Carbon $removed_at
 * @property Carbon $updated_at
 */
final class StoredFooter extends Model
{
    protected $table = 'footers';

    protected $guarded = [];

    protected $attributes = ['number' => 1, 'head' => 0];

    protected function casts(): array
    {
        return ['removed_at' => 'datetime', 'number' => 'integer', 'head' => 'integer', 'card_id' => 'integer'];
    }

    /** @return Builder<self> those not removed, the newest first */
    public static function in(Workspace $workspace): Builder
    {
        return self::query()->where('workspace_id', $workspace->id)->whereNull('removed_at')->latest('id');
    }

    /** @param  array<string, mixed>  $values  keys of its document */
    public static function start(Workspace $workspace, StoredCard $card, array $values): self
    {
        $footer = Footer::of($values + ['name' => $card->name]);

        return self::query()->create([
            'workspace_id' => $workspace->id, 'card_id' => $card->id, 'name' => $footer->name,
            'document' => self::json($footer),
        ]);
    }

    public function footer(): Footer
    {
        /** @var array<string, mixed> $document */
        $document = json_decode($this->document, true);

        return Footer::of($document);
    }

    /** The card it stands under the name of. */
    public function sender(Workspace $workspace): StoredCard
    {
        return StoredCard::in($workspace, $this->card_id) ?? abort(404);
    }

    public function composed(StoredCard $sender): FooterCard
    {
        return new FooterCard($this->footer(), $sender->document());
    }

    /**
     * @param  int  $seen  number of edits its maker saw
     *
     * @throws StaleRevision
     */
    public function keep(int $seen, Footer $footer, ?int $card = null): void
    {
        $json = self::json($footer);
        if ($json === $this->document && ($card === null || $card === $this->card_id) && $seen === $this->number) {
            return;
        }
        $moved = DB::table('footers')->where('id', $this->id)->where('number', $seen)->update([
            'document' => $json, 'name' => $footer->name, 'number' => $seen + 1,
            'card_id' => $card ?? $this->card_id, 'updated_at' => now()->toDateTimeString(),
        ]);
        if ($moved === 0) {
            throw new StaleRevision;
        }
        $this->refresh();
    }

    /** Whether what would be given out is what was given out last. */
    public function isGivenOut(StoredCard $sender): bool
    {
        $row = $this->revision($this->head);

        return $row !== null && $row->html === $this->html($sender) && $row->document === $this->document;
    }

    /** From now on this is its newest revision. */
    public function giveOut(StoredCard $sender): void
    {
        if ($this->isGivenOut($sender)) {
            return;
        }
        DB::transaction(function () use ($sender): void {
            DB::table('footer_revisions')->insert([
                'footer_id' => $this->id, 'number' => $this->head + 1, 'document' => $this->document,
                'card_revision' => $sender->head, 'html' => $this->html($sender),
                'text' => $this->composed($sender)->text(), 'created_at' => (string) now(),
            ]);
            $this->forceFill(['head' => $this->head + 1])->save();
        });
    }

    public function html(StoredCard $sender): string
    {
        return $this->composed($sender)->html(HostedPictures::forExport());
    }

    /** @return ?\stdClass row of footer_revisions */
    public function revision(int $number): ?\stdClass
    {
        return DB::table('footer_revisions')->where(['footer_id' => $this->id, 'number' => $number])->first();
    }

    private static function json(Footer $footer): string
    {
        return json_encode(
            $footer->toArray(), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }
}
