<?php

namespace App\Bench;

use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Pictures\BlockedPictures;
use Illuminate\Http\Request;
use InkyCard\Card\Card;
use InkyCard\Refusal;
use InkyCard\Sketch\Kept;
use InkyCard\Sketch\Sketches;

/** The sketches of one stored card, as a request asks for them. */
final readonly class Sketching
{
    /** @param  list<string>  $parts  what stays as it is */
    private function __construct(private StoredCard $card, public array $parts)
    {
    }

    public static function of(StoredCard $card, Request $request): self
    {
        $asked = array_filter($request->array('keep'), is_string(...));

        return new self($card, array_values(array_intersect(Kept::PARTS, $asked)));
    }

    /** @return list<\InkyCard\Sketch\Sketch> */
    public function from(int $from): array
    {
        return $this->sketches()->of($this->card->document(), Kept::of($this->parts), $from);
    }

    /** @throws Refusal where there is no such sketch */
    public function design(string $key): Card
    {
        return $this->sketches()->design($key, $this->card->document(), Kept::of($this->parts));
    }

    private function sketches(): Sketches
    {
        return new Sketches(
            StoredBrand::in($this->card->workspace)->document(), $this->card->today(), new BlockedPictures,
        );
    }
}
