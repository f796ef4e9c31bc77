<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Content;
use InkyCard\Card\Piece;
use InkyCard\Link\PhoneNumber;
use InkyCard\Refusal;

final class PhoneKind extends AbstractContactKind
{
    private const SORTS = [
        '' => 'No label', 'office' => 'Office', 'mobile' => 'Mobile', 'direct' => 'Direct', 'fax' => 'Fax',
    ];

    private const FORMS = ['international' => 'For readers everywhere', 'national' => 'For readers in your country'];

    public function __construct()
    {
        parent::__construct(
            'phone', 'Phone', 'telephone', 'A number that is dialled at a press. Add one piece for each number.',
        );
    }

    protected function fact(): string
    {
        return 'number';
    }

    public function fields(): array
    {
        return [
            new Field('number', 'Number', 'tel', 'An extension may follow: ext 12.', '+44 1632 960147 ext 12'),
            new Field('sort', 'Kind of number', 'choice', choices: self::SORTS),
            new Field('form', 'Written', 'choice', 'A press dials the whole number either way.', choices: self::FORMS),
        ];
    }

    public function accept(array $fields, string $country): array
    {
        $sort = $fields['sort'] ?? '';
        if (! is_string($sort) || ! isset(self::SORTS[$sort])) {
            throw Refusal::because('Choose office, mobile, direct, fax or no label.', '/sort');
        }

        $form = $fields['form'] ?? 'international';
        if (! is_string($form) || ! isset(self::FORMS[$form])) {
            throw Refusal::because('A number is written for readers everywhere or in your country.', '/form');
        }
        $number = self::optional($fields, 'number', fn ($raw) => PhoneNumber::parse($raw, $country)->display);
        $national
            = $form === 'international'
                ? ''
                : self::optional($fields, 'number', fn ($raw) => PhoneNumber::national($raw, $country));

        // Both are kept, so that composing needs no numbering plan.
        return ['number' => $number, 'sort' => $sort, 'form' => $form, 'national' => $national];
    }

    public function content(Piece $piece, Card $card): array
    {
        if ($piece->isBlank()) {
            return [];
        }
        $number = $piece->text('number');
        $size = $card->style->sizes['text'];
        $shown = $piece->text('national') ?: $number;
        $runs = [
            $piece->run(
                $card, $shown, InkRole::Body, $size, href: PhoneNumber::ofDisplay($number)->href(), plain: $shown,
            ),
        ];
        if ($piece->text('sort') !== '') {
            array_unshift($runs, $piece->run($card, self::SORTS[$piece->text('sort')].' ', InkRole::Quiet, $size));
        }

        return [new Content\LineBlock($runs, $this->symbol($card, 'telephone-fill'))];
    }
}
