<?php

namespace App\Models;

use Illuminate\Support\Carbon;

/**
 * A card as it was after one edit, or after one stay in a field: while that goes on, its revision is the newest one and
 * moves with it.
 */
final readonly class Revision
{
    public const COLUMNS = ['number', 'parent', 'document', 'words', 'burst', 'created_at'];

    /**
     * @param  ?int  $parent  number of the revision it was made from
     * @param  string  $document  JSON, inky-card/1
     * @param  string  $words  what the edit did
     * @param  ?string  $burst  the stay in a field it was typed in
     */
    private function __construct(
        public int $number,
        public ?int $parent,
        public string $document,
        public string $words,
        public ?string $burst,
        private string $createdAt,
    ) {
    }

    /** @param  \stdClass  $row  of card_revisions */
    public static function of(\stdClass $row): self
    {
        return new self(
            (int) $row->number, $row->parent === null ? null : (int) $row->parent, $row->document, $row->words,
            $row->burst, $row->created_at,
        );
    }

    public function keptAt(): Carbon
    {
        return Carbon::parse($this->createdAt);
    }
}
