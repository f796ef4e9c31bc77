<?php

namespace InkyCard\Card\Kind;

use InkyCard\Card\Piece;

final class OfferKind extends AbstractCallKind
{
    public function __construct()
    {
        parent::__construct(
            'offer', 'Offer', 'tag', 'Something to be had until a day you set.', 'link', 'Spring planting plans',
            'quillfern.example/spring',
        );
    }

    public function fields(): array
    {
        return [
            ...parent::fields(),
            new Field('ends', 'Last day', 'date', 'Shown with it; the proof warns when it has passed.', '2027-03-14'),
        ];
    }

    public function accept(array $fields, string $country): array
    {
        return parent::accept($fields, $country) + ['ends' => self::date($fields, 'ends')];
    }

    protected function words(Piece $piece): string
    {
        $date = $piece->text('ends');

        return $date === '' ? $piece->text('words') : sprintf('%s, until %s', $piece->text('words'), self::day($date));
    }
}
