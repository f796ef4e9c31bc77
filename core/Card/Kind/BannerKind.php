<?php

namespace InkyCard\Card\Kind;

final class BannerKind extends AbstractPictureKind
{
    protected const CAN = [Capability::Pressed];

    public function __construct()
    {
        parent::__construct(
            'banner', 'Banner', 'card-image', 'A wide picture that opens the offer of the season.', Zone::After,
            [120, 600], 480, 'Spring planting plans: book before 14 March',
        );
    }
}
