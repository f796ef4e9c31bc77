<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content;
use InkyCard\Card\Style\MarkLook;
use InkyCard\Card\Style\Style;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\Oklch;
use InkyCard\Link\ProfileDirectory;
use InkyCard\Link\ProfileLink;
use InkyCard\Link\ProfileText;
use InkyCard\Picture\Bake;
use InkyCard\Picture\Mark;
use InkyCard\Picture\Recipe;
use InkyCard\Picture\Shape;
use InkyCard\Picture\Tone;
use InkyCard\Refusal;
use InkyCard\Roster\ProfileFact;
use InkyCard\Type\TextMeasure;

final class ProfilesKind extends AbstractKind
{
    protected const CAN = [Capability::Personal, Capability::Profiles, Capability::Reach];

    protected const FACT = ProfileFact::Profiles;

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
                'Links',
                'profiles',
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

    public function mainField(): string
    {
        return 'links';
    }

    public function tunes(): array
    {
        return ['ink', 'underline', 'gap', 'joined'];
    }

    public function accept(array $fields, string $country): array
    {
        $lines = self::lines($fields, 'links', self::MAX, fn (mixed $raw) => ProfileText::line($raw, $country));
        $links = array_values(array_unique($lines === [] ? [] : explode("\n", implode("\n", $lines))));
        if (count($links) > self::MAX) {
            throw Refusal::because('There is room for :max links here.', '/links', ['max' => self::MAX]);
        }
        $form = self::choice($fields, 'form', self::FORMS, 'marks', 'Choose marks, words or larger buttons.');

        $marks = OwnMarks::accept($fields['marks'] ?? null, $links);

        return ['links' => $links, 'form' => $form, 'marks' => $marks ?: null];
    }

    public function content(Filled $piece, CardContext $card): array
    {
        $links = $spoken = [];
        foreach ($this->profiles($piece) as $link) {
            if ($link->address === '') {
                $spoken[] = $link;
            } else {
                $links[] = $link;
            }
        }
        $blocks = $links === [] ? [] : match ($piece->text('form')) {
            'words' => [self::words($links, $piece, $card)],
            'buttons' => self::buttons($links, $piece, $card),
            default => [self::marks($links, $piece, $card)],
        };

        return $spoken === [] ? $blocks : [...$blocks, self::spoken($spoken, $piece, $card)];
    }

    /**
     * Names that have no address, as words readers copy.
     *
     * @param  non-empty-list<ProfileLink>  $links
     */
    private static function spoken(array $links, Filled $piece, CardContext $card): Content\LineBlock
    {
        $size = $card->style->sizes->text;
        $runs = [];
        foreach ($links as $link) {
            if ($runs !== []) {
                $runs[] = self::run($piece, $card, Content\LineBlock::SEPARATOR, InkRole::Quiet, $size, plain: "\n");
            }
            $runs[] = self::run(
                $piece, $card, "$link->label $link->handle", InkRole::Body, $size,
                plain: "$link->label: $link->handle", guarded: true,
            );
        }

        return new Content\LineBlock($runs);
    }

    /** @param  non-empty-list<ProfileLink>  $links */
    private static function marks(array $links, Filled $piece, CardContext $card): Content\MarksBlock
    {
        $look = $card->style->marks;
        $inks = self::inks($piece, $card->style);
        $marks = [];
        foreach ($links as $link) {
            $marks[] = new Content\PictureBlock(
                self::inked($link->mark, $look, ...$inks), $look->size, $look->size, $link->label, $link->address,
            );
        }

        return new Content\MarksBlock($marks, $look->spacing);
    }

    /** A sign on its background, or a picture in the same two inks. */
    public static function mark(string $mark, Filled $piece, Style $style): Bake
    {
        return self::inked($mark, $style->marks, ...self::inks($piece, $style));
    }

    /** @return array{Colour, Colour} of the background of its marks, and of the signs on it */
    private static function inks(Filled $piece, Style $style): array
    {
        $background = self::background($piece, $style);

        return [$background, $style->marks->sign === null
            ? Contrast::readable($background, $style->ink(InkRole::Paper)) : $style->ink($style->marks->sign)];
    }

    private static function inked(string $mark, MarkLook $look, Colour $background, Colour $sign): Bake
    {
        if (str_contains($mark, ':')) {
            $shape = Shape::forPhotos()[$look->shape->value] ?? Shape::Square;

            return new Recipe($mark, $shape, $look->size, $look->size, tone: Tone::Tint, ink: $background);
        }

        return new Mark($mark, $look->shape, $look->size, $background, $sign, $look->season);
    }

