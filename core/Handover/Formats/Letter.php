<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Handover\Artifact;
use InkyCard\Handover\Format;
use InkyCard\Handover\MessageWriter;
use InkyCard\Handover\Parcel;

/**
 * A message (RFC 5322) to oneself or colleagues: directions above, the card below, its pictures attached (RFC 2387).
 */
final class Letter implements Format
{
    public function key(): string
    {
        return 'eml';
    }

    public function label(): string
    {
        return 'Message with the card';
    }

    public function build(Parcel $parcel): Artifact
    {
        $words
            = 'Here is your signature. Select all of the card under the line, copy it, and paste it into the '
                .'signature box of your mail program\'s settings. Then save, reload, and write yourself a message to '
                .'see it.';

        return Artifact::file(
            $parcel->slug().'.eml',
            'message/rfc822',
            MessageWriter::message($parcel, 'Your signature: '.$parcel->card->name, $words),
        );
    }
}
