<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content;
use InkyCard\Link\WebAddress;
use InkyCard\Type\CleanText;

final class WebKind extends AbstractContactKind
{
    protected const CAN = [Capability::Contact, Capability::Reach, Capability::ShortSite];

    public function __construct()
    {
        parent::__construct('web', 'Web', 'globe', 'Shown short, linked in full. Add one piece for each site.');
    }

    public function fields(): array
    {
        return [
            new Field('address', 'Web address', 'url', example: 'quillfern.example/visits'),
            new Field('words', 'Words to show', help: 'Left empty, the short address shows.', example: 'Book a visit'),
        ];
    }

    public function accept(array $fields, string $country): array
    {
        return [
            'address' => self::optional($fields, 'address', fn ($raw) => WebAddress::parse($raw)->address),
            'words' => self::optional($fields, 'words', fn ($raw) => CleanText::of($raw, 80, 'wording')),
        ];
    }

    public function mainField(): string
    {
        return 'address';
    }

    public function content(Filled $piece, CardContext $card): array
    {
        $address = $piece->text('address');
        if ($address === '') {
            return [];
        }
        $web = WebAddress::parse($address);
        $words = $piece->text('words');

        return [new Content\LineBlock([self::run(
            $piece, $card,
            $words ?: $web->short(),
            InkRole::Link,
            $card->style->sizes->text,
            href: $web->address,
            plain: $words === '' ? $web->address : "$words: {$web->address}",
        )], $this->symbol($card, 'globe'))];
    }

    public function summary(Filled $piece): string
    {
        $address = $piece->text('address');

        return $address === '' ? '' : ($piece->text('words') ?: WebAddress::parse($address)->short());
    }

    public function standing(Standing $known): array
    {
        return ['address' => $known->brand->lines->web];
    }

    public function contactProperties(Filled $piece): array
    {
        return [new ContactProperty('URL', $piece->text('address'))];
    }
}
