<?php

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The bench at work: keys, echoes, ruler, gauges, dragging; every state within everybody's reach. */
final class BenchTest extends BrowserTestCase
{
    private const CARD = '/cards/5';

    protected function setUp(): void
    {
        Desk::shared()->devtools('Emulation.clearDeviceMetricsOverride', []);
        $this->signIn();
    }

    public function test_every_state_is_within_reach_in_light_and_dark(): void
    {
        $states = [
            '/cards' => null,
            '/cards/start' => 'document.querySelector(".start-bring").open = true',
            self::CARD.'/looks' => null,
            self::CARD.'/history' => null,
            self::CARD.'/copy' => null,
            self::CARD.'/hand-over' => null,
            '/find?q=maren' => null,
            self::CARD
            .'?piece=p1' => 'document.querySelector(".several").open = true; document.querySelector(".add").open = '
                .'true',
        ];
        foreach (['light', 'dark'] as $theme) {
            Desk::shared()->devtools('Emulation.setEmulatedMedia', [
                'features' => [['name' => 'prefers-color-scheme', 'value' => $theme]],
            ]);
            foreach ($states as $path => $script) {
                $this->open($path);
                if ($script !== null) {
                    $this->script($script);
                }
                $this->assertReachable("$path $theme");
            }
        }
        Desk::shared()->devtools('Emulation.setEmulatedMedia', ['features' => []]);
    }

    public function test_keys_work_and_none_fires_while_typing(): void
    {
        $this->open(self::CARD);
        $this->keys('jj');
        $this->until(
            fn () => $this->script('return document.querySelectorAll("#order details[data-piece][open]").length') === 1,
            'a row opens',
        );
        $at = fn (): string => (string) $this->script(
            'return document.querySelector("#order details[open]")?.dataset.piece ?? ""',
        );
        $second = $at();
        $this->keys('k');
        $this->until(fn () => $at() !== '' && $at() !== $second, 'the one before');
        $this->keys('j');
        $this->until(fn () => $at() === $second, 'and back');
        $shown = fn (): bool => $this->script(
            'return document.getElementById(`eye-${document.querySelector("#order '
                .'details[open]").dataset.piece}`).getAttribute("aria-pressed")',
        ) === 'true';
        $this->keys('h');
        $this->until(fn () => ! $shown(), 'hidden');
        $this->keys('z');
        $this->until($shown, 'undone');
        $this->keys(WebDriverKeys::ENTER);
        $this->until(
            fn () => (bool) $this->script('return document.activeElement.matches("input, textarea, select")'),
            'Enter edits',
        );
        $before = $at();
        $this->keys('jhz?');
        usleep(300_000);
        $this->assertSame(
            [$before, true, false],
            [$at(), $shown(), $this->script('return document.getElementById("keys").open')],
            'typing is typing',
        );
        $this->keys(WebDriverKeys::CONTROL.'z'.WebDriverKeys::NULL);
        $this->script('document.activeElement.blur()');
        $this->keys('?');
        $this->until(fn () => $this->script('return document.getElementById("keys").open') === true,
            'the list of keys');
        $this->assertReachable('keys');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->keys('/');
        $this->until(fn () => $this->script('return document.getElementById("finder").open') === true, 'the finder');
        $this->keys('contrast');
        $this->until(
            fn () => str_contains(
                $this->text('#finder-found'),
                'Contrast on light and dark pages',
            ),
            'found',
        );
        $this->assertReachable('finder');
        $this->keys(WebDriverKeys::ESCAPE);
        $this->keys(WebDriverKeys::ESCAPE);
        $this->until(fn () => $this->script('return document.getElementById("finder").open') === false, 'closed');
        $this->keys('a');
        $this->keys('pronouns');
        $this->until(
            fn () => $this->script(
                'return [...document.querySelectorAll(".add-list button")].filter((b) => !b.hidden).length',
            ) === 1,
            'one kind is left',
        );
        $this->keys(WebDriverKeys::ENTER);
        $this->until(
            fn () => str_contains(
                (string) $this->script('return document.getElementById("order").textContent.toLowerCase()'),
                'pronouns',
            ),
            'added',
        );
    }

