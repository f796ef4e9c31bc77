<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Handover\Artifact;
use InkyCard\Handover\Format;
use InkyCard\Handover\Mime;
use InkyCard\Handover\Parcel;

/** A message not sent yet (X-Unsent), with the card under its words: open, fill in, send. */
final class Template implements Format
{
    public function key(): string
    {
        return 'template';
    }

    public function label(): string
    {
        return 'Message to finish and send';
    }

    public function build(Parcel $parcel): Artifact
    {
        return Artifact::file($parcel->slug().'-template.eml', 'message/rfc822', Mime::message($parcel, 'Subject of your message', "Dear [name],\n\n[your message]", ['X-Unsent' => '1']));
    }
}
