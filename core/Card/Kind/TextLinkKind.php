<?php

namespace InkyCard\Card\Kind;

final class TextLinkKind extends AbstractCallKind
{
    protected const CAN = [Capability::Call, Capability::Reach, Capability::ShortCall];

    public function __construct()
    {
        parent::__construct(
            'textlink', 'Text link', 'cursor-text', 'An invitation in words, its phrase linked.', 'link',
            'See this month\'s plants', 'quillfern.example/plants',
        );
    }
}