    public function test_echoes_ruler_and_gauges(): void
    {
        $this->open(self::CARD);
        $name = fn (string $frame): string => (string) $this->script(
            'return getComputedStyle(document.querySelector(arguments[0]).contentDocument.querySelector("[data-piece=p'
                .'2]")).color',
            $frame,
        );
        $this->until(fn () => $name('.echo-forced iframe') !== $name('#sheet'), 'the echo turns its inks');
        $this->script('document.querySelector("[data-echo-of=soft]").click()');
        $this->until(
            fn () => $name('#sheet') === $name('.echo-soft iframe')
                && str_contains(
                    (string) $this->script('return document.getElementById("stage-title").textContent.replace(/\s+/g, '
                        .'" ")'),
                    'turned dark',
                ),
            'the sheet is worked on so',
        );
        $this->script('document.querySelector("[data-echo-of=soft]").click()');
        $this->script('document.getElementById("ruler-end").focus()');
        $this->keys(WebDriverKeys::PAGE_DOWN.WebDriverKeys::PAGE_DOWN);
        $this->until(
            fn () => $this->script('return document.getElementById("sheet").contentWindow.innerWidth') === 320,
            'as wide as a phone',
        );
        $this->keys(WebDriverKeys::HOME);
        $this->until(
            fn () => $this->script('return document.getElementById("sheet").contentWindow.innerWidth') === 280,
            'as narrow as it gets',
        );
        $this->assertSame(7, $this->script('return document.querySelectorAll(".gauge[data-pieces]").length'));
        $this->script('document.getElementById("gauge-links").click()');
        $this->until(
            fn () => (int) $this->script('return document.querySelectorAll("#order .marked").length') > 0,
            'its pieces are marked',
        );
        $figure = fn () => $this->text('#gauge-links .gauge-figure');
        $before = $figure();
        $this->script('document.querySelector("#order .marked .eye").click()');
        $this->until(fn () => $figure() !== $before, 'one of them is hidden');
        $this->assertSame('true', $this->script('return document.getElementById("gauge-links").ariaPressed'));
        $this->script('document.getElementById("undo").click()');
        $this->until(fn () => $figure() === $before, 'it is shown again');
    }

    public function test_what_is_in_use_and_the_echoes_follow_once_keys_rest(): void
    {
        $this->open('/cards/9?piece=p3');
        $this->script('document.querySelector(".echoes").scrollIntoView(); '
            .'const f = document.getElementById("field-p3-text"); f.focus(); '
            .'f.setSelectionRange(f.value.length, f.value.length)');
        $text = fn (string $selector): string => (string) $this->script(
            'const e = document.querySelector(arguments[0]); return (e?.contentDocument?.body ?? e)?.textContent ?? ""',
            $selector,
        );
        $this->keys('qq');
        $this->until(fn () => str_contains($text('#sheet'), 'designerqq'), 'the sheet has it');
        $this->until(fn () => str_contains($text('.echo-soft iframe'), 'designerqq'), 'so has an echo');
        $this->until(fn () => str_contains($text('#in-use'), 'What changed'), 'what is in use is older');
        $this->keys(WebDriverKeys::BACKSPACE.WebDriverKeys::BACKSPACE);
        $this->until(fn () => str_contains($text('#in-use'), 'as it is now'), 'and as it is now again');
    }

    public function test_rows_and_edges_are_dragged(): void
    {
        $this->open(self::CARD.'?piece=p1');
        $order = fn (): array => (array) $this->script(
            'return [...document.querySelectorAll("ol[data-zone=text] .piece")].map((row) => row.id)',
        );
        $before = $order();
        $this->assertGreaterThan(3, count($before));
        $at = fn (string $selector): array => (array) $this->script(
            'const b = document.querySelector(arguments[0]).getBoundingClientRect(); return [b.left + b.width / 2, '
                .'b.top + b.height / 2]',
            $selector,
        );
        $this->script('document.querySelector("#order details[open]").open = false');
        $this->script('document.dispatchEvent(new PointerEvent("pointermove"))');
        $this->until(fn () => (bool) $this->script('return Boolean(window.Sortable)'), 'what drags is there');
        usleep(200_000);
        $this->drag(
            $at("#{$before[2]} .grasp"),
            array_map(fn ($a, $b) => $a + $b, $at("#{$before[0]} .grasp"), [0, -6]),
        );
        $this->until(fn () => $order()[0] === $before[2], 'the row stands first');
        usleep(600_000);
        $this->assertSame($before[2], $order()[0], 'and stays there after the answer');

        $this->open(self::CARD.'?piece=p1');
        $width = fn (): int => (int) $this->script(
            'return document.getElementById("sheet").contentDocument.querySelector("[data-piece=p1] img").width',
        );
        $was = $width();
        $edge = $at('.edge-size');
        $this->drag($edge, [$edge[0] - 31, $edge[1]]);
        $this->until(
            fn () => $width() < $was - 15
                && $this->script('return Number(document.getElementById("field-p1-size").value)') === $width(),
            'smaller, and the field says so',
        );

        $this->open(self::CARD.'?piece=p2');
        $left = fn (): float => (float) $this->script(
            'return document.getElementById("sheet").contentDocument.querySelector("[data-piece=p2]").getBoundingClien'
                .'tRect().left',
        );
        $stood = $left();
        $edge = $at('.edge-column');
        $this->drag($edge, [$edge[0] + 10, $edge[1]]);
        $this->until(fn () => $left() > $stood + 5, 'more room between the columns');

        $button = (string) $this->script(
            'return [...document.querySelectorAll("#order details[data-resize^=button]")].map((row) => '
                .'row.dataset.piece)[0]',
        );
        $this->open(self::CARD."?piece=$button");
        $room = fn (): float => (float) $this->script(
            'return parseFloat(getComputedStyle(document.getElementById("sheet").contentDocument.querySelector("td[bgc'
                .'olor]")).paddingLeft)',
        );
        $had = $room();
        $edge = $at('.edge-size');
        $this->drag($edge, [$edge[0] + 9, $edge[1]]);
        $this->until(
            fn () => $room() > $had + 4
                && (float) $this->script('return Number(document.getElementById("tune-call-wide").value)')
                    === $room(),
            'more room in the button',
        );
    }

