<?php

namespace InkyCard\Card\Kind;

use InkyCard\Card\Content\PictureBlock;
use InkyCard\Link\WebAddress;
use InkyCard\Picture\PlacePicture;
use InkyCard\Type\CleanText;

/** A picture and a link whose addresses stay: what they show and lead to is due on the day a message is opened. */
final class PlaceKind extends AbstractKind
{
    protected const CAN = [Capability::Pressed, Capability::Place];

    private const WIDTHS = [120, 600];

    private const HEIGHTS = [40, 300];

    private const SIZE = [480, 96];

    /** What it shows where nothing is due. */
    private const GAPS = ['evergreen' => 'the evergreen banner', 'collapse' => 'nothing, and takes no room'];

    public function __construct()
    {
        parent::__construct(
            'place', 'Banner place', 'signpost-split',
            'Shows the banner that is due on the day a message is opened, also in mail sent before.', Zone::After,
        );
    }

    public function isHosted(Filled $piece): bool
    {
        return true;
    }

    public function mainField(): string
    {
        return 'alt';
    }

    public function needs(): array
    {
        return [];
    }

    public function resizes(): array
    {
        return ['width', ...self::WIDTHS];
    }

    public function tunes(): array
    {
        return ['gap', 'align', 'joined'];
    }

    public function fields(): array
    {
        return [
            new Field('alt', 'Words in its place', help: 'Read where pictures are blocked, whatever is due.',
                example: 'What is on at Quillfern'),
            new Field('width', 'Width', 'pixels', sprintf('%d to %d px.', ...self::WIDTHS)),
            new Field('height', 'Height', 'pixels', sprintf('%d to %d px.', ...self::HEIGHTS)),
            new Field('gap', 'When nothing is due', 'choice', choices: self::GAPS),
        ];
    }

    /**
     * `place` (see PlacePicture) and `address` say where it is served: what serves it sets them, which may be this
     * machine alone.
     */
    public function accept(array $fields, string $country): array
    {
        $gap = $fields['gap'] ?? '';
        $place = $fields['place'] ?? '';

        return [
            'alt' => self::optional($fields, 'alt', fn ($raw) => CleanText::of($raw, 160, 'text')),
            'width' => self::pixels($fields, 'width', self::WIDTHS, self::SIZE[0]),
            'height' => self::pixels($fields, 'height', self::HEIGHTS, self::SIZE[1]),
            'gap' => is_string($gap) && isset(self::GAPS[$gap]) ? $gap : 'evergreen',
            'place' => PlacePicture::isPlace($place) ? $place : '',
            'address' => self::optional(
                $fields, 'address', fn ($raw) => WebAddress::parse($raw, 'address it leads to', inside: true)->address,
            ),
        ];
    }

    public function content(Filled $piece, CardContext $card): array
    {
        // On a card that is not kept yet there is nothing to show.
        if ($piece->text('place') === '') {
            return [];
        }
        [$width, $height] = [(int) $piece->text('width'), (int) $piece->text('height')];
        $alt = $piece->text('alt');

        return [new PictureBlock(
            new PlacePicture($piece->text('place'), $width, $height), $width, $height,
            $alt ?: $card->word('banner') ?? $this->label(), $piece->text('address') ?: null, $alt !== '', true,
        )];
    }

    public function summary(Filled $piece): string
    {
        return sprintf('%s × %s px', $piece->text('width'), $piece->text('height'));
    }
}
