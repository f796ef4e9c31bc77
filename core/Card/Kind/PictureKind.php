<?php

namespace InkyCard\Card\Kind;

final class PictureKind extends AbstractPictureKind
{
    public function __construct()
    {
        parent::__construct(
            'picture', 'Picture', 'image', 'Another picture: an award, a partner, a view of the work.', Zone::Under,
            [16, 600], 160, 'The walled garden in June',
        );
    }
}
