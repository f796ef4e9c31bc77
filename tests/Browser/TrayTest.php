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
        $this->until(fn () => $this->script('return document.activeElement.id') === 'find-destination', 'the cursor is where one types');
        $this->assertReachable('destinations');
        $browser->getKeyboard()->sendKeys('thunder');
        $this->assertSame(1, $this->script('return document.querySelectorAll(".destinations li:not([hidden])").length'));
        $browser->getKeyboard()->sendKeys(\Facebook\WebDriver\WebDriverKeys::ENTER);
        $this->until(fn () => str_contains((string) $this->script('return document.getElementById("way")?.innerText ?? ""'), 'comes from a file'), 'its own directions');
        $this->assertReachable('hand-over to a program');
        $this->script('document.querySelector(\'form[action$="/tray/write"]\').submit()');
        $this->until(fn () => str_contains((string) $this->script('return document.querySelector(".verdict-box")?.innerText ?? ""'), 'Verified'), 'verified');
        $this->assertReachable('a message');
        foreach (['/placements' => 'which card where', '/tray' => 'the tray', '/tray/write?of=1&way=reply' => 'writing', '/cards/2/hand-over/directions/gmail' => 'directions'] as $path => $state) {
            $this->open($path);
            $this->assertReachable($state);
            $this->assertLessThanOrEqual(1280, $this->script('return document.documentElement.scrollWidth'));
        }
    }

    public function test_a_card_is_opened_by_a_code_and_what_was_brought_is_looked_over(): void
    {
        $this->open('/cards/2/hand-over?to=iphone');
        $this->until(fn () => (int) $this->script('return document.querySelectorAll("[data-code] path").length') === 2, 'the code is drawn');
        $this->assertReachable('hand-over to a phone');
        $this->open((string) preg_replace('~^https?://[^/]+~', '', (string) $this->script('return document.querySelector("[data-code]").dataset.code')));
        $this->assertReachable('on the phone');
        $this->open('/cards/2/hand-over/mailbox');
        $this->assertReachable('a mailbox to open');
        $this->script('document.getElementById("server").value = "mail.quillfern.example"; document.getElementById("token").value = "quillfern-demo"; document.getElementById("token").form.submit()');
        $this->until(fn () => (int) $this->script('return document.querySelectorAll(".identities li").length') === 2, 'its addresses');
        $this->assertReachable('a mailbox');
        $this->open('/cards/start');
        $this->script('const field = document.getElementById("address"); field.value = "https://people.quillfern.example/maren-oakhollow"; field.form.submit()');
        $this->until(fn () => (int) $this->script('return document.querySelectorAll(".read-facts li").length') === 8, 'every fact a line');
        $this->assertReachable('what was read');
    }

    private function open(string $path): void
    {
        Desk::shared()->browser->get(Desk::shared()->base.$path);
        usleep(500_000);
    }
}
