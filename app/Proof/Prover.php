<?php

namespace App\Proof;

use App\Links\LinkChecks;
use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Pictures\HostedPictures;
use App\Pictures\Library;
use App\Pictures\Variant;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use InkyCard\Brand\Brand as BrandDocument;
use InkyCard\Card\Card as Document;
use InkyCard\Card\CardLink;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Oklch;
use InkyCard\Layout\Sheet;
use InkyCard\Link\Verdict;
use InkyCard\Picture\Bake;
use InkyCard\Picture\PictureRef;
use InkyCard\Picture\Recipe;
use InkyCard\Proof\PictureFact;
use InkyCard\Proof\Proof;
use InkyCard\Proof\Subject;
use InkyCard\Time\Day;

/**
 * Brings together what a proof looks at beside the document: the brand, the pictures as baked, what checks of links
 * found.
 */
final readonly class Prover
{
    public function __construct(private LinkChecks $checks)
    {
    }

    public function of(StoredCard $card, ?Document $document = null): Proof
    {
        return Proof::of($this->subject($document ?? $card->document(), StoredBrand::in($card->workspace)->document()));
    }

    public function subject(Document $document, BrandDocument $brand): Subject
    {
        $pictures = HostedPictures::forScreen();
        $sheet = Sheet::of($document);
        $pictures->prepare($sheet->pictures());
        $facts = [];
        $originals = $this->originals($sheet);
        foreach ($sheet->pictures() as $picture) {
            $bake = $picture->source;
            $variant = $bake instanceof Bake ? $pictures->variant($bake) : null;
            if ($bake instanceof Bake && $variant !== null) {
                $facts[$bake->key()] = new PictureFact(
                    $variant->bytes,
                    self::lightness($variant),
                    $bake instanceof Recipe ? $originals[$bake->ref] ?? null : null,
                );
            }
        }
        $verdicts = $moved = [];
        foreach (
            $this->checks->known(array_values(array_unique(array_column(CardLink::all($document),
                'address')))) as $address => $checked
        ) {
            $verdicts[$address] = $checked->verdict;
            if ($checked->verdict === Verdict::Moved) {
                $moved[$address] = $checked->final;
            }
        }

        return new Subject($document, $brand, $document->today ?? Day::at(now()), $pictures, $facts, $verdicts, $moved);
    }

    /** @return array<string, int> reference => width of the part of the original it means, px */
    private function originals(Sheet $sheet): array
    {
        $hashes = [];
        foreach ($sheet->pictures() as $picture) {
            if ($picture->source instanceof Recipe
                && preg_match('/^(?:picture|hand):([0-9a-f]{64})/', $picture->source->ref, $match) === 1) {
                $hashes[$picture->source->ref] = $match[1];
            }
        }
        $widths
            = $hashes === []
                ? []
                : DB::table('pictures')
                    ->whereIn('hash', array_unique(array_values($hashes)))
                    ->pluck('width', 'hash')
                    ->all();
        $originals = [];
        foreach ($hashes as $ref => $hash) {
            if (isset($widths[$hash])) {
                $originals[$ref] = (int) round((int) $widths[$hash] * PictureRef::framing($ref)->width);
            }
        }

        return $originals;
    }

    /** Of what a file shows on average; a file is for ever what it is, so it is looked at once. */
    private static function lightness(Variant $variant): float
    {
        return Cache::rememberForever("lightness.$variant->hash", function () use ($variant): float {
            $picture = @imagecreatefromstring((string) Library::disk()->get($variant->path()));
            if ($picture === false) {
                return 0.5;
            }
            // One pixel is the average of all; clear ones show the page and count as none.
            $one = imagecreatetruecolor(1, 1);
            imagealphablending($one, false);
            imagecopyresampled($one, $picture, 0, 0, 0, 0, 1, 1, imagesx($picture), imagesy($picture));
            $pixel = (int) imagecolorat($one, 0, 0);
            $cover = 1 - (($pixel >> 24) & 127) / 127;

            return $cover < 0.5
                ? 0.5
                : Oklch::of(new Colour(($pixel >> 16) & 255, ($pixel >> 8) & 255, $pixel & 255))->lightness;
        });
    }
}
