<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Content;
use InkyCard\Card\Field;
use InkyCard\Card\Piece;
use InkyCard\Card\Zone;
use InkyCard\Colour\Contrast;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Link\ProfileLink;
use InkyCard\Link\ProfileText;
use InkyCard\Picture\Mark;
use InkyCard\Refusal;

final class Profiles extends Base
{
    private const MAX = 24;

    /** Between two marks, as a share of their size. */
    private const GAP = 0.3;

    public function __construct()
    {
        parent::__construct('profiles', 'Profile links', 'link-45deg', 'Where else people find you, as marks. Paste addresses, one a line.', Zone::Under);
    }

    public function fields(): array
    {
        return [new Field('links', 'Addresses, one a line', 'lines', 'Paste them as you have them, handles too. A name before an address, such as "Portfolio: quillfern.example/work", names a site of your own.', 'linkedin.com/in/maren-oakhollow')];
    }

    public function tunes(): array
    {
        return ['ink', 'gap', 'joined'];
    }

    public function accept(array $fields, string $country): array
    {
        $lines = self::lines($fields, 'links', self::MAX, self::sorted(...));
        $links = array_values(array_unique($lines === [] ? [] : explode("\n", implode("\n", $lines))));

        return ['links' => count($links) <= self::MAX ? $links : throw Refusal::because('There is room for '.self::MAX.' links here.', '/links')];
    }

    /** One line as it was pasted, in its own form; several links on it become several lines. */
    private static function sorted(mixed $raw): string
    {
        try {
            return ProfileDirectory::read($raw)->line();
        } catch (Refusal $refusal) {
            $found = is_string($raw) ? ProfileText::sort($raw)['links'] : [];

            return $found === [] ? throw $refusal : implode("\n", array_map(fn (array $link) => ProfileDirectory::read($link['address'])->line(), $found));
        }
    }

    public function content(Piece $piece, Card $card): array
    {
        $style = $card->style;
        $ground = $style->ink($piece->tuning->ink ?? $style->markInk);
        $ink = Contrast::readable($ground, $style->ink(InkRole::Paper));
        $size = $style->markSize;
        $marks = array_map(fn (ProfileLink $link) => new Content\Picture(
            new Mark($link->mark, $style->markShape, $size, $ground, $ink),
            $size,
            $size,
            $link->label,
            $link->address,
        ), self::links($piece));

        return $marks === [] ? [] : [new Content\Marks($marks, (int) round($size * self::GAP))];
    }

    public function summary(Piece $piece): string
    {
        $links = self::links($piece);

        return count($links) > 3 ? count($links).' links' : implode(', ', array_column($links, 'label'));
    }

    /** @return list<ProfileLink> two of one network told apart by their handles */
    public static function links(Piece $piece): array
    {
        $lines = $piece->fields['links'] ?? [];
        $links = $seen = [];
        $alike = false;
        foreach (is_array($lines) ? $lines : [] as $line) {
            $links[] = $link = ProfileDirectory::read($line);
            $alike = $alike || isset($seen[$link->label]);
            $seen[$link->label] = true;
        }

        return $alike ? self::apart($links) : $links;
    }

    /**
     * @param  list<ProfileLink>  $links
     * @return list<ProfileLink>
     */
    private static function apart(array $links): array
    {
        $labels = array_count_values(array_column($links, 'label'));

        return array_map(fn (ProfileLink $link) => $labels[$link->label] > 1 && $link->handle !== ''
            ? new ProfileLink($link->kind, "$link->label $link->handle", $link->address, $link->mark, $link->handle) : $link, $links);
    }
}
