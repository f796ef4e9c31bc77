<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content;
use InkyCard\Link\WebAddress;
use InkyCard\Type\CleanText;

final class QuoteKind extends AbstractKind
{
    protected const CAN = [Capability::Quotation];

    /** Where its words come from. */
    private const FOLLOWS = [
        '' => 'as written here', 'day' => 'your list, another every day',
        'taken' => 'your list, another every time it is handed over',
    ];

    private const TAKES = ['text', 'by', 'address'];

    public function __construct()
    {
        parent::__construct(
            'quote', 'Quote', 'quote', 'A saying, or what a client said of you, with a link to more voices.',
            Zone::Under,
        );
    }

    public function following(Filled $piece): array
    {
        return $piece->text('follows') === '' ? [] : self::TAKES;
    }

    public function tunes(): array
    {
        return [...parent::tunes(), 'underline'];
    }

    public function fields(): array
    {
        return [
            new Field('text', 'Words', example: 'Our garden has not looked back since.'),
            new Field('by', 'Whose', example: 'A client in Eddersby'),
            new Field('address', 'Where it leads', 'url', example: 'quillfern.example/reviews'),
            new Field('follows', 'Taken from', 'choice', choices: self::FOLLOWS),
            new Field('topic', 'Topic of your list', help: 'Left empty, all of it.', example: 'Planting'),
        ];
    }

    public function accept(array $fields, string $country): array
    {
        return [
            'text' => self::optional($fields, 'text', fn ($raw) => self::linked($raw, 280, 'quote', $country)),
            'by' => self::optional($fields, 'by', fn ($raw) => CleanText::of($raw, 80, 'name')),
            'address' => self::optional(
                $fields,
                'address',
                fn ($raw) => WebAddress::parse($raw, 'address it leads to')->address,
            ),
            'follows' => self::choice($fields, 'follows', self::FOLLOWS, '', 'Choose where its words come from.'),
            'topic' => self::optional($fields, 'topic', fn ($raw) => CleanText::of($raw, 40, 'topic')),
        ];
    }

    public function content(Filled $piece, CardContext $card): array
    {
        [$text, $by, $address] = [$piece->text('text'), $piece->text('by'), $piece->text('address') ?: null];
        if ($text === '') {
            return [];
        }
        $lines = [
            new Content\LineBlock(self::sentence(
                $piece, $card, "“{$text}”", InkRole::Body, $card->style->sizes->text, italic: true, guarded: false,
            )),
        ];
        if ($by !== '') {
            $lines[] = new Content\LineBlock([
                self::run(
                    $piece, $card, $by, InkRole::Quiet, $card->style->sizes->small, href: $address,
                    plain: $address === null ? null : "$by: $address",
                ),
            ]);
        }

        return $lines;
    }
}
