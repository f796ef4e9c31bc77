<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Handover\Artifact;
use InkyCard\Handover\ContactCard;
use InkyCard\Handover\Format;
use InkyCard\Handover\Parcel;
use Sabre\VObject\Document;

/** The holder as a contact for older programs (RFC 2426). */
final class VCardThree implements Format
{
    public function key(): string
    {
        return 'vcard3';
    }

    public function label(): string
    {
        return 'Contact card, vCard 3';
    }

    public function build(Parcel $parcel): Artifact
    {
        return Artifact::file(
            $parcel->slug().'-3.vcf',
            'text/vcard; charset=utf-8',
            ContactCard::text($parcel, Document::VCARD30),
        );
    }
}
