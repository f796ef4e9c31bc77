<?php

namespace Tests\Browser;

use InkyCard\Card\Starter\Starters;
use InkyCard\Type\FontStack;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Pages in languages nobody speaks: one whose words are longer, one from right to left. Nothing is wider than its
 * window then, and no word of ours is in English: it would stand in no language file.
 */
final class LanguagesTest extends BrowserTestCase
{
    private const PAGES = [
        '/cards', '/cards/start', '/cards/9?piece=p3', '/cards/9/proof', '/cards/9/hand-over', '/brand', '/banners',
        '/settings/programs', '/account', '/campaigns', '/clicks', '/cards/9/proof/word-desktop', '/pictures',
        '/pictures/1', '/cards/4/links', '/tray', '/tray/write', '/placements', '/campaigns/recipients', '/settings',
        '/members', '/help', '/people', '/people/mail-server', '/people/duties', '/people/rollouts/new',
        '/people/rollouts/1', '/tray/1', '/tray/3', '/tray/8',
    ];

    private const TIGHT = 12;

    /** Names of what is not ours, and signs. */
    private const NAMES = '~^(?:Inky|Card|HTML|CSS|CSV|PNG|JPEG|GIF|WebP|SVG|KB|KiB|MB|px|JMAP|ZIP|RFC|OpenAPI|HTTP|ICS'
        .'|iCalendar|vCard|vcf|eml|UTC|UTM|CID|EXIF|PDF|Outlook|Gmail|Yahoo|Fastmail|Proton|Thunderbird|Apple|iPhone'
        .'|iPad|Android|Windows|Mac|Word|WebKit|caniemail|MIT|and|Chrome|DejaVu|question|January|February|March|April'
        .'|June|July|August|September|October|November|December|Jan|Feb|Mar|Apr|Jun|Jul|Aug|Sep|Sept|Oct|Nov'
        .'|Dec|ext)$~i';

    private static Desk $desk;

    public static function setUpBeforeClass(): void
    {
        self::$desk = Desk::shared();
    }

    public static function tearDownAfterClass(): void
    {
        self::$desk->devtools('Emulation.clearDeviceMetricsOverride', []);
        self::speak('');
    }

    private static function speak(string $language): void
    {
        self::$desk->database()->prepare("update users set language = ? where email = 'maren@quillfern.example'")
            ->execute([$language]);
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function windows(): iterable
    {
        foreach (['en-x-longer' => 'ltr', 'en-x-turned' => 'rtl'] as $language => $direction) {
            foreach ([360, 1280] as $width) {
                yield "$language at $width" => [$language, $direction, $width];
            }
        }
    }

    #[DataProvider('windows')]
    public function test_pages_hold_in_other_languages(string $language, string $direction, int $width): void
    {
        $this->signIn();
        self::speak($language);
        self::$desk->devtools('Emulation.setDeviceMetricsOverride', [
            'width' => $width, 'height' => 800, 'deviceScaleFactor' => 1, 'mobile' => false,
        ]);
        $known = self::written();
        $wide = $outside = [];
        // Where room is tight, those that fill it.
        foreach ($width === 360 ? array_slice(self::PAGES, 0, self::TIGHT) : self::PAGES as $page) {
            self::$desk->browser->get(self::$desk->base.$page);
            $this->assertSame($direction, $this->script('return document.documentElement.dir'), $page);
            $over = (int) $this->script(
                'return document.documentElement.scrollWidth - document.documentElement.clientWidth',
            );
            $over <= 0 || $wide[$page] = $over;
            foreach ($width === 1280 ? (array) $this->script(self::READ) : [] as $text) {
                $left = self::english((string) $text, $known);
                $left === [] || $outside["$page: ".mb_substr((string) $text, 0, 80)] = implode(' ', $left);
            }
        }
        $this->assertSame([], $wide, 'pages wider than their window, px');
        $this->assertSame([], $outside, 'words in no language file');
    }

    /**
     * @param  array<string, true>  $known
     * @return array<string> words of a text that are none of the page's language; of one that is cut, nothing is told
     */
    private static function english(string $text, array $known): array
    {
        preg_match_all('~(?<![\p{L}\d@./#:_%-])[A-Za-z]{3,}(?![\p{L}\d@/_-]|\.\p{L})~u', $text, $words);

        return str_ends_with($text, '...') ? [] : array_filter(
            $words[0], fn (string $word) => ! isset($known[strtolower($word)]) && preg_match(self::NAMES, $word) === 0,
        );
    }

    /** Texts of a page that are ours: no frames, nothing that is marked as a name, nothing typed. */
    private const READ = <<<'JS'
        const skip = '[translate="no"], script, noscript, style, textarea, svg, code, .measure, datalist';
        const texts = new Set();
        const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
        while (walk.nextNode()) {
          if (!walk.currentNode.parentElement.closest(skip)) texts.add(walk.currentNode.data.trim());
        }
        for (const name of ['title', 'alt', 'placeholder', 'aria-label']) {
          for (const one of document.querySelectorAll(`[${name}]`)) {
            if (!one.closest(skip)) texts.add(one.getAttribute(name));
          }
        }
        return [...texts].filter(Boolean);
        JS;

    /** @return array<string, true> words that stand in what the demo's people wrote */
    private static function written(): array
    {
        $words = [];
        $database = self::$desk->database();
        $all = fn (string $query): iterable => $database->query($query, \PDO::FETCH_NUM) ?: [];
        foreach ($all("select name from sqlite_master where type = 'table'") as [$table]) {
            foreach ($all("select * from \"$table\"") as $row) {
                preg_match_all('/[A-Za-z]{3,}/', implode(' ', array_filter($row, is_string(...))), $found);
                $words += array_fill_keys(array_map(strtolower(...), $found[0]), true);
            }
        }

        $names = [...array_column(Starters::all(), 'name'), ...array_map(
            fn (FontStack $face): string => $face->name().' '.$face->css(), FontStack::all(),
        )];
        preg_match_all('/[A-Za-z]{3,}/', implode(' ', $names), $found);

        return $words + array_fill_keys(array_map(strtolower(...), $found[0]), true);
    }
}