    /** @param  non-empty-list<ProfileLink>  $links */
    private static function words(array $links, Filled $piece, CardContext $card): Content\LineBlock
    {
        $size = $card->style->sizes->text;
        $runs = [];
        foreach ($links as $link) {
            if ($runs !== []) {
                // In plain text each has a line of its own, as its address is written out.
                $runs[] = self::run($piece, $card, Content\LineBlock::SEPARATOR, InkRole::Quiet, $size, plain: "\n");
            }
            $runs[] = self::run(
                $piece, $card, $link->label, InkRole::Link, $size, href: $link->address,
                plain: "$link->label: $link->address",
            );
        }

        return new Content\LineBlock($runs);
    }

    /**
     * @param  non-empty-list<ProfileLink>  $links
     * @return non-empty-list<Content\ButtonBlock>
     */
    private static function buttons(array $links, Filled $piece, CardContext $card): array
    {
        $style = $card->style;
        $background = self::background($piece, $style);
        $ink = $style->button->outlined ? $background
            : Contrast::readable($background, $style->ink(InkRole::Paper));
        $size = $style->sizes->text;
        $buttons = [];
        $used = 0.0;
        foreach ($links as $link) {
            $words = TextMeasure::of($style->typeface, [[$link->label, $size, true]])->widest();
            $width = $words + 2 * $style->button->wide;
            $beside = $buttons !== [] && $used + $style->spacing->blocks + $width <= self::ROW;
            $used = $beside ? $used + $style->spacing->blocks + $width : $width;
            $run = new Content\TextRun(
                $link->label, $ink, $size, true, $link->address, lineHeight: $style->spacing->lineHeight,
            );
            $buttons[] = new Content\ButtonBlock($run, $background, $style->button, $beside);
        }

        return $buttons;
    }

    private static function background(Filled $piece, Style $style): Colour
    {
        $background = $style->inkOf($piece->tuning(), $style->marks->ink);

        return $style->marks->grey ? Oklch::of($background)->grey() : $background;
    }

    public function summary(Filled $piece): string
    {
        $links = $this->profiles($piece);

        return count($links) > 3 ? count($links).' links' : implode(', ', array_column($links, 'label'));
    }

    /** Two of one network are told apart by their handles. */
    public function profiles(Filled $piece): array
    {
        $own = $piece->pairs('marks');
        $links = $labels = [];
        foreach ($piece->lines('links') as $line) {
            $links[] = $link = ProfileDirectory::read($line)->marked($own[$line] ?? null);
            $labels[$link->label] = true;
        }

        return count($labels) < count($links) ? self::apart($links) : $links;
    }

    public function standing(Standing $known): array
    {
        return ['links' => $known->brand->lines->profiles];
    }

    /** Those of the firm change with it, those of the person stay where they are. */
    public function follow(Filled $piece, Standing $was, Standing $is): array
    {
        [$from, $to] = [$was->brand->lines->profiles, $is->brand->lines->profiles];
        $links = $piece->lines('links');
        if ($from === $to || array_intersect($links, $from) === []) {
            return [];
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
        $after = array_values(array_unique([...$after, ...array_diff(array_slice($new, count($gone)), $after)]));

        return $after === $links ? [] : ['links' => $after];
    }

    public function contactProperties(Filled $piece): array
    {
        return array_map(self::contactProperty(...), $this->profiles($piece));
    }

    /** A chat, a profile of a network (RFC 9554, 3.5), or a page of one's own. */
    private static function contactProperty(ProfileLink $link): ContactProperty
    {
        $row = ProfileDirectory::all()[$link->kind] ?? null;
        if ($row === null || $row['hosts'] === []) {
            return new ContactProperty('URL', $link->address);
        }
        $service = ['SERVICE-TYPE' => $row['label']];

        return match (true) {
            $link->address === '' => new ContactProperty(
                'SOCIALPROFILE', $link->handle, $service + ['VALUE' => 'text', 'USERNAME' => $link->handle],
            ),
            in_array('messaging', $row['trades'], true) => new ContactProperty('IMPP', $link->address, $service),
            default => new ContactProperty(
                'SOCIALPROFILE', $link->address, $service + ['VALUE' => 'uri']
                    + ($link->handle === '' ? [] : ['USERNAME' => $link->handle]),
            ),
        };
    }

    /**
     * @param  list<ProfileLink>  $links
     * @return list<ProfileLink>
     */
    private static function apart(array $links): array
    {
        $labels = array_count_values(array_column($links, 'label'));

        return array_map(
            fn (ProfileLink $link) => $labels[$link->label] > 1 && $link->handle !== '' && $link->address !== ''
                ? $link->called("$link->label $link->handle")
                : $link,
            $links,
        );
    }
}
