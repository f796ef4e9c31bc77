<?php

namespace InkyCard\Import;

use InkyCard\Link\CampaignTags;
use InkyCard\Link\Wrapped;
use InkyCard\Markup\Element;
use InkyCard\Markup\LineContext;
use InkyCard\Markup\LineWalker;
use InkyCard\Markup\MailDocument;
use InkyCard\Markup\MessageLine;
use InkyCard\Refusal;
use InkyCard\Type\CleanText;

/** A signature as HTML of any making. */
final class HtmlSource
{
    /** Bytes, without pictures carried inside. */
    private const MOST = 2_000_000;

    /** @var list<string> data: URIs of pictures carried inside */
    private array $inside = [];

    /** @var array<string, string> address of a link as it stands => as it is read */
    private array $read = [];

    /** @param  \Closure(string): string  $leads */
    private function __construct(private readonly \Closure $leads)
    {
    }

    /**
     * @param  string  $country  ISO 3166-1 alpha-2, for phone numbers without a country
     * @param  (\Closure(string): string)|null  $leads  address of a link => where it leads, where that is known
     * @return list<Fact>
     *
     * @throws Refusal when there is nothing in it
     */
    public static function facts(string $html, string $country, ?\Closure $leads = null): array
    {
        return SignatureReader::facts((new self($leads ?? fn (string $href) => $href))->lines($html), $country);
    }

    /**
     * @return list<ImportedLine>
     *
     * @throws Refusal
     */
    private function lines(string $html): array
    {
        // Pictures inside stand apart while the rest is taken apart: they are most of its bytes and none of its words.
        $html = (string) preg_replace_callback(
            '~data:image/[a-z.+-]+;base64,[A-Za-z0-9+/=\s]++~i',
            function (array $match): string {
                $this->inside[] = (string) preg_replace('/\s+/', '', $match[0]);

                return 'cid:inside.'.(count($this->inside) - 1);
            },
            $html,
        );
        if (strlen($html) > self::MOST) {
            throw self::tooMuch();
        }
        $document = MailDocument::parse($html);

        return $document->over === []
            ? array_map($this->line(...), LineWalker::lines($document->body))
            : throw self::tooMuch();
    }

    private static function tooMuch(): Refusal
    {
        return Refusal::because('That is too much: bring the signature alone.');
    }

    private function line(MessageLine $line): ImportedLine
    {
        $links = [];
        $size = 0.0;
        $bold = $button = false;
        foreach ($line->words as [$text, $context]) {
            $words = CleanText::seen($text);
            if ($words !== '') {
                $size = max($size, $context->size);
                $bold = $bold || $context->bold;
                $href = $context->href ?? '';
                if ($href !== '') {
                    $links[] = [$this->read($href), $words];
                    $button = $button || $context->coloured;
                }
            }
        }
        $pictures = array_map(fn (array $picture) => $this->picture(...$picture), $line->pictures);

        return new ImportedLine($line->text(), $links, $pictures, $size, $bold, $button);
    }

    private function picture(Element $image, LineContext $context): ImportedPicture
    {
        $side = fn (string $name): int => preg_match(
            '/\d+/',
            $image->attributes[$name] ?? (string) $image->property($name),
            $match,
        ) === 1 ? (int) $match[0] : 0;

        return new ImportedPicture(
            $this->source(Wrapped::inner($image->attributes['src'] ?? '')),
            CleanText::seen($image->attributes['alt'] ?? ''), $side('width'), $side('height'),
            $context->href === null ? '' : $this->read($context->href),
        );
    }

    /** An address or a data: URI; nothing for what only its own message, or another application, can read. */
    private function source(string $given): string
    {
        if (preg_match('~^cid:inside\.(\d+)$~D', $given, $match) === 1) {
            return $this->inside[(int) $match[1]] ?? '';
        }

        return preg_match('~^(?:picture|hand|sample):~i', $given) === 1 ? '' : $given;
    }

    /** Where a link leads: what a gateway put around it is no part of the signature, and no campaign tag is. */
    private function read(string $href): string
    {
        if (! isset($this->read[$href])) {
            $leads = ($this->leads)($href);
            $inner = Wrapped::inner($leads);
            // A page of a network may well name another.
            $this->read[$href] = CampaignTags::off($inner !== $leads && Facts::isProfile($leads) ? $leads : $inner);
        }

        return $this->read[$href];
    }
}
