<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Handover\Artifact;
use InkyCard\Handover\Format;
use InkyCard\Handover\Parcel;
use InkyCard\Refusal;

/** The card as one picture, for slides, print and whatever shows no HTML. */
final class Drawn implements Format
{
    public function key(): string
    {
        return 'png';
    }

    public function label(): string
    {
        return 'Picture of the card';
    }

    public function build(Parcel $parcel): Artifact
    {
        if ($parcel->text() === '') {
            throw Refusal::because('Nothing on this card is filled in and shown, so there is nothing to draw.');
        }

        return Artifact::file($parcel->slug().'.png', 'image/png', $parcel->drawn());
    }
}
