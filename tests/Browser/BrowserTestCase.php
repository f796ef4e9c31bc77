<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\TestCase;

/** What tests with a browser share. */
abstract class BrowserTestCase extends TestCase
{
    protected function script(string $script, mixed ...$arguments): mixed
    {
        return Desk::shared()->browser->executeScript($script, $arguments);
    }

    /** Nothing serious is in the way of anybody on the page as it is (WCAG 2.2 A and AA). */
    protected function assertReachable(string $state): void
    {
        $this->script((string) file_get_contents(__DIR__.'/axe.min.js'));
        $found = Desk::shared()->browser->executeAsyncScript(
            'const done = arguments[0]; axe.run(document, {iframes: false, runOnly: ["wcag2a", "wcag2aa", "wcag21a", '
                .'"wcag21aa", "wcag22aa"]}).then(({violations}) => done(violations.filter(({impact}) => impact === '
                .'"serious" || impact === "critical").map(({id, nodes}) => `${id}: ${nodes.slice(0, 4).map(({html}) '
                .'=> html.slice(0, 160)).join(" | ")}`)))',
        );
        $this->assertSame([], $found, $state);
    }

    protected function signIn(): void
    {
        $browser = Desk::shared()->browser;
        $browser->get(Desk::shared()->base.'/sign-in');
        if ($browser->findElements(WebDriverBy::id('email')) !== []) {
            $browser->findElement(WebDriverBy::id('email'))->sendKeys('maren@quillfern.example');
            $browser->findElement(WebDriverBy::id('password'))->sendKeys('quillfern-demo')->submit();
            $this->until(fn () => str_contains($browser->getCurrentURL(), '/cards'), 'signed in');
        }
    }

    /** What the card on the bench reads. */
    protected function sheet(): string
    {
        return (string) $this->script('return document.getElementById("sheet").contentDocument.body.innerText');
    }

    /** @param  \Closure(): bool  $true */
    protected function until(\Closure $true, string $what, float $seconds = 30): void
    {
        $end = microtime(true) + $seconds;
        do {
            try {
                if ($true()) {
                    $this->addToAssertionCount(1);

                    return;
                }
            } catch (\Facebook\WebDriver\Exception\StaleElementReferenceException) {
                // The page was just replaced: look again.
            }
            usleep(50_000);
        } while (microtime(true) < $end);
        $this->fail("Waited in vain: $what");
    }

    /** What an element says, white space evened out; empty where there is none. */
    protected function text(string $selector): string
    {
        return (string) $this->script(
            'return (document.querySelector(arguments[0])?.textContent ?? "").replace(/\\s+/g, " ").trim()', $selector,
        );
    }
}
