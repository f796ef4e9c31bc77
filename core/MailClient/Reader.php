<?php

namespace InkyCard\MailClient;

use InkyCard\Colour\Colour;
use InkyCard\Markup\Element;
use InkyCard\Markup\MailDocument;

/** Reads one message by the rules of one stand-in. */
final class Reader
{
    private const PAPER = '#ffffff';

    private const INK = '#000000';

    /** Longest source that is told of, characters. */
    private const TOLD = 60;

    /** What is missed when it is taken out. */
    private const MISSED = ['svg', 'video', 'input', 'select'];

    private const SHAPES = ['v:roundrect', 'v:rect', 'v:oval'];

    /** Above what is quoted. */
    private const REPLY = 'Thank you, that helps. On Tuesday you wrote:';

    private const REPLY_STYLE = [['margin', '0 0 12px'], ['font', '13px/18px Arial,sans-serif'], ['color', '#444444']];

    private const QUOTE_STYLE = [
        ['margin', '0 0 0 12px'], ['padding', '0 0 0 12px'], ['border-left', '2px solid #b9b2a3'],
    ];

    private const TEXT_STYLE = [['margin', '0'], ['font', '13px/19px monospace'], ['white-space', 'pre-wrap']];

    private readonly RuleBook $rules;

    private readonly ChangeLog $log;

    private function __construct(private readonly MailClient $client)
    {
        $this->rules = new RuleBook($client->rules);
        $this->log = new ChangeLog;
    }

    /**
     * What the reader of a client sees of a message, whoever wrote it.
     *
     * @param  string|Message  $message HTML, or both
     */
    public static function read(MailClient $client, string|Message $message): Reading
    {
        return (new self($client))->reading(is_string($message) ? new Message($message) : $message);
    }

    private function reading(Message $message): Reading
    {
        $document = $message->document($this->client->word);
        if ($this->client->form === 'text') {
            return $this->text($message, $document);
        }
        $top = $document->body->copy();
        $this->noteGone($document);
        $styles = $this->styles($document);
        $this->work($top);
        $this->noteLength($document);
        $this->darken($top);
        $this->quote($top);
        $paper = Colour::hex(self::PAPER);
        $page = $this->client->page($paper);
        $ink = $this->client->ink($paper);
        // Links without a colour of their own.
        $styles = ($this->client->strips === null ? '' : 'a[href]{color:'.$this->client->strips['link'].'}').$styles;

        return new Reading($this->client, $top, $this->log->changes(), $styles, $page, $ink);
    }

    private function noteGone(MailDocument $document): void
    {
        foreach ($document->gone() as $name) {
            $harms = in_array($name, self::MISSED, true);
            $rule = ['says' => "<$name> is taken out", 'from' => 'guess', 'harms' => $harms];
            $this->log->note($rule, "<$name>", '', "<$name>", '');
        }
        foreach ($document->over as $what) {
            $rule = ['says' => 'too much to be read', 'from' => 'guess', 'harms' => true];
            $this->log->note($rule, 'size', '', $what, '');
        }
    }

    /** Style sheets that still count. */
    private function styles(MailDocument $document): string
    {
        $styles = $document->styles();
        if ($styles === '' || $this->client->styles === 'kept') {
            return $styles;
        }
        $from = $this->rules->of('whole', 'styles')['from'] ?? 'guess';
        $this->log->note(
            ['says' => 'style sheets are ignored', 'from' => $from, 'harms' => true], '<style>', '',
            mb_strimwidth($styles, 0, self::TOLD, '…'), '',
        );

        return '';
    }

    private function noteLength(MailDocument $document): void
    {
        foreach (['limit' => 'length', 'clip' => 'weight'] as $name => $what) {
            $rule = $this->rules->of('whole', $name);
            if ($rule !== null && $document->bytes > $rule['most']) {
                $this->log->note($rule, $what, '', number_format($document->bytes), number_format($rule['most']));
            }
        }
    }

