<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Handover\Artifact;
use InkyCard\Handover\Format;
use InkyCard\Handover\MessageTemplate;
use InkyCard\Handover\MessageWriter;
use InkyCard\Handover\Parcel;
use InkyCard\Link\CampaignTags;

/** A message not sent yet (X-Unsent), with the card under its words: open, fill in, send. */
final class UnsentMessage implements Format
{
    private MessageTemplate $message;

    public function __construct(?MessageTemplate $message = null)
    {
        $this->message = $message ?? MessageTemplate::blank();
    }

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
        return Artifact::file(
            CampaignTags::plain($this->message->name).'-'.$parcel->slug().'.eml',
            'message/rfc822',
            MessageWriter::message($parcel, $this->message->subject, $this->message->body, ['X-Unsent' => '1']),
        );
    }
}
