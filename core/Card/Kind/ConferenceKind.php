<?php

namespace InkyCard\Card\Kind;

final class ConferenceKind extends AbstractCallKind
{
    protected const CAN = [Capability::Call];

    public function __construct()
    {
        parent::__construct(
            'conference', 'Meeting room', 'camera-video', 'Your standing room for calls on screen.', 'link',
            'Join my meeting room', 'quillfern.example/room',
        );
    }
}
