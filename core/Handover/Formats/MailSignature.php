<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Handover\Artifact;
use InkyCard\Handover\Format;
use InkyCard\Handover\Parcel;

/** The file a WebKit desktop program keeps each signature in: headers as in a message, then the HTML. */
final class MailSignature implements Format
{
    public function key(): string
    {
        return 'mailsignature';
    }

    public function label(): string
    {
        return '.mailsignature file';
    }

    public function build(Parcel $parcel): Artifact
    {
        $body = quoted_printable_encode('<body style="word-wrap:break-word">'.$parcel->html().'</body>');

        return Artifact::file(
            strtoupper(substr($parcel->token, 0, 32)).'.mailsignature',
            'text/plain; charset=us-ascii',
            implode("\n", [
                'Content-Transfer-Encoding: quoted-printable', 'Content-Type: text/html; charset=utf-8',
                'Message-Id: <'.$parcel->token.'@inky-card.invalid>', 'Mime-Version: 1.0', '',
                str_replace("\r\n", "\n", $body), '',
            ]),
        );
    }
}
