<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A card as it was after one edit. Written once, never changed.
 *
 * @property int $card_id
 * @property int $number
 * @property ?int $parent number of the revision it was made from
 * @property string $document JSON, inky-card/1
 * @property string $words what the edit did
 * @property ?string $burst the stay in a field it was typed in
 * @property Carbon $created_at
 */
final class CardRevision extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['card_id', 'number', 'parent', 'document', 'words', 'burst', 'user_id'];
}
