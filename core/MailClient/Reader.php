<?php

namespace InkyCard\MailClient;

use InkyCard\Colour\Colour;
use InkyCard\Markup\Element;
use InkyCard\Markup\MailDocument;

/** Reads one message by the rules of one stand-in. */
final class Reader
{
    /** Text a client may take for a link of its own: numbers to dial, mail and web addresses, dates. */
    private const FOUND = '~(?<![\w@/.])(?:(\+?\d[\d ()./-]{6,18}\d)|([\w.+-]+@[\w-]+(?:\.[\w-]+)+)|((?:www\.'
        .'|https?://)[\w-]+(?:\.[\w-]+)+(?:/[^\s<>"\']*)?|[\w-]+(?:\.[\w-]+)*\.(?:com|org|net|example)(?:/[^\s<>"\']*)?)|(\d{1,2}\.? (?:January|February|March|April|May|June|July|August|September|October|November|December)(?: \d{4})?))(?![\w@])~u';

    private const LINK = '#1a5fb4';

    /** @var array<string, list<array<string, mixed>>> subject => name => rules */
    private array $properties = [];

    /** @var array<string, array<string, mixed>> */
    private array $attributes = [];

    /** @var array<string, array<string, mixed>> */
    private array $elements = [];

    /** @var list<array<string, mixed>> */
    private array $values = [];

    /** @var array<string, array<string, mixed>> */
    private array $pictures = [];

    /** @var array<string, array<string, mixed>> whole-message rules by name */
    private array $whole = [];

    /** @var array<string, array{array<string, mixed>, string, string, string, string, int}> */
    private array $changes = [];

    private function __construct(private readonly MailClient $client)
    {
        foreach ($client->rules as $rule) {
            foreach (
                [
                    'property' => 'properties', 'attribute' => 'attributes', 'element' => 'elements',
                    'picture' => 'pictures', 'whole' => 'whole',
                ] as $subject => $list
            ) {
                foreach ((array) ($rule[$subject] ?? []) as $name) {
                    $list === 'properties' ? $this->properties[$name][] = $rule : $this->{$list}[$name] = $rule;
                }
            }
            if (isset($rule['value'])) {
                $this->values[] = $rule;
            }
        }
    }

    /** What the reader of a client sees of a message, whoever wrote it. @param  string|Message  $message  HTML, or both */
    public static function read(MailClient $client, string|Message $message): Reading
    {
        return (new self($client))->reading(is_string($message) ? new Message($message) : $message);
    }

