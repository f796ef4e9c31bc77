<?php

namespace InkyCard\Import;

use InkyCard\Link\WebAddress;
use InkyCard\Markup\CharacterSet;
use InkyCard\Markup\MailDocument;

/** A whole page taken apart, with where it stood. */
final readonly class PageNodes
{
    /** Nodes of one sort that are looked at. */
    private const MOST = 200;

    private \DOMXPath $path;

    private string $base;

    /** @param  string  $address  where it stood, for what it names relative to itself; a `base` element counts more */
    public function __construct(string $html, string $address)
    {
        $this->path = new \DOMXPath(MailDocument::dom(CharacterSet::utf8($html)));
        $base = $this->all('//base[@href]')[0] ?? null;
        $this->base = $base?->getAttribute('href') ?? $address;
    }

    /** @return list<\DOMElement> */
    public function all(string $query, ?\DOMElement $in = null): array
    {
        $found = [];
        foreach ($this->path->query($query, $in) ?: [] as $node) {
            if ($node instanceof \DOMElement && count($found) < self::MOST) {
                $found[] = $node;
            }
        }

        return $found;
    }

    /** An address as the page means it; empty where it is none. */
    public function absolute(string $address): string
    {
        return $address === '' || $this->base === '' || preg_match('/^[a-z][a-z0-9+.-]*:/i', $address) === 1
            ? $address
            : WebAddress::absolute($address, $this->base) ?? '';
    }

    /** A condition of XPath: an element is of a class. */
    public static function has(string $class): string
    {
        return "contains(concat(' ',normalize-space(@class),' '),' $class ')";
    }
}
