<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Card;
use InkyCard\Card\Content;
use InkyCard\Card\Edit\TunePiece;
use InkyCard\Card\Piece;
use InkyCard\Card\Style\Style;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\Oklch;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Link\ProfileLink;
use InkyCard\Link\ProfileText;
use InkyCard\Picture\Mark;
use InkyCard\Refusal;
use InkyCard\Type\TextMeasure;

final class ProfilesKind extends AbstractKind
{
    private const MAX = 24;

    private const FORMS = ['marks' => 'Marks', 'words' => 'Words', 'buttons' => 'Larger buttons'];

    /** Room larger buttons share a line in, CSS px: that of a phone. */
    private const ROW = 300;

    public function __construct()
    {
        parent::__construct(
            'profiles', 'Profile links', 'link-45deg',
            'Where else people find you, as marks. Paste addresses, one a line.', Zone::Under,
        );
    }

    public function fields(): array
    {
        return [
            new Field(
                'links',
                'Addresses, one a line',
                'lines',
                'Paste them as you have them, handles too. A name before an address, such as "Portfolio: '
                    .'quillfern.example/work", names a site of your own.',
                'linkedin.com/in/maren-oakhollow',
            ),
            new Field(
                'form', 'Shown as', 'choice', 'A second piece can show two of them again as larger buttons.',
                choices: self::FORMS,
            ),
        ];
    }

    public function tunes(): array
    {
        return ['ink', 'gap', 'joined'];
    }

    public function accept(array $fields, string $country): array
    {
        $lines = self::lines($fields, 'links', self::MAX, self::sorted(...));
        $links = array_values(array_unique($lines === [] ? [] : explode("\n", implode("\n", $lines))));

        $form = $fields['form'] ?? 'marks';
        if (! is_string($form) || ! isset(self::FORMS[$form])) {
            throw Refusal::because('Choose marks, words or larger buttons.', '/form');
        }

        return [
            'links' => count($links) <= self::MAX
                    ? $links
                    : throw Refusal::because('There is room for '.self::MAX.' links here.', '/links'),
            'form' => $form,
        ];
    }

    /** One line as it was pasted, in its own form; several links on it become several lines. */
    private static function sorted(mixed $raw): string
    {
        try {
            return ProfileDirectory::read($raw)->line();
        } catch (Refusal $refusal) {
            $found = is_string($raw) ? ProfileText::sort($raw)['links'] : [];

            return $found === []
                ? throw $refusal
                : implode("\n", array_map(fn (array $link) => ProfileDirectory::read($link['address'])->line(), $found));
        }
    }

    public function content(Piece $piece, Card $card): array
    {
        $links = self::links($piece);

        return $links === [] ? [] : match ($piece->text('form')) {
            'words' => [self::words($links, $piece, $card)],
            'buttons' => self::buttons($links, $piece, $card),
            default => [self::marks($links, $piece, $card)],
        };
    }

    /** @param  non-empty-list<ProfileLink>  $links */
    private static function marks(array $links, Piece $piece, Card $card): Content\MarksBlock
    {
        $style = $card->style;
        $ground = self::ground($piece, $style);
        $ink = Contrast::readable($ground, $style->ink(InkRole::Paper));
        $size = $style->markSize;

        return new Content\MarksBlock(array_map(fn (ProfileLink $link) => new Content\PictureBlock(
            new Mark($link->mark, $style->markShape, $size, $ground, $ink, $style->markDress),
            $size,
            $size,
            $link->label,
            $link->address,
        ), $links), $style->markGap);
    }

    /** @param  non-empty-list<ProfileLink>  $links */
    private static function words(array $links, Piece $piece, Card $card): Content\LineBlock
    {
        $size = $card->style->sizes['text'];
        $runs = [];
        foreach ($links as $link) {
            if ($runs !== []) {
                // In plain text each has a line of its own, as its address is written out.
                $runs[] = $piece->run($card, TunePiece::SEPARATOR, InkRole::Quiet, $size, plain: "\n");
            }
            $runs[] = $piece->run(
                $card, $link->label, InkRole::Link, $size, href: $link->address, plain: "$link->label: $link->address",
            );
        }

        return new Content\LineBlock($runs);
    }

    /**
     * @param  non-empty-list<ProfileLink>  $links
     * @return non-empty-list<Content\ButtonBlock>
     */
    private static function buttons(array $links, Piece $piece, Card $card): array
    {
        $style = $card->style;
        $ground = self::ground($piece, $style);
        $ink = Contrast::readable($ground, $style->ink(InkRole::Paper));
        $size = $style->sizes['text'];
        $buttons = [];
        $used = 0.0;
        foreach ($links as $link) {
            $width
                = TextMeasure::of($style->typeface, [[$link->label, $size, true]])->widest() + 2 * $style->buttonRoom[1];
            $beside = $buttons !== [] && $used + $style->gaps['blocks'] + $width <= self::ROW;
            $used = $beside ? $used + $style->gaps['blocks'] + $width : $width;
            $buttons[] = new Content\ButtonBlock(
                new Content\TextRun($link->label, $ink, $size, true, $link->address, leading: $style->leading), $ground,
                $style->radius, $beside,
            );
        }

        return $buttons;
    }

    private static function ground(Piece $piece, Style $style): Colour
    {
        $ground = $style->ink($piece->tuning->ink ?? $style->markInk);

        return $style->markGrey ? Oklch::of($ground)->grey() : $ground;
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

        return array_map(
            fn (ProfileLink $link) => $labels[$link->label] > 1 && $link->handle !== ''
                ? new ProfileLink($link->kind, "$link->label $link->handle", $link->address, $link->mark, $link->handle)
                : $link,
            $links,
        );
    }
}