    private function reading(Message $message): Reading
    {
        $client = $this->client;
        $document = $message->document($client->word);
        if ($client->form === 'text') {
            return $this->text($message, $document);
        }
        $top = $document->body->copy();
        foreach ($document->gone() as $name) {
            $this->note(
                [
                    'says' => "<$name> is taken out",
                    'from' => 'guess',
                    'harms' => in_array($name, ['svg', 'video', 'input', 'select'], true),
                ],
                "<$name>",
                '',
                "<$name>",
                '',
            );
        }
        $styles = $document->styles();
        if ($styles !== '' && $client->styles !== 'kept') {
            $this->note(
                [
                    'says' => 'style sheets are ignored',
                    'from' => $this->whole['styles']['from'] ?? 'guess',
                    'harms' => true,
                ],
                '<style>',
                '',
                mb_strimwidth($styles, 0, 60, '…'),
                '',
            );
            $styles = '';
        }
        $this->work($top);
        foreach (['limit', 'clip'] as $name) {
            if (isset($this->whole[$name]) && $document->bytes > $this->whole[$name]['most']) {
                $this->note(
                    $this->whole[$name], $name === 'limit' ? 'length' : 'weight', '', number_format($document->bytes),
                    number_format($this->whole[$name]['most']),
                );
            }
        }
        $white = Colour::hex('#ffffff');
        [$page, $ink] = [$client->page($white), Colour::hex('#000000')];
        if ($client->isDark()) {
            $ink = $client->dropsBackgrounds ? Colour::hex('#fbfbfe') : $client->dark->ink($ink, $white);
            (new Darkening($client->dark, $client->dropsBackgrounds, $page, function (
                Element $element,
                string $property,
                string $before,
                string $after,
            ): void {
                $element->changed = $element->changed || $after === '';
                $this->note(
                    [
                        'says' => $after === '' ? 'backgrounds vanish on the dark page' : 'colours turned for a dark page',
                        'from' => 'guess',
                        'harms' => $after === '',
                    ],
                    $property,
                    $element->piece,
                    $before,
                    $after,
                );
            }))->turn($top);
        }
        if ($client->quoted) {
            $this->note(
                ['says' => 'indented, under what was answered', 'from' => 'guess'], 'place', '', '', 'blockquote',
            );
            $top->children = [
                new Element(
                    'p', [], [['margin', '0 0 12px'], ['font', '13px/18px Arial,sans-serif'], ['color', '#444444']],
                    ['Thank you, that helps. On Tuesday you wrote:'],
                ),
                new Element(
                    'blockquote', [],
                    [['margin', '0 0 0 12px'], ['padding', '0 0 0 12px'], ['border-left', '2px solid #b9b2a3']],
                    $top->children,
                ),
            ];
        }
        $changes = [];
        foreach ($this->changes as [$rule, $what, $piece, $before, $after, $times]) {
            $changes[] = new Change(
                $what, $rule['says'], $piece, $before, $after, $times, $rule['harms'] ?? false,
                RuleSource::of($rule['from']),
            );
        }

        return new Reading($client, $top, $changes, $styles, $page, $ink);
    }

    private function text(Message $message, MailDocument $document): Reading
    {
        $words = rtrim($message->text ?? $document->body->words());
        $top = new Element(
            'body',
            [],
            [],
            [
                new Element(
                    'pre', [], [['margin', '0'], ['font', '13px/19px monospace'], ['white-space', 'pre-wrap']],
                    [$words],
                ),
            ],
        );

        return new Reading(
            $this->client, $top,
            [new Change('form', 'words alone', '', 'HTML', 'text', 1, false, new RuleSource(null))], '',
            Colour::hex('#ffffff'), Colour::hex('#000000'),
        );
    }

    private function work(Element $top): void
    {
        // Elements whose own rules are still to be applied, with the piece and link they stand in.
        $open = [[$top, '', false]];
        while ($open !== []) {
            [$element, $piece, $linked] = array_pop($open);
            $element->piece = $element->piece ?: $piece;
            $linked = $linked || $element->name === 'a';
            if ($element !== $top) {
                $this->attributes($element);
                $this->declarations($element);
            }
            $children = [];
            foreach ($element->children as $child) {
                if (is_string($child)) {
                    array_push(
                        $children,
                        ...isset($this->whole['found']) && ! $linked ? $this->found($child, $element) : [$child],
                    );
                } else {
                    $child->piece = $child->piece ?: $element->piece;
                    array_push($children, ...$this->element($child));
                }
            }
            $element->children = $children;
            foreach ($children as $child) {
                if ($child instanceof Element) {
                    $open[] = [$child, $element->piece, $linked];
                }
            }
        }
    }

    /** @return list<Element|string> what stands in its place */
    private function element(Element $element): array
    {
        if ($element->name === 'img') {
            return [$this->picture($element)];
        }
        if (str_starts_with($element->name, 'v:')) {
            return $this->client->word && in_array($element->name, ['v:roundrect', 'v:rect', 'v:oval'], true)
                ? [$this->shape($element)]
                : $element->children;
        }
        $rule = $this->elements[$element->name] ?? null;
        if ($rule === null) {
            return [$element];
        }
        $this->note($rule, "<$element->name>", $element->piece, "<$element->name>", $rule['as'] ?? '');
        if (isset($rule['as'])) {
            $element->name = $rule['as'];
            $element->changed = true;

            return [$element];
        }

        // One step only: what it held is looked at in its turn.
        return array_merge(
            ...array_map(
                fn (Element|string $child) => $child instanceof Element ? $this->element($child) : [$child],
                $element->children,
            ),
        );
    }

