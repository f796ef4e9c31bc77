<?php

namespace InkyCard\Card\Kind;

use InkyCard\Card\Zone;

final class Picture extends PictureKind
{
    public function __construct()
    {
        parent::__construct('picture', 'Picture', 'image', 'Another picture: an award, a partner, a view of the work.', Zone::Under, [16, 600], 160, 'The walled garden in June');
    }
}
