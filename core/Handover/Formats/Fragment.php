<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Handover\Artifact;
use InkyCard\Handover\ArtifactFile;
use InkyCard\Handover\Format;
use InkyCard\Handover\Parcel;

/** The card as a block for letters and campaigns: HTML and plain text beside each other. */
final class Fragment implements Format
{
    public function key(): string
    {
        return 'fragment';
    }

    public function label(): string
    {
        return 'Campaign fragment';
    }

    public function build(Parcel $parcel): Artifact
    {
        $name = $parcel->slug();

        return new Artifact("$name-campaign", [
            new ArtifactFile("$name.html", 'text/html; charset=utf-8', $parcel->html()."\n"),
            new ArtifactFile("$name.txt", 'text/plain; charset=utf-8', $parcel->text()),
        ]);
    }
}
