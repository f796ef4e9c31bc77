<?php

namespace InkyCard\Handover;

/** A form a card can be handed over in. */
interface Format
{
    public function key(): string;

    public function label(): string;

    /** @throws \InkyCard\Refusal when the card has not what the form needs */
    public function build(Parcel $parcel): Artifact;
}
