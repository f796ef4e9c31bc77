<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Handover\Artifact;
use InkyCard\Handover\Format;
use InkyCard\Handover\Parcel;

/** The card as one picture that leads somewhere, its address in place (need C16). */
final class OnePicture implements Format
{
    public function key(): string
    {
        return 'one-picture';
    }

    public function label(): string
    {
        return 'One linked picture';
    }

    public function build(Parcel $parcel): Artifact
    {
        return Artifact::file($parcel->slug().'-picture.html', 'text/html; charset=utf-8', $parcel->onePicture());
    }
}
