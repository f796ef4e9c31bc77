<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Handover\Artifact;
use InkyCard\Handover\Format;
use InkyCard\Handover\Parcel;

/** A whole HTML document, its pictures inside. */
final class Page implements Format
{
    public function key(): string
    {
        return 'page';
    }

    public function label(): string
    {
        return 'Self-contained HTML file';
    }

    public function build(Parcel $parcel): Artifact
    {
        return Artifact::file($parcel->slug().'.html', 'text/html; charset=utf-8', $parcel->page());
    }
}
