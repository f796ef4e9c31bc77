<?php

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

final class BrandAndPicturesTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        Desk::shared()->devtools('Emulation.clearDeviceMetricsOverride', []);
        $this->signIn();
    }

    public function test_inks_are_changed_on_the_page_and_everybody_can_reach_it(): void
    {
        $this->open('/brand');
        $this->assertReachable('brand');
        $failing = fn (): bool => str_contains(
            $this->text('#matrix'),
            'Accent on paper, light page.',
        );
        $this->assertFalse($failing());
        $this->type('ink-accent', 'palegoldenrod'.WebDriverKeys::TAB);
        $this->until($failing, 'the matrix follows');
        $this->until(
            fn () => str_contains(
                $this->text('#counts'),
                'on 20 cards',
            ),
            'it says how many cards change',
        );
        $this->type('ink-link', 'greenish'.WebDriverKeys::TAB);
        $this->until(
            fn () => str_contains(
                (string) $this->script('return document.getElementById("error-inks-link").textContent.replace(/\s+/g, '
                    .'" ")'),
                'Write the colour',
            ),
            'a sentence beside the field',
        );
        $this->assertSame(
            'greenish',
            $this->script('return document.getElementById("ink-link").value'),
            'what was typed is still there',
        );
        $this->assertReachable('brand with a refused ink');
        $this->open('/brand/change');
        $this->assertReachable('what the brand changes');
        $this->click('form[action$="/brand/change/drop"] button');
        $this->until(
            fn () => str_contains($this->text('body'),
                'Dropped.'),
            'dropped',
        );
    }

    public function test_a_picture_is_brought_in_cropped_by_keyboard_and_kept(): void
    {
        $this->open('/pictures');
        $this->assertReachable('pictures');
        $file = Desk::shared()->files.'/bee.jpg';
        $photo = imagecreatetruecolor(600, 400);
        imagefilledellipse($photo, 300, 200, 200, 200, 0xF0C040);
        imagejpeg($photo, $file);
        $bad = Desk::shared()->files.'/bad.png';
        file_put_contents($bad, '<html>');
        $input = Desk::shared()->browser->findElement(WebDriverBy::id('files'));
        $input->setFileDetector(new LocalFileDetector())->sendKeys("$file\n$bad");
        $this->until(
            fn () => str_contains(
                $this->text('#pictures'),
                'bee.jpg',
            ),
            'the good one is there',
        );
        $this->until(
            fn () => str_contains(
                $this->text('#arriving'),
                'web page',
            ),
            'the bad one has its sentence',
        );
        $this->assertReachable('pictures with one refused');
        $this->click('#pictures li:first-child a');
        $this->until(
            fn () => $this->script(
                'return document.querySelector(".bake-list img")?.src.startsWith("blob:") ?? false',
            ) === true,
            'bakes are shown',
        );
        $this->assertReachable('crop');
        $this->script('document.getElementById("crop").focus()');
        foreach (
            [WebDriverKeys::ARROW_RIGHT, '-', '-', '-', WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_DOWN] as $key
        ) {
            Desk::shared()->browser->getKeyboard()->sendKeys($key);
        }
        $this->until(
            fn () => (float) $this->script('return document.getElementById("part-width").value') < 0.9,
            'the frame is smaller',
        );
        $x = (float) $this->script('return document.getElementById("part-x").value');
        $this->assertGreaterThan(0.02, $x);
        $this->click('#keep .btn-stamp');
        $this->until(fn () => str_contains($this->text('body'), 'Kept.'),
            'kept');
        $this->assertEqualsWithDelta(
            $x,
            (float) $this->script('return document.getElementById("part-x").value'),
            0.001,
        );
        $this->until(
            fn () => abs((float) $this->script('return document.getElementById("part-x").value') - $x) < 0.01,
            'and shown so',
        );
    }

    public function test_a_name_is_drawn_and_stands_in_a_closing(): void
    {
        $this->open('/pictures/hand');
        $this->assertReachable('hand');
        $box = $this->script(
            'const b = document.getElementById("pad").getBoundingClientRect(); return [b.left, b.top]',
        );
        $mouse = fn (string $type, int $x, int $y) => Desk::shared()->devtools('Input.dispatchMouseEvent', [
            'type' => $type, 'x' => $box[0] + $x, 'y' => $box[1] + $y, 'button' => 'left', 'buttons' => 1,
            'clickCount' => 1,
        ]);
        $mouse('mousePressed', 60, 100);
        for ($n = 1; $n < 16; $n++) {
            $mouse('mouseMoved', 60 + 15 * $n, 100 + ($n % 2 ? -40 : 40));
            usleep(20_000);
        }
        $mouse('mouseReleased', 300, 100);
        $this->click('#draw .btn-stamp');
        $this->until(
            fn () => str_contains($this->text('body'),
                'Choose it for a closing'),
            'taken',
        );
        $this->open('/cards/9?piece=p20');
        $this->click('[data-piece=p20] .chooser a');
        $this->until(
            fn () => $this->script('return document.querySelectorAll("[data-piece=p20] .choose button").length > 1')
                === true,
            'pictures to choose from',
        );
        $pictures = fn (): int => (int) $this->script(
            'return document.getElementById("sheet").contentDocument.images.length',
        );
        $before = $pictures();
        $this->click('[data-piece=p20] .choose button');
        $this->until(fn () => $pictures() === $before + 1, 'the name is on the card');
        $this->assertReachable('bench');
    }

    private function open(string $path): void
    {
        Desk::shared()->browser->get(Desk::shared()->base.$path);
        $this->until(fn () => $this->script('return document.readyState') === 'complete', $path);
        usleep(300_000);
    }

    private function click(string $selector): void
    {
        $this->script('document.querySelector(arguments[0]).scrollIntoView({block: "center"})', $selector);
        Desk::shared()->browser->findElement(WebDriverBy::cssSelector($selector))->click();
    }

    private function type(string $id, string $text): void
    {
        Desk::shared()
            ->browser->findElement(WebDriverBy::id($id))
            ->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.$text);
    }
}