    private function attributes(Element $element): void
    {
        foreach ($element->attributes as $name => $value) {
            $rule = $this->attributes[$name] ?? null;
            if ($rule === null || ! self::concerns($rule, $element)) {
                continue;
            }
            unset($element->attributes[$name]);
            $element->changed = $element->changed || ($rule['harms'] ?? false);
            $this->note($rule, $name, $element->piece, $value, '');
        }
    }

    private function declarations(Element $element): void
    {
        if ($element->style === []) {
            return;
        }
        $kept = [];
        foreach ($element->style as [$property, $value]) {
            foreach ($this->values as $rule) {
                if (preg_match($rule['value'], $value) === 1
                    && (! isset($rule['of']) || in_array($property, $rule['of'], true))) {
                    $element->changed = true;
                    if (($rule['takes'] ?? '') === 'style') {
                        $this->note($rule, 'style', $element->piece, "$property:$value", '');
                        $element->style = [];

                        return;
                    }
                    $this->note($rule, $property, $element->piece, $value, '');

                    continue 2;
                }
            }
            foreach ($this->properties[$property] ?? [] as $rule) {
                if (! self::concerns($rule, $element) || (isset($rule['if']) && preg_match($rule['if'], $value) !== 1)) {
                    continue;
                }
                if (isset($rule['times'])) {
                    $after = (string) preg_replace_callback(
                        '/(\d*\.?\d+)px/',
                        fn (array $px) => round((float) $px[1] * $rule['times'], 2).'px',
                        $value,
                    );
                    if ($after !== $value) {
                        $this->note($rule, $property, $element->piece, $value, $after);
                    }
                    $value = $after;

                    continue;
                }
                $element->changed = $element->changed || ($rule['harms'] ?? false);
                $this->note($rule, $property, $element->piece, $value, $rule['to'] ?? '');
                if (! isset($rule['to'])) {
                    continue 2;
                }
                $property = $rule['to'];
            }
            $kept[] = [$property, $value];
        }
        $element->style = $kept;
    }

    private function picture(Element $image): Element
    {
        $source = $image->attributes['src'] ?? '';
        $kind = match (true) {
            preg_match('~^data:image/(\w+)~i', $source, $match) === 1 => 'data '.strtolower($match[1]),
            str_starts_with($source, 'cid:') => 'cid',
            preg_match('~\.(svg|webp|gif)(?:$|[?#])~i', $source, $match) === 1 => strtolower($match[1]),
            default => 'plain',
        };
        $rule = $this->pictures[$kind] ?? (str_starts_with($kind, 'data') ? $this->pictures['data'] ?? null : null);
        if ($this->client->pictures === 'boxes') {
            $rule = [
                'says' => 'pictures are not fetched',
                'from' => 'guess',
                'harms' => trim($image->attributes['alt'] ?? '') === '',
            ];
        }
        if ($rule === null) {
            return $image;
        }
        $this->note(
            $rule, $this->client->pictures === 'boxes' ? 'picture' : "$kind picture", $image->piece,
            mb_strimwidth($source, 0, 60, '…'), $image->attributes['alt'] ?? '',
        );
        if (isset($rule['still'])) {
            return $image;
        }
        $size = fn (string $side): string => preg_match(
            '/^\d{1,4}/',
            $image->attributes[$side] ?? (string) $image->property($side),
            $match,
        ) === 1
            ? $match[0]
            : '24';
        $box = new Element(
            'span',
            [],
            [
                ['display', 'inline-block'], ['box-sizing', 'border-box'], ['width', $size('width').'px'],
                ['height', $size('height').'px'], ['overflow', 'hidden'], ['border', '1px solid #b9b2a3'],
                ['font', '11px/13px Arial,sans-serif'], ['padding', '1px'], ['vertical-align', 'top'],
            ],
            [$image->attributes['alt'] ?? ''],
        );
        $box->piece = $image->piece;
        $box->changed = $rule['harms'] ?? false;

        return $box;
    }

