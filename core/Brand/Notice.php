<?php

namespace InkyCard\Brand;

use InkyCard\Link\ProfileDirectory;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** Small print of the firm, with documents that must be shown as links. */
final readonly class Notice
{
    private const MAX_PARAGRAPHS = 12;

    private const MAX_DOCUMENTS = 8;

    /**
     * @param  string  $name  what its maker calls it; never on a card
     * @param  string  $text  paragraphs, one a line
     * @param  list<string>  $documents  `Name: address`
     */
    private function __construct(public string $name, public string $text, public array $documents)
    {
    }

    /**
     * @param  array<array-key, mixed>  $given  name, text, documents; lists may come as text, one a line
     *
     * @throws Refusal
     */
    public static function of(array $given): self
    {
        $name = Refusal::at('/name', fn () => CleanText::of($given['name'] ?? '', 60, 'notice name'));
        if ($name === '') {
            throw Refusal::because('Give the notice a name, so that trade rules can ask for it.', '/name');
        }
        $text = Refusal::at(
            '/text',
            fn () => CleanText::several(
                $given['text'] ?? '',
                self::MAX_PARAGRAPHS,
                fn ($raw) => CleanText::of($raw, 1200, 'small print'),
            ),
        );
        $documents = Refusal::at(
            '/documents',
            fn () => CleanText::several(
                $given['documents'] ?? '',
                self::MAX_DOCUMENTS,
                ProfileDirectory::line(...),
            ),
        );
        if ($text === [] && $documents === []) {
            throw Refusal::because('Write the small print, or name a document.', '/text');
        }

        return new self($name, implode("\n", $text), $documents);
    }

    /** @return array{name: string, text: string, documents: list<string>} */
    public function toArray(): array
    {
        return ['name' => $this->name, 'text' => $this->text, 'documents' => $this->documents];
    }

    /** Whether its words and documents are those of another, whatever either is called. */
    public function saysTheSame(self $other): bool
    {
        return [$this->text, $this->documents] === [$other->text, $other->documents];
    }
}
