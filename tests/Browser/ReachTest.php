<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** Screens within reach: on narrow windows, and with the keyboard alone. */
final class ReachTest extends BrowserTestCase
{
    private static Desk $desk;

    public static function setUpBeforeClass(): void
    {
        self::$desk = Desk::shared();
    }

    protected function setUp(): void
    {
        $this->signIn();
    }

    protected function tearDown(): void
    {
        self::$desk->devtools('Emulation.setCPUThrottlingRate', ['rate' => 1]);
    }

    /** The page of a house card. */
    private static function house(): string
    {
        $found = self::$desk->database()->query('select card_id from houses limit 1');

        return '/people/houses/'.($found ? (string) $found->fetchColumn() : '');
    }

    public static function tearDownAfterClass(): void
    {
        self::$desk->devtools('Emulation.clearDeviceMetricsOverride', []);
    }

    public function test_what_scrolls_on_a_phone_scrolls_by_keyboard(): void
    {
        self::$desk->devtools('Emulation.setDeviceMetricsOverride', [
            'width' => 390, 'height' => 844, 'deviceScaleFactor' => 1, 'mobile' => false,
        ]);
        foreach (['/cards/9/hand-over', '/tray', '/clicks', '/cards/9/proof'] as $page) {
            self::$desk->browser->get(self::$desk->base.$page);
            $this->assertReachable("$page at 390 px");
        }
    }

