<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use InkyCard\Picture\Framing;
use InkyCard\Picture\PictureRef;

/**
 * A picture somebody brought, as re-encoded by the intake.
 *
 * @property int $id
 * @property int $workspace_id
 * @property string $hash SHA-256 of the kept file
 * @property string $extension
 * @property int $width px
 * @property int $height px
 * @property int $bytes of the kept file
 * @property int $brought_bytes of the file as it was brought; 0 where that is not known
 * @property string $name of the file
 * @property string $alt
 * @property string $rights
 * @property string $framing
 * @property bool $hand a written name
 * @property ?string $strokes JSON
 * @property ?Carbon $removed_at
 * @property Carbon $created_at
 */
final class StoredPicture extends Model
{
    /** Shown to choose from without looking for one. */
    private const CHOICE = 40;

    // Named, so that no request has to work the plural out.
    protected $table = 'pictures';

    protected $fillable = [
        'hash', 'extension', 'width', 'height', 'bytes', 'brought_bytes', 'name', 'alt', 'hand', 'strokes',
    ];

    protected $attributes = [
        'alt' => '', 'rights' => '', 'framing' => '', 'hand' => false, 'strokes' => null, 'brought_bytes' => 0,
        'removed_at' => null,
    ];

    protected function casts(): array
    {
        return ['hand' => 'boolean', 'removed_at' => 'datetime'];
    }

    /** The one a card means; null for one that is not of the workspace, or of no library. */
    public static function named(Workspace $workspace, string $ref): ?self
    {
        return preg_match('/^(?:picture|hand):([0-9a-f]{64})/', $ref, $found) === 1
            ? $workspace->pictures()->where('hash', $found[1])->first() : null;
    }

    /** @return array<string, string> the newest of a workspace, no written names: reference => name */
    public static function choices(Workspace $workspace): array
    {
        $choices = [];
        foreach ($workspace->pictures()->where('hand', false)->whereNull('removed_at')->latest('id')
            ->limit(self::CHOICE)->get() as $picture) {
            $choices[$picture->ref()] = $picture->name;
        }

        return $choices;
    }

    /** What a card calls it, without a part. */
    public function source(): string
    {
        return ($this->hand ? 'hand:' : 'picture:').$this->hash;
    }

    /** How a card names it, with the part new uses start with. */
    public function ref(): string
    {
        return PictureRef::framed($this->source(), $this->part());
    }

    public function part(): Framing
    {
        return Framing::parse($this->framing) ?? Framing::whole();
    }

    /** Height by width of its part. */
    public function ratio(): float
    {
        return $this->part()->ratio($this->width, $this->height);
    }
}
