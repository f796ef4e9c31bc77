<?php

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;

/** What tests with a browser share. */
abstract class BrowserTestCase extends TestCase
{
    protected function script(string $script, mixed ...$arguments): mixed
    {
        return Desk::shared()->browser->executeScript($script, $arguments);
    }

    /** What the card on the bench reads. */
    protected function sheet(): string
    {
        return (string) $this->script('return document.getElementById("sheet").contentDocument.body.innerText');
    }

    /** @param  \Closure(): bool  $true */
    protected function until(\Closure $true, string $what, float $seconds = 8): void
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
}