    public function test_no_page_is_wider_than_its_window_nor_out_of_reach_on_a_phone(): void
    {
        self::$desk->browser->get(self::$desk->base.'/cards/9/hand-over?to=iphone');
        $phone = (string) preg_replace(
            '~^https?://[^/]+~',
            '',
            (string) $this->script('return document.querySelector("[data-code]").dataset.code'),
        );
        self::$desk->browser->get(self::$desk->base.'/cards/start');
        $this->script(
            'const words = document.querySelector("textarea[name=text]"); words.value = "Tobiah Reedmace\nPlanting '
                .'lead, Quillfern Garden Studio\ntobiah.reedmace.of.the.nursery@quillfern.example\n+44 1632 960148"; '
                .'words.form.submit()',
        );
        $this->until(
            fn () => str_contains(self::$desk->browser->getCurrentURL(), '/cards/bring/'),
            'what was read is shown',
        );
        $brought = (string) parse_url(self::$desk->browser->getCurrentURL(), PHP_URL_PATH);
        $database = self::$desk->database();
        $long = str_repeat('Subjectwithoutanybreak', 11);
        $database->prepare("insert into tray_messages
            (workspace_id, \"from\", \"to\", subject, origin, raw, received_at)
            values (1, 'a@b.example', 'c@d.example', ?, 'dropped', ?, '2026-11-28')")
            ->execute([$long, "From: a@b.example\r\nSubject: $long\r\n\r\nHello"]);
        $message = '/tray/'.$database->lastInsertId();
        // Where room is tight every page is tried, where there is plenty those that fill it.
        foreach ([360 => 99, 768 => 99, 1280 => 4, 1920 => 4] as $width => $most) {
            self::$desk->devtools('Emulation.setDeviceMetricsOverride', [
                'width' => $width, 'height' => 800, 'deviceScaleFactor' => 1, 'mobile' => false,
            ]);
            foreach (
                array_slice(
                    [
                        '/cards', '/cards/start', '/cards/9?piece=p3', '/cards/9/proof', '/cards/9/hand-over', '/brand',
                        '/brand/change', '/pictures', '/pictures/1', '/pictures/hand', '/clicks', '/cards/4/links',
                        '/cards/9/proof/word-desktop', '/cards/9/proof/sheet', '/tray', '/tray/write',
                        '/cards/9/hand-over?to=apple-mail', '/cards/9/hand-over?to=iphone',
                        '/cards/9/hand-over/mailbox', '/placements', '/cards/9/copy?short=1', '/tray/ready',
                        '/tray/ready/1', '/tray/write?ready=1', '/cards/9/hand-over?to=template', $phone, $brought,
                        $message, '/cards/9/forms', '/cards/9/pieces/p1/crop', '/cards/9?piece=p10',
                        '/cards/start?to=outlook-web&people=many&freedom=own', '/cards/9/hand-over?to=one-picture',
                        '/cards/9/sketches', '/cards/9/profile-kinds?piece=p9', '/cards/9?piece=p9', '/banners',
                        '/banners/1', '/banners/occasions', '/banners?window=1', '/banners/carried', '/quotations',
                        '/account', '/account/second', '/members', '/settings', '/settings/log', '/settings/programs',
                        '/people', '/people/new', '/people/mail-server', '/people/duties', '/people/rollouts/1',
                        '/people/rollouts/1/words', '/people/rollouts/new',
                        '/campaigns?campaign=1', '/footers/1', '/letters/1', '/campaigns/recipients?footer=1',
                        '/tray/3', self::house(),
                    ],
                    0,
                    $most,
                ) as $path
            ) {
                self::$desk->browser->get(self::$desk->base.$path);
                usleep(150_000);
                $this->assertLessThanOrEqual(
                    $width,
                    $this->script('return document.documentElement.scrollWidth'),
                    "$path at $width px: ".json_encode($this->script(
                        'return [...document.body.querySelectorAll("*")].filter((one) => one.getBoundingClientRect()'
                            .'.right > innerWidth && !one.closest(".tabs, .plan")).slice(0, 4)'
                            .'.map((one) => one.outerHTML.slice(0, 80))',
                    )),
                );
                if ($width === 360) {
                    $this->assertReachable("$path at $width px");
                }
            }
        }
    }

    /** Of what is mended, before and after stand side by side where there is room. */
    public function test_what_was_mended_fits_a_phone(): void
    {
        self::$desk->devtools('Emulation.setDeviceMetricsOverride', [
            'width' => 360, 'height' => 800, 'deviceScaleFactor' => 1, 'mobile' => false,
        ]);
        self::$desk->browser->get(self::$desk->base.'/cards/9/proof');
        $this->script('document.querySelector("form[action*=\\"/mend\\"] button").click()');
        $this->until(fn () => $this->script('return document.querySelector(".before-after") !== null'), 'it is mended');
        $this->assertLessThanOrEqual(360, $this->script('return document.documentElement.scrollWidth'));
        $this->assertReachable('what was mended');
    }

    public function test_choices_in_lists_take_effect_when_they_are_made(): void
    {
        $lists = ['/clicks' => 'days', '/people' => 'sort', '/settings/log' => 'object', '/cards' => 'sort'];
        foreach ($lists as $page => $of) {
            self::$desk->browser->get(self::$desk->base.$page);
            $value = (string) $this->script(
                'const list = document.querySelector(`main form[data-at-once] [name="${arguments[0]}"]`); list.focus();'
                    .'list.selectedIndex = list.options.length - 1;'
                    .'list.dispatchEvent(new Event("change", { bubbles: true })); return list.value', $of,
            );
            $shown = fn (): bool => str_contains(self::$desk->browser->getCurrentURL(), "$of=".rawurlencode($value));
            $this->until($shown, "$page is shown by it");
            $this->until(fn () => $this->script('return document.activeElement.name') === $of, 'the focus stays on it');
        }
    }

    /** Cumulative layout shift: what comes late has its room before (at a quarter of this machine's speed). */
    public function test_nothing_jumps_while_a_page_loads_on_a_phone(): void
    {
        self::$desk->devtools('Emulation.setDeviceMetricsOverride', [
            'width' => 412, 'height' => 823, 'deviceScaleFactor' => 1, 'mobile' => true,
        ]);
        self::$desk->devtools('Emulation.setCPUThrottlingRate', ['rate' => 4]);
        $jumped = [];
        foreach ([
            '/cards', '/cards/9', '/cards/9/hand-over', '/cards/9/hand-over?to=one-picture', '/banners/1', '/footers/1',
            '/letters/1', self::house(), '/account/second',
        ] as $path) {
            self::$desk->browser->get(self::$desk->base.$path);
            usleep(1_200_000);
            $shift = self::$desk->browser->executeAsyncScript('const done = arguments[0]; let sum = 0;
                new PerformanceObserver((list) => list.getEntries().forEach(({ value }) => { sum += value; }))
                    .observe({ type: "layout-shift", buffered: true });
                setTimeout(() => done(sum), 200);');
            $shift < 0.02 || $jumped[$path] = $shift;
        }
        $this->assertSame([], $jumped);
    }

    /** What stays in view while a page scrolls covers no stop, on the way there and back (WCAG 2.2, 2.4.11). */
    public function test_nothing_that_stays_in_view_covers_what_has_the_focus(): void
    {
        $covered = [];
        foreach ([['/cards/9', 360], ['/cards/9', 900], ['/banners/1', 360], ['/letters/1', 360]] as [$path, $width]) {
            self::$desk->devtools('Emulation.setDeviceMetricsOverride', [
                'width' => $width, 'height' => 700, 'deviceScaleFactor' => 1, 'mobile' => false,
            ]);
            self::$desk->browser->get(self::$desk->base.$path);
            usleep(600_000);
            foreach ([...array_fill(0, 40, []), ...array_fill(0, 34, [WebDriverKeys::SHIFT])] as $with) {
                self::$desk->browser->getKeyboard()->sendKeys([...$with, WebDriverKeys::TAB, ...$with]);
                $by = $this->script('const one = document.activeElement; const its = one.getBoundingClientRect();
                    return [...document.querySelectorAll(".stage, .maker-stage, .gauges")].some((part) => {
                      const { top, bottom } = part.getBoundingClientRect();
                      return getComputedStyle(part).position === "sticky" && !part.contains(one)
                        && its.top >= top && its.bottom <= bottom;
                    }) && one.outerHTML.slice(0, 80)');
                is_string($by) && $covered[] = "$path at $width px: $by";
            }
        }
        $this->assertSame([], $covered);
    }

    /** Every stop of Tab shows a ring that stands out from what is around it, 3 to 1 (WCAG 2.2, 1.4.11 and 2.4.13). */
    public function test_files_are_fetched_once(): void
    {
        $asked = [];
        foreach (['/cards/9', '/cards', '/cards/9'] as $page) {
            self::$desk->browser->get(self::$desk->base.$page);
            $asked[] = $this->script(
                'return performance.getEntriesByType("resource").filter((one) => one.transferSize > 0'
                    .' && /\\.(css|js|svg|woff2)$/.test(one.name)).map((one) => one.name)',
            );
        }
        $this->assertSame([], $asked[2]);
    }

    public function test_wherever_the_focus_is_it_can_be_seen(): void
    {
        $this->script('localStorage.clear()');
        foreach (['light', 'dark'] as $scheme) {
            self::$desk->devtools('Emulation.setEmulatedMedia', ['features' => [[
                'name' => 'prefers-color-scheme', 'value' => $scheme,
            ]]]);
            foreach (['/cards/start', '/brand', '/cards/9?piece=p9', '/cards/9/forms', '/cards/9?piece=p10'] as $path) {
                self::$desk->browser->get(self::$desk->base.$path);
                usleep(400_000);
                $stops = 0;
                $faint = [];
                for ($press = 0; $press < 28; $press++) {
                    $this->click(WebDriverKeys::TAB);
                    $seen = $this->script((string) file_get_contents(__DIR__.'/focus.js'));
                    if (is_array($seen)) {
                        $stops++;
                        $seen['ring'] >= 2 && $seen['contrast'] >= 3 || $faint[] = (string) json_encode($seen);
                    }
                }
                $this->assertGreaterThan(8, $stops, $path);
                $this->assertSame([], $faint, "$path, $scheme");
            }
        }
        self::$desk->devtools('Emulation.setEmulatedMedia', ['features' => []]);
    }

    public function test_a_card_is_edited_with_the_keyboard_alone(): void
    {
        self::$desk->devtools('Emulation.clearDeviceMetricsOverride', []);
        self::$desk->browser->get(self::$desk->base.'/cards/8');
        usleep(600_000);
        // From the top of the page to the role's row, by Tab alone.
        $steps = 0;
        do {
            $this->click(WebDriverKeys::TAB);
            $at = (string) $this->script('return document.activeElement.closest("[data-piece]")?.dataset.piece ?? ""');
        } while ($at !== 'p3' && ++$steps < 60);
        $this->assertSame('p3', $at, 'the row is reached by Tab');
        $this->assertNotSame(
            'none',
            $this->script('return getComputedStyle(document.activeElement).outlineStyle'),
            'where one is can be seen',
        );
        $this->click(WebDriverKeys::ENTER);
        $this->until(
            fn () => $this->script('return document.querySelector("[data-piece=p3]").open === true'),
            'Enter opens it',
        );
        $this->click(WebDriverKeys::TAB);
        $this->click(' by hand');
        $this->until(fn () => str_contains($this->sheet(), 'by hand'), 'typing reaches the sheet');
        $before = strpos($this->sheet(), 'by hand');
        self::$desk->devtools('Input.dispatchKeyEvent', [
            'type' => 'keyDown', 'modifiers' => 1, 'key' => 'ArrowDown', 'code' => 'ArrowDown',
            'windowsVirtualKeyCode' => 40,
        ]);
        $this->until(fn () => strpos($this->sheet(), 'by hand') > $before, 'Alt and the arrow move the piece');
        $this->assertSame(
            'field-p3-text',
            $this->script('return document.activeElement.id'),
            'the cursor stays where it was',
        );
        $this->script('document.getElementById("eye-p3").focus()');
        $this->click(' ');
        $this->until(fn () => ! str_contains($this->sheet(), 'by hand'), 'the eye hides it');
        $this->assertSame(
            ['eye-p3', 'false'],
            $this->script('return [document.activeElement.id, document.activeElement.getAttribute("aria-pressed")]'),
        );
    }

    public function test_a_press_made_while_nobody_listened_is_made_again_with_its_button(): void
    {
        self::$desk->browser->get(self::$desk->base.'/cards/7');
        usleep(600_000);
        $order = fn () => $this->script(
            'return [...document.querySelectorAll("#order [data-piece]")].map((row) => row.dataset.piece).join(" ")',
        );
        $this->script('document.querySelector("[data-piece=p5]").open = true');
        usleep(300_000);
        $before = $order();
        self::$desk->kill();
        $this->script('document.getElementById("up-p5").click()');
        $this->until(
            fn () => str_contains(
                $this->text('#kept'),
                'not kept yet',
            ),
            'it is marked',
        );
        self::$desk->serve();
        $this->until(fn () => $order() !== $before, 'clicked again by itself', 12);
        $this->assertSame(str_replace('p4 p5', 'p5 p4', (string) $before), $order(), 'up, as was meant');
    }

    private function click(string $keys): void
    {
        self::$desk->browser->getKeyboard()->sendKeys($keys);
        usleep(20_000);
    }
}
