<?php

namespace InkyCard\Card\Edit;

use InkyCard\Brand\Brand;
use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Piece;

/**
 * Brings a card from one state of the brand to the next: what it has as the
 * brand had it changes with the brand; what it has otherwise is its own and stays.
 */
final readonly class FollowBrand implements BulkEdit
{
    /** kind => field => the standing line it carries */
    private const LINES = [
        'company' => ['text' => 'company'], 'phone' => ['number' => 'phone'], 'email' => ['address' => 'email'],
        'address' => ['text' => 'address', 'map' => 'map'], 'web' => ['address' => 'web'],
    ];

    public function __construct(public Brand $from, public Brand $to)
    {
    }

    public function apply(Card $card): Card
    {
        $style = $this->style($card);

        return $card->with([
            'style' => $style === [] ? $card->style : $card->style->with($style),
            'pieces' => array_map(fn (Piece $piece) => $this->piece($card, $piece), $card->pieces),
        ]);
    }

    public function back(): self
    {
        return new self($this->to, $this->from);
    }

    public function touches(Card $card): bool
    {
        if ($this->style($card) !== []) {
            return true;
        }
        foreach ($card->pieces as $piece) {
            if ($this->fields($piece) !== []) {
                return true;
            }
        }

        return false;
    }

    public function words(Card $before): string
    {
        $style = $this->style($before);
        $parts = [];
        foreach ($style['inks'] ?? [] as $role => $ink) {
            $parts[] = "$role ink";
        }
        foreach (['typeface', 'sizes'] as $part) {
            if (isset($style[$part])) {
                $parts[] = $part;
            }
        }
        foreach ($before->pieces as $piece) {
            if ($this->fields($piece) !== []) {
                $parts[] = mb_strtolower($piece->kind->label());
            }
        }

        return 'Brand: '.implode(', ', array_unique($parts)).' changed';
    }

    /**
     * @return array{inks?: array<string, string>, typeface?: string, sizes?: array<string, float>} parts of the style
     *     document
     */
    private function style(Card $card): array
    {
        $style = [];
        foreach (InkRole::cases() as $role) {
            [$old, $new] = [$this->from->inks[$role->value], $this->to->inks[$role->value]];
            if (! $old->equals($new) && $card->style->ink($role)->equals($old)) {
                $style['inks'][$role->value] = $new->toHex();
            }
        }
        if ($this->from->typeface->key !== $this->to->typeface->key
            && $card->style->typeface->key === $this->from->typeface->key) {
            $style['typeface'] = $this->to->typeface->key;
        }
        foreach ($this->to->sizes as $part => $size) {
            if ($size !== $this->from->sizes[$part]
                && abs($card->style->sizes[$part] - $this->from->sizes[$part]) < 0.01) {
                $style['sizes'][$part] = $size;
            }
        }

        return $style;
    }

    private function piece(Card $card, Piece $piece): Piece
    {
        $changes = $this->fields($piece);

        return $changes === []
            ? $piece
            : $piece->with([
                'fields' => $piece->kind->accept([...$piece->fields, ...$changes], $card->country) + $piece->fields,
            ]);
    }

    /** @return array<string, mixed> fields that follow */
    private function fields(Piece $piece): array
    {
        $kind = $piece->kind->key();
        [$from, $to] = [$this->from->lines->toArray(), $this->to->lines->toArray()];
        $changes = [];
        foreach (self::LINES[$kind] ?? [] as $field => $line) {
            if ($from[$line] !== $to[$line] && $from[$line] !== '' && $piece->text($field) === $from[$line]) {
                $changes[$field] = $to[$line];
            }
        }
        // A map left to a search of the address follows only together with it.
        if ($kind === 'address' && $from['map'] === '' && $to['map'] !== '' && $piece->text('map') === ''
            && in_array($piece->text('text'), [$from['address'], $to['address']], true) && $from['address'] !== '') {
            $changes['map'] = $to['map'];
        }
        if ($kind === 'profiles') {
            $links = is_array($piece->fields['links'] ?? null) ? $piece->fields['links'] : [];
            $after = $this->profiles($links);
            if ($after !== $links) {
                $changes['links'] = $after;
            }
        }
        if ($kind === 'logo') {
            [$old, $new] = [$this->from->logos['light'], $this->to->logos['light']];
            if ($old !== null && $new !== null && $old !== $new && $piece->text('picture') === $old['picture']) {
                $changes += $new;
            }
        }
        if ($kind === 'notice') {
            foreach ($this->from->notices as $index => $old) {
                // The one of its name, or, where it was renamed, the one in its place.
                $new = $this->to->notice($old->name) ?? ($this->to->notices[$index] ?? null);
                if ($new !== null && [$old->text, $old->documents] !== [$new->text, $new->documents]
                    && $piece->text('text') === $old->text && ($piece->fields['documents'] ?? []) === $old->documents) {
                    $changes += ['text' => $new->text, 'documents' => $new->documents];
                }
            }
        }

        return $changes;
    }

    /**
     * Those of the firm change with it, those of the person stay where they are.
     *
     * @param  array<array-key, mixed>  $links
     * @return list<mixed>
     */
    private function profiles(array $links): array
    {
        [$from, $to] = [$this->from->lines->profiles, $this->to->lines->profiles];
        $links = array_values($links);
        if ($from === $to || array_intersect($links, $from) === []) {
            return $links;
        }
        [$gone, $new] = [array_values(array_diff($from, $to)), array_values(array_diff($to, $from))];
        $after = [];
        foreach ($links as $link) {
            $at = array_search($link, $gone, true);
            if ($at === false) {
                $after[] = $link;
            } elseif (isset($new[$at])) {
                // In place of the one it takes over from.
                $after[] = $new[$at];
            }
        }

        return array_values(array_unique([...$after, ...array_diff(array_slice($new, count($gone)), $after)]));
    }
}
