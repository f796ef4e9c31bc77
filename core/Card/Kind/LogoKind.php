<?php

namespace InkyCard\Card\Kind;

use InkyCard\Limits;

final class LogoKind extends AbstractPictureKind
{
    protected const CAN = [Capability::Logo, Capability::StandsForName];

    public function __construct()
    {
        parent::__construct(
            'logo', 'Logo', 'badge-tm', 'The mark of the firm.', Zone::Beside, Limits::LOGO, 96,
            'Quillfern Garden Studio',
        );
    }

    public function fields(): array
    {
        return [...parent::fields(), PictureLook::fit()];
    }

    public function accept(array $fields, string $country): array
    {
        return parent::accept($fields, $country) + PictureLook::acceptFit($fields);
    }

    public function standing(Standing $known): array
    {
        $logos = $known->brand->logos;

        // On a band of the accent ink the logo for dark pages is the one that shows.
        return ($known->onBand ? $logos['dark'] : null) ?? $logos['light'] ?? [];
    }

    public function follow(Filled $piece, Standing $was, Standing $is): array
    {
        [$old, $new] = [$was->brand->logos['light'], $is->brand->logos['light']];

        return $old !== null && $new !== null && $old !== $new && $piece->text('picture') === $old['picture'] ? $new
            : [];
    }
}
