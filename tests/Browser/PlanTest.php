<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;

/** Banners at work: windows dragged and moved by keys, days looked at, words drawn as they are typed. */
final class PlanTest extends BrowserTestCase
{
    protected function setUp(): void
    {
        Desk::shared()->devtools('Emulation.setDeviceMetricsOverride', [
            'width' => 1280, 'height' => 900, 'deviceScaleFactor' => 1, 'mobile' => false,
        ]);
        $this->signIn();
    }

    public static function tearDownAfterClass(): void
    {
        Desk::shared()->devtools('Emulation.clearDeviceMetricsOverride', []);
    }

    private function open(string $path): void
    {
        Desk::shared()->browser->get(Desk::shared()->base.$path);
        usleep(500_000);
    }

    /** @return array{int, int} its first and last moment, days since 1970 */
    private function window(int $id): array
    {
        $day = function (string $column) use ($id): int {
            $found = Desk::shared()->database()->query("select $column from place_windows where id = $id");

            return intdiv((int) ($found === false ? 0 : $found->fetchColumn()) + 7200, 86_400);
        };

        return [$day('begins'), $day('ends')];
    }

    private function key(string $key, int $code, int $modifiers = 0): void
    {
        foreach (['keyDown', 'keyUp'] as $type) {
            Desk::shared()->devtools('Input.dispatchKeyEvent', [
                'type' => $type, 'key' => $key, 'code' => $key, 'windowsVirtualKeyCode' => $code,
                'modifiers' => $modifiers,
            ]);
        }
    }

    private function told(string $words): void
    {
        $this->until(fn () => str_contains($this->text('body'), $words), $words);
    }

    public function test_windows_are_moved_and_stretched_by_keys_and_by_dragging_and_put_back(): void
    {
        $this->open('/banners');
        $this->assertReachable('the plan');
        $id = (int) $this->script('return document.querySelector(".plan-bar").dataset.window');
        [$begins, $ends] = $this->window($id);
        $this->script('document.querySelector(".plan-bar").focus()');
        foreach (range(1, 3) as $press) {
            $this->key('ArrowRight', 39);
        }
        $this->told('Moved by 3 days.');
        $this->assertSame([$begins + 3, $ends + 3], $this->window($id));
        $this->script('document.querySelector(".told button").click()');
        $this->told('Moved by 3 days.');
        $this->assertSame([$begins, $ends], $this->window($id));
        $this->script('document.querySelector(`[data-window="${arguments[0]}"]`).focus()', $id);
        $this->key('ArrowLeft', 37, 8);
        $this->told('Changed by 1 day.');
        $this->assertSame([$begins, $ends - 1], $this->window($id));
        // By pointer, at its middle.
        [$x, $y, $day] = $this->script(
            'const bar = document.querySelector(`[data-window="${arguments[0]}"] .bar-edge`); '
                .'const box = bar.getBoundingClientRect(); return [box.left + box.width / 2, box.top + 10, '
                .'bar.closest(".lane-plot").getBoundingClientRect().width / Number(plan.dataset.days)]', $id,
        );
        foreach ([['mousePressed', 0], ['mouseMoved', 5], ['mouseReleased', 5]] as [$type, $days]) {
            Desk::shared()->devtools('Input.dispatchMouseEvent', [
                'type' => $type, 'x' => $x + $days * $day, 'y' => $y, 'button' => 'left', 'clickCount' => 1,
            ]);
        }
        $this->told('Moved by 5 days.');
        $this->assertSame([$begins + 5, $ends + 4], $this->window($id));
    }

    public function test_the_cards_of_any_day_are_shown_by_the_flag(): void
    {
        $this->open('/banners');
        $this->script('document.getElementById("flag").focus()');
        $before = $this->text('#day');
        foreach (range(1, 2) as $press) {
            $this->key('PageUp', 33);
        }
        $this->until(fn () => $this->text('#day') !== $before, 'another day');
        $this->assertStringContainsString(
            (string) $this->script('return document.getElementById("flag").getAttribute("aria-valuetext")'),
            $this->text('#day'),
        );
    }

    public function test_a_banner_is_drawn_as_it_is_typed_and_in_every_design(): void
    {
        $this->open('/banners/4');
        $picture = fn (): string => (string) $this->script('return document.querySelector(".shown-light").src');
        $designs = 'return document.querySelectorAll("#designs img").length';
        $this->until(fn () => $this->script($designs) > 10, 'every design');
        $this->assertReachable('the maker');
        $first = $picture();
        $this->script('const field = document.getElementById("banner-headline"); field.focus(); field.select()');
        Desk::shared()->browser->getKeyboard()->sendKeys('Spring is late this year');
        $this->until(fn () => $picture() !== $first, 'the picture follows');
        $this->until(
            fn () => str_contains((string) $this->script('return document.querySelector(".shown-light").alt'),
                'Spring is late this year'), 'all of it',
        );
        $this->assertSame('banner-headline', $this->script('return document.activeElement.id'));
        Desk::shared()->browser->getKeyboard()->sendKeys(str_repeat(' mmmmmm', 9));
        $this->until(
            fn () => str_contains($this->text('#error-headline').$this->text('#shown'), 'shorten the headline'),
            'what to shorten is said',
        );
        $this->assertReachable('the maker with too many words');
        Desk::shared()->browser->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'a', WebDriverKeys::NULL, 'Spring']);
        $this->until(fn () => ! str_contains($this->text('#shown'), 'shorten'), 'drawn again');
        $this->until(fn () => $this->script($designs) > 10, 'every design again');
    }

    public function test_pages_around_the_plan_are_within_everybodys_reach(): void
    {
        foreach (['/banners/occasions', '/banners/carried', '/banners/windows/1/by/2', '/banners?window=1',
            '/quotations', '/clicks?by=banner', '/campaigns?campaign=1', '/footers/1', '/footers/1/compare',
            '/letters/1', '/campaigns/recipients?footer=1'] as $path) {
            $this->open($path);
            $this->assertReachable($path);
        }
    }
}
