<?php

namespace InkyCard\Handover\Formats;

use InkyCard\Handover\Artifact;
use InkyCard\Handover\Format;
use InkyCard\Handover\Mime;
use InkyCard\Handover\Parcel;
use InkyCard\Handover\ReadyMessage;
use InkyCard\Link\CampaignTags;

/** A message not sent yet (X-Unsent), with the card under its words: open, fill in, send. */
final class Template implements Format
{
    private ReadyMessage $message;

    public function __construct(?ReadyMessage $message = null)
    {
        $this->message = $message ?? ReadyMessage::blank();
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
        return Artifact::file(CampaignTags::plain($this->message->name).'-'.$parcel->slug().'.eml', 'message/rfc822', Mime::message($parcel, $this->message->subject, $this->message->body, ['X-Unsent' => '1']));
    }
}
