<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content;
use InkyCard\Link\LinkedWords;
use InkyCard\Link\Target;
use InkyCard\Type\CleanText;

final class CustomLineKind extends AbstractContactKind
{
    protected const CAN = [Capability::Contact, Capability::Reach];

    public function __construct()
    {
        parent::__construct(
            'line', 'Own line', 'input-cursor-text',
            'Anything else, with a label of your own and a link if it has one.',
        );
    }

    public function mainField(): string
    {
        return 'value';
    }

    public function fields(): array
    {
        return [
            new Field('value', 'Text', 'sentence', example: 'Tuesdays to Saturdays, 9 to 5'),
            new Field('label', 'Label', example: 'Open'),
            new Field(
                'address', 'Where it leads', 'url',
                'A page, a mail address, a number, or a chat such as WhatsApp +44 1632 960147.',
            ),
        ];
    }

    public function accept(array $fields, string $country): array
    {
        return [
            'value' => self::optional($fields, 'value', fn ($raw) => self::linked($raw, 160, 'text', $country)),
            'label' => self::optional($fields, 'label', fn ($raw) => CleanText::of($raw, 40, 'label')),
            'address' => self::optional($fields, 'address', fn ($raw) => Target::parse($raw, $country)),
        ];
    }

    public function content(Filled $piece, CardContext $card): array
    {
        $value = $piece->text('value');
        if ($value === '') {
            return [];
        }
        $size = $card->style->sizes->text;
        $address = $piece->text('address') ?: null;
        $runs = $address === null ? self::sentence($piece, $card, $value, InkRole::Body, $size) : [self::run(
            $piece, $card, LinkedWords::words($value), InkRole::Link, $size, href: $address,
            plain: LinkedWords::words($value).': '.Target::words($address),
        )];
        if ($piece->text('label') !== '') {
            array_unshift($runs, self::run($piece, $card, $piece->text('label').' ', InkRole::Quiet, $size));
        }

        return [new Content\LineBlock($runs)];
    }
}