    private function darken(Element $top): void
    {
        $client = $this->client;
        $from = $client->strips === null ? 'guess' : ['seen', $client->strips['seen']];
        $note = function (Element $element, string $property, string $before, string $after) use ($from): void {
            $gone = $after === '';
            $element->changed = $element->changed || $gone;
            $says = $gone ? 'backgrounds vanish on the dark page' : 'colours turned for a dark page';
            $rule = ['says' => $says, 'from' => $from, 'harms' => $gone];
            $this->log->note($rule, $property, $element->piece, $before, $after);
        };
        if ($client->strips !== null) {
            (new ColourStripping($client->strips['bright'], $client->strips['least'], $note))->strip($top);
        } elseif ($client->isDark()) {
            (new Darkening($client->dark, $note))->turn($top);
        }
    }

    private function quote(Element $top): void
    {
        if (! $this->client->quoted) {
            return;
        }
        $rule = ['says' => 'indented, under what was answered', 'from' => 'guess'];
        $this->log->note($rule, 'place', '', '', 'blockquote');
        $top->children = [
            new Element('p', [], self::REPLY_STYLE, [self::REPLY]),
            new Element('blockquote', [], self::QUOTE_STYLE, $top->children),
        ];
    }

    private function text(Message $message, MailDocument $document): Reading
    {
        $words = rtrim($message->text ?? $document->body->words());
        $top = new Element('body', [], [], [new Element('pre', [], self::TEXT_STYLE, [$words])]);
        $this->log->note(['says' => 'words alone', 'from' => 'guess'], 'form', '', 'HTML', 'text');
        $this->noteUnwritten($document, $words);

        return new Reading(
            $this->client, $top, $this->log->changes(), '', Colour::hex(self::PAPER), Colour::hex(self::INK),
        );
    }

