<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Handover\Artifact;
use InkyCard\Handover\ContactCard;
use InkyCard\Handover\Format;
use InkyCard\Handover\Parcel;
use Sabre\VObject\Document;

/** The holder as a contact (RFC 6350). */
final class VCardFour implements Format
{
    public function key(): string
    {
        return 'vcard';
    }

    public function label(): string
    {
        return 'Contact card, vCard 4';
    }

    public function build(Parcel $parcel): Artifact
    {
        return Artifact::file(
            $parcel->slug().'.vcf',
            'text/vcard; charset=utf-8',
            ContactCard::text($parcel, Document::VCARD40),
        );
    }
}
