<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content;
use InkyCard\Link\MailAddress;
use InkyCard\Roster\ProfileFact;
use InkyCard\Type\CleanText;

final class EmailKind extends AbstractContactKind
{
    protected const CAN = [Capability::Contact, Capability::Personal, Capability::MailAddress, Capability::Reach];

    protected const FACT = ProfileFact::Addresses;

    public function __construct()
    {
        parent::__construct(
            'email', 'E-mail', 'envelope', 'Stays with the message when it is forwarded; a press opens a new one.',
        );
    }

    public function mainField(): string
    {
        return 'address';
    }

    public function fields(): array
    {
        return [
            new Field('address', 'Mail address', 'email', example: 'maren@quillfern.example'),
            new Field(
                'subject', 'Subject', help: 'Of the message a press starts; may stay empty.',
                example: 'A question about my garden',
            ),
        ];
    }

    public function accept(array $fields, string $country): array
    {
        return [
            'address' => self::optional($fields, 'address', fn ($raw) => MailAddress::parse($raw)->address),
            'subject' => self::optional($fields, 'subject', fn ($raw) => CleanText::of($raw, 120, 'subject')),
        ];
    }

    public function content(Filled $piece, CardContext $card): array
    {
        if ($this->summary($piece) === '') {
            return [];
        }
        $mail = MailAddress::parse($piece->text('address'));

        return [
            new Content\LineBlock(
                [
                    self::run(
                        $piece, $card, $mail->address, InkRole::Link, $card->style->sizes->text,
                        href: $mail->href($piece->text('subject')), plain: $mail->address,
                    ),
                ],
                $this->symbol($card, 'envelope-fill'),
            ),
        ];
    }

    public function standing(Standing $known): array
    {
        return ['address' => $known->email ?: $known->brand->lines->email];
    }

    public function contactProperties(Filled $piece): array
    {
        return [new ContactProperty('EMAIL', $piece->text('address'), ['TYPE' => 'work'])];
    }
}