    /** Where links of the one form lead and the words of the other do not say. */
    private function noteUnwritten(MailDocument $document, string $words): void
    {
        $open = [$document->body];
        while (($element = array_pop($open)) !== null) {
            $href = $element->name === 'a' ? $element->attributes['href'] ?? '' : '';
            // Numbers are written as they are read, and tags of campaigns are left out of what is typed.
            $address = (string) preg_replace('~^mailto:|[?#].*$|^(?:tel|sms):.*$|/$~', '', rawurldecode($href));
            if ($address !== '' && ! str_contains($words, $address)) {
                $rule = ['says' => 'an address is not written out', 'from' => 'guess', 'harms' => true];
                $this->log->note($rule, 'link', $element->piece, $href, '');
            }
            foreach ($element->children as $child) {
                $child instanceof Element && $open[] = $child;
            }
        }
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
            $element->children = $this->children($element, $linked);
            foreach ($element->children as $child) {
                if ($child instanceof Element) {
                    $open[] = [$child, $element->piece, $linked];
                }
            }
        }
    }

    /** @return list<Element|string> */
    private function children(Element $element, bool $linked): array
    {
        $finds = ! $linked && $this->rules->of('whole', 'found') !== null;
        $children = [];
        foreach ($element->children as $child) {
            if (is_string($child)) {
                array_push($children, ...$finds ? $this->found($child, $element) : [$child]);
            } else {
                $child->piece = $child->piece ?: $element->piece;
                array_push($children, ...$this->element($child));
            }
        }

        return $children;
    }

    /** @return list<Element|string> what stands in its place */
    private function element(Element $element): array
    {
        if ($element->name === 'img') {
            return [$this->picture($element)];
        }
        if (str_starts_with($element->name, 'v:')) {
            return $this->client->word && in_array($element->name, self::SHAPES, true)
                ? [Replacement::shape($element)]
                : $element->children;
        }
        $rule = $this->rules->of('element', $element->name);
        if ($rule === null) {
            return [$element];
        }
        $this->log->note($rule, "<$element->name>", $element->piece, "<$element->name>", $rule['as'] ?? '');
        if (isset($rule['as'])) {
            $element->name = $rule['as'];
            $element->changed = true;

            return [$element];
        }

        // One step only: what it held is looked at in its turn.
        return array_merge(...array_map(
            fn (Element|string $child) => $child instanceof Element ? $this->element($child) : [$child],
            $element->children,
        ));
    }

    private function attributes(Element $element): void
    {
        foreach ($element->attributes as $name => $value) {
            $rule = $this->rules->attribute($name, $element);
            if ($rule !== null) {
                unset($element->attributes[$name]);
                $element->changed = $element->changed || ($rule['harms'] ?? false);
                $this->log->note($rule, $name, $element->piece, $value, '');
            }
        }
    }

    private function declarations(Element $element): void
    {
        $kept = [];
        foreach ($element->style as [$property, $value]) {
            $rule = $this->rules->value($property, $value);
            if ($rule === null) {
                array_push($kept, ...$this->declaration($element, $property, $value));

                continue;
            }
            $element->changed = true;
            if (($rule['takes'] ?? '') === 'style') {
                $this->log->note($rule, 'style', $element->piece, "$property:$value", '');
                $element->style = [];

                return;
            }
            $this->log->note($rule, $property, $element->piece, $value, '');
        }
        $element->style = $kept;
    }

    /** @return list<array{string, string}> what is left of a declaration: itself, another or none */
    private function declaration(Element $element, string $property, string $value): array
    {
        foreach ($this->rules->properties($property, $value, $element) as $rule) {
            if (isset($rule['times'])) {
                $after = self::times($value, $rule['times']);
                if ($after !== $value) {
                    $this->log->note($rule, $property, $element->piece, $value, $after);
                }
                $value = $after;

                continue;
            }
            $element->changed = $element->changed || ($rule['harms'] ?? false);
            $this->log->note($rule, $property, $element->piece, $value, $rule['to'] ?? '');
            if (! isset($rule['to'])) {
                return [];
            }
            $property = $rule['to'];
        }

        return [[$property, $value]];
    }

    /** A value with its lengths in px made larger or smaller. */
    private static function times(string $value, float $times): string
    {
        $grow = fn (array $px): string => round((float) $px[1] * $times, 2).'px';

        return (string) preg_replace_callback('/(\d*\.?\d+)px/', $grow, $value);
    }

    private function picture(Element $image): Element
    {
        $source = $image->attributes['src'] ?? '';
        $kind = self::kind($source);
        $blocked = $this->client->pictures === 'boxes';
        $alt = $image->attributes['alt'] ?? '';
        $rule = $blocked
            ? ['says' => 'pictures are not fetched', 'from' => 'guess', 'harms' => trim($alt) === '']
            : $this->rules->of('picture', $kind)
                ?? (str_starts_with($kind, 'data') ? $this->rules->of('picture', 'data') : null);
        if ($rule === null) {
            return $image;
        }
        $this->log->note(
            $rule, $blocked ? 'picture' : "$kind picture", $image->piece, mb_strimwidth($source, 0, self::TOLD, '…'),
            $alt,
        );
        if (isset($rule['still'])) {
            return $image;
        }
        $box = Replacement::picture($image);
        $box->changed = $rule['harms'] ?? false;

        return $box;
    }

    /** What rules call a picture from such a source: by how it travels, else by its format. */
    private static function kind(string $source): string
    {
        return match (true) {
            preg_match('~^data:image/(\w+)~i', $source, $match) === 1 => 'data '.strtolower($match[1]),
            str_starts_with($source, 'cid:') => 'cid',
            preg_match('~\.(svg|webp|gif)(?:$|[?#])~i', $source, $match) === 1 => strtolower($match[1]),
            default => 'plain',
        };
    }

    /** @return list<Element|string> the text with what the client takes for links made links of its own */
    private function found(string $text, Element $in): array
    {
        $parts = LinkFinder::in($text);
        foreach ($parts as $part) {
            if ($part instanceof Element) {
                $part->piece = $in->piece;
                $rule = (array) $this->rules->of('whole', 'found');
                $this->log->note($rule, 'found link', $in->piece, $part->words(), $part->attributes['href']);
            }
        }

        return $parts;
    }
}
