<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Content;
use InkyCard\Card\Piece;
use InkyCard\Link\MailAddress;
use InkyCard\Type\CleanText;

final class EmailKind extends AbstractContactKind
{
    public function __construct()
    {
        parent::__construct(
            'email', 'E-mail', 'envelope', 'Stays with the message when it is forwarded; a press opens a new one.',
        );
    }

    protected function fact(): string
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

    public function content(Piece $piece, Card $card): array
    {
        if ($piece->isBlank()) {
            return [];
        }
        $mail = MailAddress::parse($piece->text('address'));

        return [
            new Content\LineBlock(
                [
                    $piece->run(
                        $card, $mail->address, InkRole::Link, $card->style->sizes['text'],
                        href: $mail->href($piece->text('subject')), plain: $mail->address,
                    ),
                ],
                $this->symbol($card, 'envelope-fill'),
            ),
        ];
    }
}
