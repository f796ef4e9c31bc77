<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** From the front page to a card, by keys alone, on a desk and on a phone. */
final class FrontTest extends BrowserTestCase
{
    public function test_a_sentence_becomes_a_card_to_work_on_and_to_copy(): void
    {
        $desk = Desk::shared();
        $desk->browser->manage()->deleteAllCookies();
        foreach ([360, 1280] as $width) {
            $desk->devtools('Emulation.setDeviceMetricsOverride', [
                'width' => $width, 'height' => 800, 'deviceScaleFactor' => 1, 'mobile' => false,
            ]);
            $desk->browser->get($desk->base.'/');
            $this->assertLessThanOrEqual($width, (int) $this->script('return document.documentElement.scrollWidth'));
            $this->assertReachable("front at $width");
        }
        $keys = $desk->browser->getKeyboard();
        $desk->browser->findElement(WebDriverBy::name('am'))->click();
        $keys->sendKeys('Ida Marshfield');
        // Enter goes on to the next blank, and from the last one to the card.
        foreach (['plan gardens', 'book a visit', 'ida@reader.example'] as $words) {
            $keys->sendKeys("\u{E007}$words");
        }
        $this->until(fn () => str_contains($this->large(), 'ida@reader.example'), 'the card has what is typed');
        $this->assertStringContainsString('Plans gardens', $this->large());
        $this->script('document.querySelectorAll("[data-sketch]")[2].click()');
        $this->until(fn () => $this->script(
            'return document.querySelectorAll("[data-sketch]")[2].getAttribute("aria-pressed")',
        ) === 'true', 'another design');
        $desk->browser->findElement(WebDriverBy::id('copy'))->click();
        $this->until(fn () => str_contains(
            (string) $this->script('return document.querySelector(".copied").textContent'), 'Copied',
        ), 'copied without an account');
        $desk->browser->findElement(WebDriverBy::cssSelector('#front-cards .btn-stamp'))->click();
        $this->until(fn () => str_contains($desk->browser->getCurrentURL(), '/cards/'), 'on the bench');
        $this->until(fn () => str_contains($this->sheet(), 'Plans gardens'), 'the same card');
        $this->assertStringContainsString('bar-guest', $desk->browser->getPageSource());
        $desk->browser->get($desk->base.'/claim');
        $this->assertReachable('claim');
        $desk->browser->manage()->deleteAllCookies();
        $desk->devtools('Emulation.clearDeviceMetricsOverride', []);
    }

    private function large(): string
    {
        return (string) $this->script(
            'return document.querySelector(".front-sheet iframe").contentDocument?.body?.innerText ?? ""',
        );
    }
}
