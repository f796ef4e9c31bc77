<?php

namespace InkyCard\Card\Kind;

use InkyCard\Time\Day;
use InkyCard\Time\Window;

final class OfferKind extends AbstractCallKind
{
    protected const CAN = [Capability::Call, Capability::Promise, Capability::Offer];

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

    public function window(Filled $piece): ?Window
    {
        $last = $piece->text('ends');

        return $last === '' ? null : Window::until(Day::parse($last));
    }

    protected function words(Filled $piece, CardContext $card): string
    {
        $last = $this->window($piece)?->until;

        return $last === null ? $piece->text('words') : $card->said('until', $piece->text('words'), $card->day($last));
    }
}
