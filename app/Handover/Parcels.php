<?php

namespace App\Handover;

use App\Clicks\CountedLinks;
use App\Models\StoredCard;
use App\Pictures\Bakery;
use App\Pictures\FarPicture;
use App\Pictures\HostedPictures;
use App\Pictures\Rasterizer;
use InkyCard\Card\Card as Document;
use InkyCard\Handover\Artifact;
use InkyCard\Handover\Parcel;
use InkyCard\Refusal;
use ZipArchive;

/** Cards with what is needed to hand them over, and artifacts as one file. */
final readonly class Parcels
{
    public function __construct(
        private Bakery $bakery,
        private Rasterizer $rasterizer,
        private FarPicture $far,
    ) {
    }

    public function parcel(Document $document, ?StoredCard $card = null): Parcel
    {
        return new Parcel(
            $document, HostedPictures::forExport(), $this->bakery->today(...), now()->utc()->toImmutable(),
            bin2hex(random_bytes(16)), fn (string $svg) => $this->rasterizer->png($svg, zoom: Parcel::DENSITY),
            $card === null ? null : CountedLinks::sheet($card, $document), ($this->far)(...),
            fn (string $png) => HostedPictures::publicBase()."/p/{$this->bakery->drawn($document, $png)->hash}.png",
        );
    }

    /**
     * An artifact of several files as a ZIP archive.
     *
     * @return array{string, string, string} name, media type, bytes
     */
    public static function packed(Artifact $artifact): array
    {
        $first = $artifact->files[0];
        if (count($artifact->files) === 1) {
            return [basename($first->path), $first->type, $first->bytes];
        }
        $path = tempnam(sys_get_temp_dir(), 'inky') ?: throw Refusal::because('There is no room for the archive.');
        try {
            $zip = new ZipArchive;
            $zip->open($path, ZipArchive::OVERWRITE);
            foreach ($artifact->files as $file) {
                $zip->addFromString("$artifact->name/$file->path", $file->bytes);
            }
            $zip->close();

            return ["$artifact->name.zip", 'application/zip', (string) file_get_contents($path)];
        } finally {
            @unlink($path);
        }
    }
}