    /** A shape of VML as the Word engine draws it. */
    private function shape(Element $shape): Element
    {
        $background = $shape->attributes['fillcolor'] ?? '#ffffff';
        $side = fn (string $name): string => preg_match('/^[\d.]+px$/', (string) $shape->property($name)) === 1
            ? (string) $shape->property($name)
            : '40px';
        $radius
            = $shape->name === 'v:roundrect'
                ? round(((float) ($shape->attributes['arcsize'] ?? '20%') / 100) * (float) $side('height'), 1)
                : 0;
        $drawn = new Element(
            'a',
            isset($shape->attributes['href']) ? ['href' => $shape->attributes['href']] : [],
            [
                ['display', 'inline-block'], ['box-sizing', 'border-box'], ['width', $side('width')],
                ['height', $side('height')], ['line-height', $side('height')], ['background-color', $background],
                ['border-radius', "{$radius}px"], ['text-align', 'center'], ['text-decoration', 'none'],
            ],
            $shape->children,
        );
        $drawn->piece = $shape->piece;
        $drawn->drawn = true;

        return $drawn;
    }

    /** @return list<Element|string> the text with what the client takes for links made links of its own */
    private function found(string $text, Element $in): array
    {
        if (strlen($text) < 6 || strpbrk($text, '0123456789.@') === false
            || preg_match_all(self::FOUND, $text, $found, PREG_OFFSET_CAPTURE | PREG_SET_ORDER) < 1) {
            return [$text];
        }
        $parts = [];
        $at = 0;
        foreach ($found as $match) {
            [$words, $offset] = $match[0];
            $digits = strlen((string) preg_replace('/\D/', '', $words));
            if ($offset > $at) {
                $parts[] = substr($text, $at, $offset - $at);
            }
            if (($match[1][0] ?? '') !== '' && ($digits < 7 || $digits > 15)) {
                $parts[] = $words;
            } else {
                $kind
                    = ($match[1][0] ?? '') !== ''
                        ? 'tel:'.preg_replace('/[^\d+]/', '', $words)
                        : (str_contains($words, '@')
                            ? "mailto:$words"
                            : (($match[4][0] ?? '') !== ''
                                ? '#'
                                : (str_starts_with($words, 'http')
                                    ? $words
                                    : "https://$words")));
                $link = new Element(
                    'a', ['href' => $kind], [['color', self::LINK], ['text-decoration', 'underline']], [$words],
                );
                $link->piece = $in->piece;
                $link->changed = true;
                $this->note($this->whole['found'], 'found link', $in->piece, $words, $kind);
                $parts[] = $link;
            }
            $at = $offset + strlen($words);
        }
        if ($at < strlen($text)) {
            $parts[] = substr($text, $at);
        }

        return $parts;
    }

    /** @param  array<string, mixed>  $rule */
    private static function concerns(array $rule, Element $element): bool
    {
        return ! $element->drawn && (! isset($rule['on']) || in_array($element->name, $rule['on'], true))
            && (! isset($rule['except']) || ! in_array($element->name, $rule['except'], true));
    }

    /** @param  array<string, mixed>  $rule */
    private function note(array $rule, string $what, string $piece, string $before, string $after): void
    {
        $key = "$what|$piece|".$rule['says'];
        if (isset($this->changes[$key])) {
            $this->changes[$key][5]++;
        } else {
            $this->changes[$key] = [
                $rule, $what, $piece, mb_strimwidth($before, 0, 120, '…'), mb_strimwidth($after, 0, 120, '…'), 1,
            ];
        }
    }
}
