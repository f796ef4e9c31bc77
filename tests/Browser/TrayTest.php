<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** From handing over to a message that proves it arrived. */
final class TrayTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        $this->signIn();
    }

    public function test_a_destination_is_found_by_typing_and_a_test_is_verified_in_the_tray(): void
    {
        $this->open('/cards/2/hand-over');
        $browser = Desk::shared()->browser;
        $browser->findElement(WebDriverBy::cssSelector('.destinations > summary'))->click();
        $this->until(
            fn () => $this->script('return document.activeElement.id') === 'find-destination',
            'the cursor is where one types',
        );
        $this->assertReachable('destinations');
        $browser->getKeyboard()->sendKeys('thunder');
        $this->assertSame(
            1,
            $this->script('return document.querySelectorAll(".destinations li:not([hidden])").length'),
        );
        $browser->getKeyboard()->sendKeys(\Facebook\WebDriver\WebDriverKeys::ENTER);
        $this->until(
            fn () => str_contains(
                (string) $this->script('return document.getElementById("way")?.innerText ?? ""'),
                'comes from a file',
            ),
            'its own directions',
        );
        $this->assertReachable('hand-over to a program');
        $this->script('document.querySelector(\'form[action$="/tray/write"]\').submit()');
        $this->until(
            fn () => str_contains(
                (string) $this->script('return document.querySelector(".verdict-box")?.innerText ?? ""'),
                'Verified',
            ),
            'verified',
        );
        $this->assertReachable('a message');
        foreach (
            [
                '/placements' => 'which card where', '/tray' => 'the tray', '/tray/write?of=1&way=reply' => 'writing',
                '/tray/ready' => 'ready messages', '/tray/ready/1' => 'a ready message',
                '/tray/write?ready=1' => 'writing with one',
                '/cards/2/hand-over?to=template#house-note' => 'hand-over as a template',
                '/cards/2/hand-over/directions/gmail' => 'directions',
            ] as $path => $state
        ) {
            $this->open($path);
            $this->assertReachable($state);
            $this->assertLessThanOrEqual(1280, $this->script('return document.documentElement.scrollWidth'));
        }
    }

    public function test_a_card_is_opened_by_a_code_and_what_was_brought_is_looked_over(): void
    {
        $this->open('/cards/2/hand-over?to=iphone');
        $this->until(
            fn () => (int) $this->script('return document.querySelectorAll("[data-code] path").length') === 2,
            'the code is drawn',
        );
        $this->assertReachable('hand-over to a phone');
        $this->open(
            (string) preg_replace(
                '~^https?://[^/]+~',
                '',
                (string) $this->script('return document.querySelector("[data-code]").dataset.code'),
            ),
        );
        $this->assertReachable('on the phone');
        Desk::shared()->devtools('Browser.grantPermissions', [
            'permissions' => ['clipboardReadWrite', 'clipboardSanitizedWrite'],
        ]);
        foreach (['' => [true, false], '[href*="whole=1"]' => [true, true]] as $form => [$name, $portrait]) {
            if ($form !== '') {
                $this->script('document.querySelector(\''.$form.'\').click()');
                $this->until(
                    fn () => str_contains(Desk::shared()->browser->getCurrentURL(), 'whole=1'),
                    'the whole card',
                );
            }
            $this->script('document.getElementById("copy-rich").click()');
            $this->until(
                fn () => str_contains(
                    $this->text('.copied'),
                    'Copied',
                ),
                'copied',
            );
            $html = (string) Desk::shared()->browser->executeAsyncScript(
                'const done = arguments[0]; navigator.clipboard.read().then(async ([item]) => done(await (await '
                    .'item.getType("text/html")).text()))',
            );
            $this->assertSame(
                [$name, $portrait],
                [str_contains($html, 'Wren Hazeldine'), str_contains($html, 'Portrait of')],
                $form,
            );
        }
        $this->open('/cards/2/hand-over/mailbox');
        $this->assertReachable('a mailbox to open');
        $this->script(
            'document.getElementById("server").value = "mail.quillfern.example"; '
                .'document.getElementById("token").value = "quillfern-demo"; '
                .'document.getElementById("token").form.submit()',
        );
        $this->until(
            fn () => (int) $this->script('return document.querySelectorAll(".identities li").length') === 2,
            'its addresses',
        );
        $this->assertReachable('a mailbox');
        $this->open('/cards/start');
        $this->script(
            'const field = document.getElementById("address"); field.value = '
                .'"https://people.quillfern.example/maren-oakhollow"; field.form.submit()',
        );
        $this->until(
            fn () => (int) $this->script('return document.querySelectorAll(".read-facts li").length') === 9,
            'every fact a line',
        );
        $this->assertReachable('what was read');
        $this->script('document.querySelector(".confirm form").submit()');
        $this->until(
            fn () => (int) $this->script('return document.querySelectorAll("[name=sketch]").length') === 24,
            'what was brought is sketched at once',
        );
        $this->assertReachable('sketches');
        $this->script('document.querySelector("[name=sketch]").click()');
        // Own pictures are at /p/ or, not baked yet, within the card's pages: never at the place they came from.
        $this->until(
            fn () => (int) $this->script(
                'return [...(document.getElementById("sheet")?.contentDocument?.images ?? [])].filter((one) => '
                    .'one.complete && one.naturalWidth > 90 && new URL(one.src).origin === location.origin).length',
            ) === 1,
            'its portrait is kept here',
        );
    }

    public function test_a_card_is_placed_and_taken_away_by_keyboard_on_a_narrow_window(): void
    {
        $desk = Desk::shared();
        $desk->devtools('Emulation.setDeviceMetricsOverride', [
            'width' => 360, 'height' => 740, 'deviceScaleFactor' => 1, 'mobile' => false,
        ]);
        $this->open('/placements');
        $this->assertLessThanOrEqual(360, $this->script('return document.documentElement.scrollWidth'));
        $this->script('document.getElementById("place-address").focus()');
        $keys = $desk->browser->getKeyboard();
        $keys->sendKeys('keys@quillfern.example');
        $keys->sendKeys(\Facebook\WebDriver\WebDriverKeys::TAB);
        $this->assertSame('place-situation', $this->script('return document.activeElement.id'));
        $keys->sendKeys('r');
        $keys->sendKeys(\Facebook\WebDriver\WebDriverKeys::TAB);
        $keys->sendKeys(\Facebook\WebDriver\WebDriverKeys::TAB);
        $keys->sendKeys(\Facebook\WebDriver\WebDriverKeys::ENTER);
        $row
            = 'const row = [...document.querySelectorAll("tbody tr")].find((one) => one.innerText.includes("keys@")); ';
        $this->until(
            fn () => (bool) $this->script($row.'return row?.cells[2].innerText.includes("Take away") ?? false'),
            'under replies',
        );
        $this->script($row.'row.querySelector("[name=remove]").focus()');
        $keys->sendKeys(\Facebook\WebDriver\WebDriverKeys::ENTER);
        $this->until(fn () => ! (bool) $this->script($row.'return row !== undefined'), 'taken away');
        foreach (['/cards/2/hand-over?to=iphone', '/cards/2/hand-over/mailbox', '/cards/start'] as $path) {
            $this->open($path);
            $this->script('document.querySelectorAll("details").forEach((one) => { one.open = true; })');
            $this->assertLessThanOrEqual(360, $this->script('return document.documentElement.scrollWidth'), $path);
        }
        $desk->devtools('Emulation.clearDeviceMetricsOverride', []);
    }

    private function open(string $path): void
    {
        Desk::shared()->browser->get(Desk::shared()->base.$path);
        usleep(500_000);
    }

    public function test_a_ready_message_is_kept_ordered_and_sent_by_keyboard_on_a_narrow_window(): void
    {
        $desk = Desk::shared();
        $desk->devtools('Emulation.setDeviceMetricsOverride', [
            'width' => 360, 'height' => 740, 'deviceScaleFactor' => 1, 'mobile' => false,
        ]);
        $keys = $desk->browser->getKeyboard();
        $enter = \Facebook\WebDriver\WebDriverKeys::ENTER;
        $tab = \Facebook\WebDriver\WebDriverKeys::TAB;
        $this->open('/tray/ready/new');
        $this->script('document.getElementById("ready-name").focus()');
        foreach (['By keyboard', $tab, 'About [town]', $tab, 'Dear [name], it grew.', $tab] as $key) {
            $keys->sendKeys($key);
        }
        $this->assertReachable('a new ready message');
        $keys->sendKeys($enter);
        $names = fn (): array => (array) $this->script(
            'return [...document.querySelectorAll(".ready-list li > div > a")].map((a) => a.innerText)',
        );
        $this->until(fn () => in_array('By keyboard', $names(), true), 'it is in the list');
        $last = count($names()) - 1;
        $this->assertSame($last, array_search('By keyboard', $names(), true), 'at its end');
        $this->script('[...document.querySelectorAll("[value=up]")].pop().focus()');
        $keys->sendKeys($enter);
        $this->until(fn () => array_search('By keyboard', $names(), true) === $last - 1, 'one up');
        $this->assertSame(
            'Up: By keyboard',
            $this->script('return document.activeElement.ariaLabel'),
            'the button has the focus again',
        );
        $keys->sendKeys($enter);
        $this->until(fn () => array_search('By keyboard', $names(), true) === $last - 2, 'and another');
        $this->script(
            '[...document.querySelectorAll("a[aria-label]")].find((a) => a.ariaLabel === "Write with it: By '
                .'keyboard").focus()',
        );
        $keys->sendKeys($enter);
        $this->until(
            fn () => $this->script('return document.getElementById("write-subject")?.value') === 'About [town]',
            'its words are in the message',
        );
        $this->assertLessThanOrEqual(360, $this->script('return document.documentElement.scrollWidth'));
        $this->script('document.getElementById("write-body").focus()');
        $keys->sendKeys($tab);
        $keys->sendKeys($enter);
        $this->until(
            fn () => str_contains(
                (string) $this->script('return document.getElementById("error-blanks")?.innerText ?? ""'),
                '[town], [name]',
            ),
            'what is blank is said',
        );
        $this->assertReachable('a message with blanks');
        $this->script('const subject = document.getElementById("write-subject"); subject.focus(); subject.select()');
        $keys->sendKeys('About Eddersby');
        $this->script('const body = document.getElementById("write-body"); body.focus(); body.select()');
        $keys->sendKeys('Dear Perrin, it grew.');
        $this->script('document.querySelector(".write-form .btn-stamp").focus()');
        $keys->sendKeys($enter);
        $this->until(
            fn () => str_contains(
                (string) $this->script('return document.querySelector("h1").innerText'),
                'About Eddersby',
            ),
            'it is sent',
        );
        $this->open('/tray/ready');
        $this->script(
            '[...document.querySelectorAll("button[aria-label]")].find((one) => one.ariaLabel === "Remove: By '
                .'keyboard").focus()',
        );
        $keys->sendKeys($enter);
        $this->until(fn () => ! in_array('By keyboard', $names(), true), 'removed');
        $this->script('document.querySelector(".told button").focus()');
        $keys->sendKeys($enter);
        $this->until(fn () => in_array('By keyboard', $names(), true), 'and back');
        $desk->devtools('Emulation.clearDeviceMetricsOverride', []);
    }
}
