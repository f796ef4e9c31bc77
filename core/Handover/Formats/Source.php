<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Handover\Artifact;
use InkyCard\Handover\Format;
use InkyCard\Handover\Parcel;

/** The card as code, as compact as it goes. */
final class Source implements Format
{
    public function key(): string
    {
        return 'source';
    }

    public function label(): string
    {
        return 'Source, one line';
    }

    public function build(Parcel $parcel): Artifact
    {
        return Artifact::file($parcel->slug().'.html', 'text/html; charset=utf-8', $parcel->html());
    }
}
