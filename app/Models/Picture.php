<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A picture somebody brought, as re-encoded by the intake.
 *
 * @property string $hash SHA-256 of the kept file
 * @property string $extension
 * @property int $width px
 * @property int $height px
 */
final class Picture extends Model
{
    // Named, so that no request has to work the plural out.
    protected $table = 'pictures';

    protected $fillable = ['hash', 'extension', 'width', 'height', 'bytes', 'name'];

    /** How a card names it. */
    public function ref(): string
    {
        return 'picture:'.$this->hash;
    }
}
