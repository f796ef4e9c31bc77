<?php

namespace InkyCard\Card\Kind;

use InkyCard\Brand\InkRole;
use InkyCard\Card\Content;
use InkyCard\Card\Style\Style;
use InkyCard\Link\WebAddress;
use InkyCard\Picture\PlacePicture;
use InkyCard\Time\Day;
use InkyCard\Type\CleanText;

final class LatestPostKind extends AbstractKind
{
    protected const CAN = [Capability::Feed];

    private const WIDTHS = [160, 600];

    private const WIDTH = 420;

    /** Lines of the title of one that is a picture. */
    public const LINES = 2;

    public function __construct()
    {
        parent::__construct(
            'post', 'Latest post', 'rss', 'The newest entry of a journal or shop, by its title.', Zone::Under,
        );
    }

    public function mainField(): string
    {
        return 'title';
    }

    public function tunes(): array
    {
        return [...parent::tunes(), 'underline'];
    }

    public function following(Filled $piece): array
    {
        return $piece->text('feed') === '' ? [] : ['title', 'address'];
    }

    public function isHosted(Filled $piece): bool
    {
        return $piece->text('form') === 'picture' && $piece->text('feed') !== '';
    }

    public function fields(): array
    {
        return [
            new Field('title', 'Title', example: 'What to plant in a wet autumn'),
            new Field('address', 'Its address', 'url', example: 'quillfern.example/journal/wet-autumn'),
            new Field('lead', 'Before it', example: 'New in the journal:'),
            new Field(
                'feed', 'Feed', 'url',
                'Address of a feed (RSS, Atom, JSON Feed), or of a page that has one: title and address follow it.',
                'quillfern.example/journal.atom',
            ),
            new Field(
                'form', 'Shown as', 'choice',
                'A picture shows the newest entry on the day a message is opened; words stay those of the day they '
                    .'were taken.',
                choices: ['' => 'words', 'picture' => 'a picture of its words, which follows the feed'],
            ),
            new Field('mark', 'Day it came out', 'choice', choices: ['' => 'behind the title', 'none' => 'not shown']),
            new Field('width', 'Width of the picture', 'pixels', sprintf('%d to %d px.', ...self::WIDTHS)),
        ];
    }

    /**
     * `day`, `place` and `link` are set by what follows the feed and serves the picture: when the entry came out, where
     * the picture is (see PlacePicture), and where it leads on from, which may be this machine alone.
     */
    public function accept(array $fields, string $country): array
    {
        $place = $fields['place'] ?? '';

        return [
            'title' => self::optional($fields, 'title', fn ($raw) => CleanText::of($raw, 160, 'title')),
            'address' => self::optional($fields, 'address', fn ($raw) => WebAddress::parse($raw, 'address')->address),
            'lead' => self::optional($fields, 'lead', fn ($raw) => CleanText::of($raw, 60, 'lead')),
            'feed' => self::optional($fields, 'feed', fn ($raw) => WebAddress::parse($raw, 'feed')->address),
            'form' => ($fields['form'] ?? '') === 'picture' ? 'picture' : '',
            'mark' => ($fields['mark'] ?? '') === 'none' ? 'none' : '',
            'width' => self::pixels($fields, 'width', self::WIDTHS, self::WIDTH),
            'day' => self::date($fields, 'day'),
            'place' => PlacePicture::isPlace($place) ? $place : '',
            'link' => self::optional(
                $fields, 'link', fn ($raw) => WebAddress::parse($raw, 'address it leads to', inside: true)->address,
            ),
        ];
    }

    public function needs(): array
    {
        return ['title', 'address'];
    }

    public function content(Filled $piece, CardContext $card): array
    {
        if ($piece->text('title') === '') {
            return [];
        }

        return $this->isHosted($piece) && $piece->text('place') !== '' ? [$this->picture($piece, $card)]
            : [new Content\LineBlock($this->words($piece, $card))];
    }

    /** @return non-empty-list<Content\TextRun> */
    private function words(Filled $piece, CardContext $card): array
    {
        [$title, $address, $lead] = [$piece->text('title'), $piece->text('address'), $piece->text('lead')];
        $size = $card->style->sizes->text;
        $runs = [self::run($piece, $card, $title, InkRole::Link, $size, href: $address, plain: "$title: $address")];
        if ($lead !== '') {
            array_unshift($runs, self::run($piece, $card, "$lead ", InkRole::Quiet, $size));
        }
        $day = self::marked($piece);
        if ($day !== null) {
            $runs[] = self::run($piece, $card, ', '.$card->day($day), InkRole::Quiet, $card->style->sizes->small);
        }

        return $runs;
    }

    private function picture(Filled $piece, CardContext $card): Content\PictureBlock
    {
        [$width, $height] = self::size($piece, $card->style);

        // The title of the day would be read in its place for years: it says what it is, or where it is from.
        return new Content\PictureBlock(
            new PlacePicture($piece->text('place'), $width, $height), $width, $height,
            trim($piece->text('lead'), ' :') ?: (string) parse_url($piece->text('address'), PHP_URL_HOST),
            $piece->text('link') ?: null, true, true,
        );
    }

    /** @return array{int, int} of its picture, CSS px: room for the title and the line of its day */
    public static function size(Filled $piece, Style $style): array
    {
        $high = $style->spacing->lineHeight;
        $title = self::LINES * $high * ($piece->tuning()->size ?? $style->sizes->text);

        return [
            (int) $piece->text('width') ?: self::WIDTH,
            (int) ceil($title + ($piece->text('mark') === '' ? $high * $style->sizes->small : 0)),
        ];
    }

    /** The day to show behind the title; null for none. */
    private static function marked(Filled $piece): ?Day
    {
        return $piece->text('mark') === '' && $piece->text('day') !== '' ? Day::parse($piece->text('day')) : null;
    }
}
