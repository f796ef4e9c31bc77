<?php

namespace InkyCard\Letter;

use InkyCard\Link\Target;
use InkyCard\Refusal;
use League\CommonMark\Environment\Environment;
use League\CommonMark\Extension\CommonMark\CommonMarkCoreExtension;
use League\CommonMark\Extension\CommonMark\Node\Block as Marked;
use League\CommonMark\Extension\CommonMark\Node\Inline;
use League\CommonMark\Node\Block\Paragraph;
use League\CommonMark\Node\Inline\Newline;
use League\CommonMark\Node\Node;
use League\CommonMark\Node\StringContainerInterface;
use League\CommonMark\Parser\MarkdownParser;

/**
 * The words of a letter, written in a small part of CommonMark: headings, paragraphs, lists, quotations, rules; strong,
 * emphasised and linked words. Markup of any other kind is words.
 */
final class LetterText
{
    /** Paragraphs and the like in one letter: as many pieces as a card holds, but for its picture and call. */
    private const BLOCKS = 76;

    /** Lists within lists. */
    private const DEEPEST = 3;

    /** What a paragraph is, by the mark before it. */
    private const KINDS = ['' => 'paragraph', '>' => 'quote'];

    /** @var list<LetterBlock> */
    private array $blocks = [];

    private function __construct(private readonly string $country)
    {
    }

    /**
     * @param  string  $country  ISO 3166-1 alpha-2, for numbers without a country
     * @return list<LetterBlock>
     *
     * @throws Refusal for an address that is none, and for too much
     */
    public static function read(string $text, string $country): array
    {
        $environment = new Environment(['max_nesting_level' => 20]);
        $environment->addExtension(new CommonMarkCoreExtension);
        $letter = new self($country);
        $letter->walk((new MarkdownParser($environment))->parse($text), '', 0);

        return $letter->blocks;
    }

    /** @param  string  $mark  before a paragraph: the sign or number of an item, a quotation's */
    private function walk(Node $parent, string $mark, int $depth): void
    {
        $number = $parent instanceof Marked\ListBlock && $parent->getListData()->type === Marked\ListBlock::TYPE_ORDERED
            ? (int) $parent->getListData()->start : null;
        foreach ($parent->children() as $node) {
            match (true) {
                $node instanceof Marked\Heading => $this->add('heading', $this->runs($node), $mark, $node->getLevel()),
                $node instanceof Paragraph => $this->add(self::KINDS[$mark] ?? 'item', $this->runs($node), $mark),
                $node instanceof Marked\ThematicBreak => $this->add('rule', [], ''),
                $node instanceof Marked\BlockQuote => $this->walk($node, '>', $depth + 1),
                $node instanceof Marked\ListItem => $this->walk($node, $number === null ? '•' : $number++.'.', $depth),
                $node instanceof Marked\ListBlock => $depth < self::DEEPEST
                    ? $this->walk($node, $mark, $depth + 1) : null,
                // Code and markup are words: nobody means either in a letter.
                $node instanceof StringContainerInterface => $this->add('paragraph', [
                    new LetterRun(trim($node->getLiteral())),
                ], $mark),
                default => $this->walk($node, $mark, $depth + 1),
            };
        }
    }

    /** @param  list<LetterRun>  $runs */
    private function add(string $kind, array $runs, string $mark, int $level = 0): void
    {
        if (count($this->blocks) === self::BLOCKS) {
            throw Refusal::because('A letter has at most :blocks paragraphs.', '/body', ['blocks' => self::BLOCKS]);
        }
        if ($kind === 'rule' || trim(implode('', array_column($runs, 'text'))) !== '') {
            $this->blocks[] = new LetterBlock($kind, $runs, $mark === '>' ? '' : $mark, $level);
        }
    }

    /** @return list<LetterRun> */
    private function runs(Node $parent, bool $strong = false, bool $emphasised = false, ?string $leads = null): array
    {
        $runs = [];
        foreach ($parent->children() as $node) {
            array_push($runs, ...match (true) {
                $node instanceof Newline => [new LetterRun(' ', $strong, $emphasised, $leads)],
                $node instanceof Inline\Strong => $this->runs($node, true, $emphasised, $leads),
                $node instanceof Inline\Emphasis => $this->runs($node, $strong, true, $leads),
                $node instanceof Inline\Link => $this->runs(
                    $node, $strong, $emphasised, $this->address($node->getUrl()),
                ),
                $node instanceof StringContainerInterface => [
                    new LetterRun($node->getLiteral(), $strong, $emphasised, $leads),
                ],
                default => $this->runs($node, $strong, $emphasised, $leads),
            });
        }

        return $runs;
    }

    /** @throws Refusal */
    private function address(string $url): string
    {
        // A token stands for an address of the recipient's own.
        return preg_match('/[\x{FDD8}\x{FDD9}]/u', rawurldecode($url)) === 1 ? rawurldecode($url)
            : Refusal::at('/body', fn () => Target::parse($url, $this->country));
    }
}
