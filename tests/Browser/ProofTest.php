<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** The proof: its wall, mending, a reading beside the original, and its marks on the bench. */
final class ProofTest extends BrowserTestCase
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

    public function test_the_wall_shows_every_stand_in_and_a_mend_is_undone(): void
    {
        $this->open('/cards/9/proof');
        $this->until(
            fn () => $this->script(
                'return [...document.querySelectorAll(".reading iframe")].filter((frame) => '
                    .'frame.contentDocument?.body?.innerText.includes("Maren")).length',
            ) >= 9,
            'those in sight are read',
            15,
        );
        $this->assertReachable('proof');
        $this->assertSame(
            'dark',
            $this->script(
                'const page = getComputedStyle([...document.querySelectorAll(".reading iframe")].find((frame) => '
                    .'frame.title.includes("turned dark")).contentDocument.body).backgroundColor; return '
                    .'page.match(/\d+/g).every((channel) => channel < 60) ? "dark" : page',
            ),
        );
        $score = fn (): int => (int) $this->text('.score b');
        $before = $score();
        self::$desk->browser->findElement(WebDriverBy::cssSelector('.finding button'))->click();
        $this->until(
            fn () => str_contains(
                (string) $this->script('return document.querySelector(".told")?.innerText ?? ""'),
                'Mended:',
            ),
            'mended',
        );
        $this->assertGreaterThan($before, $score());
        $this->assertReachable('proof after mending');
        self::$desk->browser->findElement(WebDriverBy::cssSelector('.told form button'))->click();
        $this->until(
            fn () => $score() === $before
                && $this->script('return document.querySelector(".before-after") === null') === true,
            'undone',
        );
    }

    public function test_a_reading_stands_beside_the_original(): void
    {
        $this->open('/cards/9/proof/word-desktop');
        $this->assertReachable('one stand-in');
        $this->assertStringContainsString(
            '50%',
            (string) $this->script('return document.querySelector("[data-split]").style.getPropertyValue("--split")'),
        );
        $range = self::$desk->browser->findElement(WebDriverBy::id('split'));
        $range->click();
        $range->sendKeys(\Facebook\WebDriver\WebDriverKeys::ARROW_RIGHT);
        $this->assertNotSame(
            '50%',
            $this->script('return document.querySelector("[data-split]").style.getPropertyValue("--split")'),
        );
        $this->assertSame(
            [true, false],
            $this->script(
                'const [read, sent] = [...document.querySelectorAll("[data-split] iframe")].map((frame) => '
                    .'frame.contentDocument.body.innerHTML); return [sent.includes("border-radius"), '
                    .'read.includes("border-radius")]',
            ),
        );
        $this->open('/cards/9/proof/sheet');
        $this->assertReachable('proof sheet');
    }

    public function test_the_bench_marks_rows_and_says_the_score_as_edits_come(): void
    {
        $this->open('/cards/6');
        $score = fn (): int => (int) $this->text('#proof-open b');
        $this->until(fn () => $score() > 0, 'the score is there');
        $before = $score();
        $this->script(
            'const field = document.getElementById("style-quiet"); field.value = "#c0c8c4"; field.dispatchEvent(new '
                .'Event("change", {bubbles: true}))',
        );
        $this->until(
            fn () => $score() < $before
                && $this->script('return document.querySelector("#piece-p4 .row-mark")?.dataset.severity === "mend"')
                    === true,
            'a faint ink is marked',
        );
        $this->script('document.getElementById("undo").click()');
        $this->until(
            fn () => $score() === $before
                && $this->script('return document.querySelector("#piece-p4 .row-mark") === null') === true,
            'and the mark goes with it',
        );
        $this->assertReachable('bench with marks');
    }

    private function open(string $path): void
    {
        self::$desk->browser->get(self::$desk->base.$path);
        usleep(800_000);
    }
}
