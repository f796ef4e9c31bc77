<?php

namespace InkyCard\Card\Kind;

final class ButtonKind extends AbstractCallKind
{
    protected const CAN = [Capability::Call, Capability::Promise, Capability::Reach, Capability::ShortCall];

    public function __construct()
    {
        parent::__construct(
            'button', 'Call to action', 'hand-index', 'The one thing you ask the reader to do, as a button.', 'button',
            'Book a garden visit', 'quillfern.example/visits',
        );
    }
}
