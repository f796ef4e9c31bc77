<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Card\CardJson;
use InkyCard\Handover\Artifact;
use InkyCard\Handover\Format;
use InkyCard\Handover\Parcel;

/** The card as it is kept, to be opened here again. */
final class Document implements Format
{
    public function key(): string
    {
        return 'json';
    }

    public function label(): string
    {
        return 'Card document';
    }

    public function build(Parcel $parcel): Artifact
    {
        return Artifact::file($parcel->slug().'.json', 'application/json', CardJson::encode($parcel->card)."\n");
    }
}
