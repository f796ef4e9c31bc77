<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content;
use InkyCard\Link\PhoneNumber;
use InkyCard\Roster\Profile;
use InkyCard\Roster\ProfileFact;

final class PhoneKind extends AbstractContactKind
{
    protected const CAN = [Capability::Contact, Capability::Personal, Capability::PhoneNumber, Capability::Reach,
        Capability::ShortNumber];

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

    public function mainField(): string
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
        $sort = self::choice(
            $fields, 'sort', self::SORTS, '', 'Choose office, mobile, direct, fax or no label.',
        );
        $form = self::choice(
            $fields, 'form', self::FORMS, 'international',
            'A number is written for readers everywhere or in your country.',
        );
        $number = self::optional($fields, 'number', fn ($raw) => PhoneNumber::parse($raw, $country)->display);
        $national = $form === 'international' ? ''
            : self::optional($fields, 'number', fn ($raw) => PhoneNumber::national($raw, $country));

        // Both are kept, so that composing needs no numbering plan.
        return ['number' => $number, 'sort' => $sort, 'form' => $form, 'national' => $national];
    }

    public function content(Filled $piece, CardContext $card): array
    {
        if ($this->summary($piece) === '') {
            return [];
        }
        $size = $card->style->sizes->text;
        $shown = $piece->text('national') ?: $piece->text('number');
        $href = PhoneNumber::ofDisplay($piece->text('number'))->href();
        $runs = [self::run($piece, $card, $shown, InkRole::Body, $size, href: $href, plain: $shown)];
        if ($piece->text('sort') !== '') {
            $label = $card->word($piece->text('sort')) ?? self::SORTS[$piece->text('sort')];
            array_unshift($runs, self::run($piece, $card, "$label ", InkRole::Quiet, $size));
        }

        return [new Content\LineBlock($runs, $this->symbol($card, 'telephone-fill'))];
    }

    public function standing(Standing $known): array
    {
        return ['number' => $known->brand->lines->phone];
    }

    public function contactProperties(Filled $piece): array
    {
        $type = ['mobile' => ['cell', 'voice'], 'fax' => ['fax']][$piece->text('sort')] ?? ['work', 'voice'];

        return [new ContactProperty(
            'TEL', PhoneNumber::ofDisplay($piece->text('number'))->href(), ['VALUE' => 'uri', 'TYPE' => $type],
        )];
    }

    public function ofPerson(Profile $person, Filled $piece, string $country): array
    {
        $fact = $this->knownBy($piece);
        // Without a label: the surest one to reach them by.
        $number = $fact !== null ? $person->text($fact) : ($person->text(ProfileFact::Direct)
            ?: $person->text(ProfileFact::Mobile) ?: $person->text(ProfileFact::Office));

        return ['number' => $number, 'national' => $number === '' || $piece->text('form') !== 'national' ? ''
            : PhoneNumber::national($number, $country)];
    }

    public function knownBy(Filled $piece): ?ProfileFact
    {
        return ProfileFact::tryFrom($piece->text('sort'));
    }
}