    /**
     * @param  array<mixed>  $from
     * @param  array<mixed>  $to
     */
    private function drag(array $from, array $to): void
    {
        $mouse = fn (string $type, float $x, float $y) => Desk::shared()->devtools('Input.dispatchMouseEvent', [
            'type' => $type, 'x' => $x, 'y' => $y, 'button' => 'left', 'buttons' => $type === 'mouseReleased' ? 0 : 1,
            'clickCount' => 1,
        ]);
        $mouse('mousePressed', $from[0], $from[1]);
        for ($n = 1; $n <= 12; $n++) {
            $mouse('mouseMoved', $from[0] + ($to[0] - $from[0]) * $n / 12, $from[1] + ($to[1] - $from[1]) * $n / 12);
            usleep(25_000);
        }
        $mouse('mouseReleased', $to[0], $to[1]);
    }

    private function keys(string $keys): void
    {
        Desk::shared()->browser->getKeyboard()->sendKeys($keys);
    }

    public function test_pieces_and_spacing_are_pulled_on_the_sheet_and_arrows_walk_it(): void
    {
        $this->open(self::CARD.'?piece=p3');
        $order = fn (): array => (array) $this->script(
            'return [...document.querySelectorAll("ol[data-zone=text] .piece")].map((row) => row.id.slice(6))',
        );
        // Where a piece stands, in the window.
        $at = fn (string $id, float $down = 0.5): array => (array) $this->script(
            'const f = document.getElementById("sheet"), b = f.contentDocument.querySelector(`[data-piece~='
                .'"${arguments[0]}"]`).getBoundingClientRect(), o = f.getBoundingClientRect(); return [o.left + b.left '
                .'+ 20, o.top + b.top + b.height * arguments[1]]', $id, $down,
        );
        $before = $order();
        $this->drag($at($before[1]), $at($before[3], 0.9));
        $this->until(fn () => array_search($before[1], $order(), true) === 3, 'the second stands fourth');
        $this->assertFalse($this->script('return document.querySelector("#sheet").contentDocument.querySelector("[con'
            .'tenteditable]") !== null'), 'a drag is no press');

        $this->open(self::CARD.'?piece='.$before[2]);
        $gap = fn (): float => (float) $this->script(
            'return parseFloat(getComputedStyle(document.getElementById("sheet").contentDocument.querySelector(`td[data'
                .'-piece~="${arguments[0]}"]`)).paddingTop)', $before[2],
        );
        $had = $gap();
        $handle = (array) $this->script('const b = document.querySelector(".edge-gap").getBoundingClientRect(); return '
            .'[b.left + b.width / 2, b.top + b.height / 2]');
        $this->drag($handle, [$handle[0], $handle[1] + 11]);
        $this->until(fn () => $gap() === $had + 11, 'more spacing above');
        $this->until(
            fn () => (float) $this->script('return document.getElementById("tune-gap").value') === $had + 11,
            'and tuning says so',
        );

        $this->script('document.getElementById("sheet").contentDocument.body.focus()');
        $chosen = fn (): string => (string) $this->script('return document.getElementById("main").dataset.open');
        $was = $chosen();
        $this->keys(WebDriverKeys::ARROW_DOWN);
        $this->until(fn () => ! in_array($chosen(), ['', $was], true), 'the next piece is chosen');
        $this->keys(WebDriverKeys::ARROW_UP);
        $this->until(fn () => $chosen() === $was, 'and the one before it again');
        $this->assertSame('sheet', $this->script('return document.activeElement.id'));
        $this->keys(WebDriverKeys::ENTER);
        $this->until(fn () => (bool) $this->script(
            'return Boolean(document.getElementById("sheet").contentDocument.querySelector("[contenteditable]"))',
        ), 'Enter writes');
        $this->keys(WebDriverKeys::ESCAPE);
    }

