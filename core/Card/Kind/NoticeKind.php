<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Content;
use InkyCard\Card\Piece;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Type\CleanText;

final class NoticeKind extends AbstractKind
{
    private const MAX_PARAGRAPHS = 12;

    private const MAX_DOCUMENTS = 8;

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
                'text', 'Small print', 'paragraphs', example: 'This message is for the person it is addressed to.',
            ),
            new Field(
                'documents', 'Documents, one a line', 'lines', 'A name, a colon and its address.',
                'Notice to clients: quillfern.example/notice.pdf',
            ),
        ];
    }

    /** Documents come as text with one a line, or as a list of such lines: the document's form. */
    public function accept(array $fields, string $country): array
    {
        $paragraphs = self::lines(
            $fields, 'text', self::MAX_PARAGRAPHS, fn (mixed $raw) => CleanText::of($raw, 1200, 'small print'),
        );
        $documents = self::lines(
            $fields, 'documents', self::MAX_DOCUMENTS, fn (mixed $raw) => ProfileDirectory::read($raw)->line(),
        );

        return ['text' => implode("\n", $paragraphs), 'documents' => $documents];
    }

    public function content(Piece $piece, Card $card): array
    {
        $size = $card->style->sizes['small'];
        $lines = [];
        foreach (array_filter(explode("\n", $piece->text('text'))) as $paragraph) {
            $lines[] = new Content\LineBlock([$piece->run($card, $paragraph, InkRole::Quiet, $size, guarded: true)]);
        }
        $documents = $piece->fields['documents'] ?? [];
        foreach (is_array($documents) ? $documents : [] as $line) {
            $link = ProfileDirectory::read($line);
            $lines[] = new Content\LineBlock([
                $piece->run(
                    $card, $link->label, InkRole::Link, $size, href: $link->address,
                    plain: "$link->label: $link->address", underlined: true,
                ),
            ]);
        }

        return $lines;
    }

    public function summary(Piece $piece): string
    {
        $documents = $piece->fields['documents'] ?? [];

        return strtok($piece->text('text'), "\n")
            ?: (is_array($documents) && $documents !== []
                ? count($documents).' documents'
                : '');
    }
}
