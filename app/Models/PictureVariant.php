<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A baked picture file: which recipe it came from, and its address.
 *
 * @property string $key
 * @property array<string, mixed> $recipe
 * @property string $hash SHA-256 of the file
 * @property string $extension
 * @property int $bytes
 */
final class PictureVariant extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['key', 'recipe', 'hash', 'extension', 'bytes'];

    protected function casts(): array
    {
        return ['recipe' => 'array'];
    }

    public function path(): string
    {
        return self::pathOf($this->hash, $this->extension);
    }

    public static function pathOf(string $hash, string $extension): string
    {
        return 'variants/'.substr($hash, 0, 2)."/$hash.$extension";
    }
}
