<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Content;
use InkyCard\Card\Field;
use InkyCard\Card\Piece;
use InkyCard\Link\PhoneNumber;
use InkyCard\Refusal;

final class Phone extends Contact
{
    private const SORTS = ['' => 'No label', 'office' => 'Office', 'mobile' => 'Mobile', 'direct' => 'Direct', 'fax' => 'Fax'];

    public function __construct()
    {
        parent::__construct('phone', 'Phone', 'telephone', 'A number that is dialled at a press. Add one piece for each number.');
    }

    protected function fact(): string
    {
        return 'number';
    }

    public function fields(): array
    {
        return [
            new Field('number', 'Number', 'tel', 'With the country code, such as +44, it works from everywhere.', '+44 1632 960147'),
            new Field('sort', 'Kind of number', 'choice', choices: self::SORTS),
        ];
    }

    public function accept(array $fields, string $country): array
    {
        $sort = $fields['sort'] ?? '';
        if (! is_string($sort) || ! isset(self::SORTS[$sort])) {
            throw Refusal::because('Choose office, mobile, direct, fax or no label.', '/sort');
        }

        return [
            'number' => self::optional($fields, 'number', fn ($raw) => PhoneNumber::parse($raw, $country)->display),
            'sort' => $sort,
        ];
    }

    public function content(Piece $piece, Card $card): array
    {
        if ($piece->isBlank()) {
            return [];
        }
        $number = $piece->text('number');
        $size = $card->style->sizes['text'];
        $runs = [$piece->run($card, $number, InkRole::Body, $size, href: PhoneNumber::ofDisplay($number)->href(), plain: $number)];
        if ($piece->text('sort') !== '') {
            array_unshift($runs, $piece->run($card, self::SORTS[$piece->text('sort')].' ', InkRole::Quiet, $size));
        }

        return [new Content\Line($runs, $this->symbol($card, 'telephone-fill'))];
    }
}