    public function test_words_are_written_on_the_sheet_where_they_stand(): void
    {
        $browser = Desk::shared()->browser;
        $browser->get(Desk::shared()->base.'/cards/8');
        $this->until(fn () => trim($this->sheet()) !== '', 'the card is there');
        $name = (string) $this->script('return document.querySelector("#face-p2 .value").textContent');
        $browser->switchTo()->frame($browser->findElement(WebDriverBy::id('sheet')));
        $browser->findElement(WebDriverBy::cssSelector('[data-piece~=p2]'))->click();
        $browser->switchTo()->activeElement()->sendKeys(WebDriverKeys::END.' the second');
        $browser->switchTo()->defaultContent();
        $this->until(
            fn () => $this->script('return document.querySelector("#piece-p2 input[type=text]").value')
                === "$name the second",
            'its row says the same',
        );
        $this->until(fn () => str_starts_with($this->text('#kept'), 'kept'), 'it is kept');
        $browser->switchTo()->frame($browser->findElement(WebDriverBy::id('sheet')));
        $browser->switchTo()->activeElement()->sendKeys(WebDriverKeys::TAB);
        $browser->switchTo()->activeElement()->sendKeys(' and more'.WebDriverKeys::ESCAPE);
        $browser->switchTo()->defaultContent();
        $this->until(fn () => str_contains($this->sheet(), 'and more'), 'Tab goes on to the next words');
        $this->until(fn () => str_contains($this->text('#echoes, .echoes ~ *, #piece-p3 .value'), 'and more'), 'a row');
        $this->assertStringNotContainsString('contenteditable', (string) $this->script(
            'return document.getElementById("sheet").contentDocument.body.innerHTML',
        ), 'Esc leaves');
    }

    public function test_what_is_folded_is_there_when_it_is_asked_for_and_without_scripts(): void
    {
        $count = fn (string $what): int => (int) $this->script(
            'return document.querySelectorAll(arguments[0]).length', $what,
        );
        $this->open(self::CARD);
        $rows = $count('#order .piece');
        $this->assertSame(0, $count('#order .fields, .add button, #fold-lines select'), 'folded away');
        $second = (string) $this->script(
            'const row = document.querySelectorAll("ol[data-zone=text] > .piece")[1]; '
                .'row.querySelector("summary").focus(); return row.id',
        );
        Desk::shared()->browser->action()->keyDown(null, WebDriverKeys::ALT)
            ->sendKeys(null, WebDriverKeys::ARROW_UP)->keyUp(null, WebDriverKeys::ALT)->perform();
        $this->until(
            fn () => $this->script('return document.querySelector("ol[data-zone=text] > .piece").id') === $second,
            'a row is moved whose buttons were folded away',
        );
        $this->until(fn () => str_starts_with($this->text('#kept'), 'kept'), 'it is kept');
        $this->script('document.getElementById("undo").click()');
        $this->open(self::CARD);
        $this->script('document.querySelector("#fold-lines > summary").click()');
        $this->assertGreaterThan(0, $count('#fold-lines select'), 'opened');
        $this->assertSame(0, $count('#fold-lines .unscripted'), 'without what pages without scripts have');

        Desk::shared()->devtools('Emulation.setScriptExecutionDisabled', ['value' => true]);
        try {
            Desk::shared()->browser->get(Desk::shared()->base.self::CARD);
            $this->assertSame($rows, $count('#order .piece:has(.fields, .profile-add)'), 'every row has its fields');
            $this->assertSame(4, $count('.echo iframe'), 'and every echo is there');
            $this->assertGreaterThan(0, $count('.fields .unscripted .btn'), 'with buttons to keep what is changed');
        } finally {
            Desk::shared()->devtools('Emulation.setScriptExecutionDisabled', ['value' => false]);
        }
    }

    private function open(string $path): void
    {
        Desk::shared()->browser->get(Desk::shared()->base.$path);
        $this->until(fn () => $this->script('return document.readyState') === 'complete', $path);
        if ($path === self::CARD || str_starts_with($path, self::CARD.'?')) {
            $this->until(
                fn () => $this->script(
                    'return document.getElementById("sheet")?.contentDocument?.body?.querySelector("[data-piece]") '
                        .'!== null',
                ) === true,
                'the sheet is there',
            );
        }
        usleep(300_000);
    }
}
