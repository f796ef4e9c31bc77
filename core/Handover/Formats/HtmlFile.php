<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Handover\Artifact;
use InkyCard\Handover\Format;
use InkyCard\Handover\Parcel;

/** A file for programs that read the signature from one: the card alone, its pictures fetched by readers. */
final class HtmlFile implements Format
{
    public function key(): string
    {
        return 'html-file';
    }

    public function label(): string
    {
        return 'HTML file to attach';
    }

    public function build(Parcel $parcel): Artifact
    {
        return Artifact::file(
            $parcel->slug().'-signature.html',
            'text/html; charset=utf-8',
            "<!DOCTYPE html>\n<meta charset=\"utf-8\">\n".$parcel->html()."\n",
        );
    }
}
