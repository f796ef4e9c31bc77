<?php

namespace InkyCard\Import;

/** What a page says of a person as an h-card (microformats2). */
final readonly class HCard
{
    private const CONFIDENCE = 0.9;

    /** Kind => classes that say it, the first that is there. */
    private const WORDS = [
        'credentials' => ['p-honorific-suffix'], 'role' => ['p-job-title', 'p-role'], 'company' => ['p-org'],
        'tagline' => ['p-note'],
    ];

    private const PLACE = ['p-street-address', 'p-locality', 'p-postal-code', 'p-country-name'];

    private function __construct(private PageNodes $page, private \DOMElement $card)
    {
    }

    /** @return list<Statement> */
    public static function said(PageNodes $page): array
    {
        $card = $page->all('//*['.PageNodes::has('h-card').']')[0] ?? null;

        return $card === null ? [] : (new self($page, $card))->all();
    }

    /** @return list<Statement> */
    private function all(): array
    {
        $said = [['name', $this->name()], ['address', $this->address()]];
        foreach (self::WORDS as $kind => $classes) {
            $said[] = [$kind, $this->text(...$classes)];
        }
        foreach (array_slice($this->of('u-photo'), 0, 1) as $photo) {
            $said[] = ['headshot', $this->page->absolute(self::link($photo))];
        }
        foreach ($this->of('u-email') as $node) {
            $said[] = ['email', self::link($node)];
        }
        foreach ([...$this->of('p-tel'), ...$this->of('u-tel')] as $node) {
            $said[] = ['phone', $node->getAttribute('href') ?: trim($node->textContent)];
        }
        $me = $this->page->all('.//a[contains(concat(" ",@rel," ")," me ")]', $this->card);
        foreach ([...$this->of('u-url'), ...$me] as $node) {
            $said[] = ['url', $this->page->absolute(self::link($node))];
        }

        return array_map(fn (array $one) => new Statement($one[0], $one[1], self::CONFIDENCE), $said);
    }

    private function name(): string
    {
        $named = $this->text('p-name');

        return $named === '' && $this->of('p-name') === [] && $this->card->childElementCount === 0
            ? trim($this->card->textContent)
            : $named;
    }

    private function address(): string
    {
        return $this->text('p-adr', 'h-adr')
            ?: implode(', ', array_filter(array_map(fn (string $class) => $this->text($class), self::PLACE)));
    }

    private function text(string ...$classes): string
    {
        foreach ($classes as $class) {
            $text = trim((string) preg_replace('/\s+/u', ' ', ($this->of($class)[0] ?? null)->textContent ?? ''));
            if ($text !== '') {
                return $text;
            }
        }

        return '';
    }

    /** @return list<\DOMElement> what stands in a card within this one is said of that one */
    private function of(string $class): array
    {
        return array_values(array_filter(
            $this->page->all('.//*['.PageNodes::has($class).']', $this->card),
            function (\DOMElement $node): bool {
                $owners = $this->page->all('ancestor::*['.PageNodes::has('h-card').']', $node);

                return end($owners) === $this->card;
            },
        ));
    }

    private static function link(\DOMElement $node): string
    {
        return $node->getAttribute('href') ?: $node->getAttribute('src') ?: trim($node->textContent);
    }
}
