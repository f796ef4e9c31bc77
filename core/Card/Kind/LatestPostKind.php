<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content;
use InkyCard\Link\WebAddress;
use InkyCard\Type\CleanText;

final class LatestPostKind extends AbstractKind
{
    protected const CAN = [Capability::Feed];

    public function __construct()
    {
        parent::__construct(
            'post', 'Latest post', 'rss', 'The newest entry of a journal or shop, by its title.', Zone::Under,
        );
    }

    public function mainField(): string
    {
        return 'title';
    }

    public function tunes(): array
    {
        return [...parent::tunes(), 'underline'];
    }

    public function fields(): array
    {
        return [
            new Field('title', 'Title', example: 'What to plant in a wet autumn'),
            new Field('address', 'Its address', 'url', example: 'quillfern.example/journal/wet-autumn'),
            new Field('lead', 'Before it', example: 'New in the journal:'),
            new Field(
                'feed', 'Feed', 'url',
                'Address of a feed (RSS, Atom, JSON Feed), or of a page that has one: title and address follow it.',
                'quillfern.example/journal.atom',
            ),
        ];
    }

    public function accept(array $fields, string $country): array
    {
        return [
            'title' => self::optional($fields, 'title', fn ($raw) => CleanText::of($raw, 160, 'title')),
            'address' => self::optional($fields, 'address', fn ($raw) => WebAddress::parse($raw, 'address')->address),
            'lead' => self::optional($fields, 'lead', fn ($raw) => CleanText::of($raw, 60, 'lead')),
            'feed' => self::optional($fields, 'feed', fn ($raw) => WebAddress::parse($raw, 'feed')->address),
        ];
    }

    public function needs(): array
    {
        return ['title', 'address'];
    }

    public function content(Filled $piece, CardContext $card): array
    {
        [$title, $address, $lead] = [$piece->text('title'), $piece->text('address'), $piece->text('lead')];
        if ($title === '') {
            return [];
        }
        $size = $card->style->sizes->text;
        $runs = [self::run($piece, $card, $title, InkRole::Link, $size, href: $address, plain: "$title: $address")];
        if ($lead !== '') {
            array_unshift($runs, self::run($piece, $card, "$lead ", InkRole::Quiet, $size));
        }

        return [new Content\LineBlock($runs)];
    }
}
