<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Brand\Notice;
use InkyCard\Card\Content;
use InkyCard\Link\LinkedWords;
use InkyCard\Link\ProfileDirectory;

final class NoticeKind extends AbstractKind
{
    protected const CAN = [Capability::Notice, Capability::InShort];

    private const MAX_PARAGRAPHS = 12;

    private const MAX_DOCUMENTS = 8;

    /** Whoever has to show a document shows it, and not a way to it, unless its maker wants to know who opens it. */
    private const FOLLOW = [
        '' => 'lead straight to the documents', 'counted' => 'counted and tagged like all others',
    ];

    public function __construct()
    {
        parent::__construct(
            'notice', 'Notice', 'shield-check', 'Small print, and documents that must be shown as links.', Zone::After,
        );
    }

    public function tunes(): array
    {
        return [...parent::tunes(), 'underline'];
    }

    public function fields(): array
    {
        return [
            new Field(
                'text', 'Small print', 'sentences', example: 'This message is for the person it is addressed to.',
                ready: ReadyWords::NOTICES,
            ),
            new Field(
                'documents', 'Documents, one a line', 'lines', 'A name, a colon and its address.',
                'Notice to clients: quillfern.example/notice.pdf',
            ),
            new Field('follow', 'Its links', 'choice', choices: self::FOLLOW),
        ];
    }

    /** Documents come as text with one a line, or as a list of such lines: the document's form. */
    public function accept(array $fields, string $country): array
    {
        $paragraphs = self::lines(
            $fields, 'text', self::MAX_PARAGRAPHS, fn (mixed $raw) => self::linked($raw, 1200, 'small print', $country),
        );
        $documents = self::lines(
            $fields, 'documents', self::MAX_DOCUMENTS, ProfileDirectory::line(...),
        );

        return ['text' => implode("\n", $paragraphs), 'documents' => $documents] + [
            'follow' => self::choice($fields, 'follow', self::FOLLOW, '', 'Choose how the links of a notice lead on.'),
        ];
    }

    /** Documents stand without small print, and the other way round. */
    public function needs(): array
    {
        return [];
    }

    public function content(Filled $piece, CardContext $card): array
    {
        $size = $card->style->sizes->small;
        $lines = [];
        foreach (array_filter(explode("\n", $piece->text('text'))) as $paragraph) {
            $lines[] = new Content\LineBlock(self::sentence($piece, $card, $paragraph, InkRole::Quiet, $size));
        }
        foreach ($piece->lines('documents') as $line) {
            $link = ProfileDirectory::read($line);
            $lines[] = new Content\LineBlock([self::run(
                $piece, $card, $link->label, InkRole::Link, $size, href: $link->address,
                plain: "$link->label: $link->address", underlined: true,
            )]);
        }

        return $lines;
    }

    public function summary(Filled $piece): string
    {
        $documents = count($piece->lines('documents'));

        $first = LinkedWords::words(strtok($piece->text('text'), "\n") ?: '');

        return $first ?: ($documents === 0 ? '' : "$documents documents");
    }

    public function follow(Filled $piece, Standing $was, Standing $is): array
    {
        foreach ($was->brand->notices as $index => $old) {
            // The one of its name, or, where it was renamed, the one in its place.
            $new = $is->brand->notice($old->name) ?? $is->brand->notices[$index] ?? null;
            if ($new !== null && ! $new->saysTheSame($old) && self::shows($piece, $old)) {
                return ['text' => $new->text, 'documents' => $new->documents];
            }
        }

        return [];
    }

    /** Whether it is this notice of a brand, word for word. */
    public static function shows(Filled $piece, Notice $notice): bool
    {
        return $piece->text('text') === $notice->text && $piece->lines('documents') === $notice->documents;
    }
}
