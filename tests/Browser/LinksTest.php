<?php

namespace Tests\Browser;

/** Links on the bench and clicks of counted ones. */
final class LinksTest extends BrowserTestCase
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

    public function test_links_are_listed_tagged_and_checked_beside_the_sheet(): void
    {
        $this->open('/cards/4');
        $this->script('document.getElementById("links").open = true');
        $this->until(
            fn () => str_contains($this->panel(), 'utm_campaign=autumn-planting'),
            'the list is there with its tags',
        );
        $this->script(
            'const field = document.getElementById("tags-campaign"); field.focus(); field.value = "Bare roots"; '
                .'field.dispatchEvent(new Event("change", {bubbles: true}))',
        );
        $this->until(fn () => str_contains($this->panel(), 'utm_campaign=bare-roots'), 'the list follows the edit');
        $this->assertSame('tags-campaign', $this->script('return document.activeElement.id'), 'the cursor stays');
        $this->until(
            fn () => str_contains(
                (string) $this->script('return document.getElementById("sheet").contentDocument.body.innerHTML'),
                'bare-roots',
            ),
            'so does the sheet',
        );
        $this->script('document.querySelector("#links [data-check-all]").click()');
        $this->until(fn () => str_contains($this->panel(), '4 checked'), 'all are followed', 25);
        $this->assertStringContainsString('Passes on to another address', $this->panel());
        $this->assertReachable('links on the bench');
        foreach (
            [
                '/cards/4/links' => 'links on a page of their own',
                '/clicks' => 'clicks by piece',
                '/clicks?by=day&days=90' => 'clicks by day',
            ] as $path => $state
        ) {
            $this->open($path);
            $this->assertReachable($state);
        }
    }

    public function test_profiles_are_pasted_in_any_mess_and_say_what_was_made_of_them(): void
    {
        $this->open('/cards/4?piece=p9');
        $this->script(
            'const box = document.querySelector("#order textarea[data-once]"); box.closest("details").open = true; '
                .'box.focus(); box.value = "Find us on Instagram: @quillfern.studio\nhttps://m.facebook.com/quillfern'
                .'?fbclid=1"; box.dispatchEvent(new KeyboardEvent("keydown", {key: "Enter", bubbles: true}))',
        );
        $this->until(fn () => str_contains($this->rows(), 'Facebook'), 'each has a row');
        $this->assertStringContainsString('Facebook without host m.facebook.com', $this->text('#note-p9-links'));
        $this->assertSame('', $this->script('return document.querySelector("#order textarea[data-once]").value'));
        $names = explode("\n", $this->rows());
        $this->script(
            'const last = [...document.querySelectorAll(".profile-who")].at(-1); last.focus(); last.dispatchEvent(new '
                .'KeyboardEvent("keydown", {key: "ArrowUp", altKey: true, bubbles: true}))',
        );
        $this->until(fn () => $this->rows() !== implode("\n", $names), 'keys put it in another place');
        $this->assertStringContainsString('quillfern', $this->script('return document.activeElement.textContent'));
        $this->script('document.activeElement.click()');
        $this->until(
            fn () => $this->script('return document.querySelector(".mark-choice [value=flower1]") !== null') === true,
            'a row unfolds',
        );
        $this->assertReachable('a profile link being changed');
        $this->script('document.querySelector(".mark-choice [value=flower1]").click()');
        $this->until(
            fn () => $this->script('return document.querySelector(".mark-choice") === null') === true,
            'its mark is chosen',
        );
        $this->script('document.querySelector(".profile .btn-icon").focus(); document.activeElement.click()');
        $this->until(
            fn () => $this->script('return document.querySelectorAll(".profile").length')
                === intdiv(count($names), 2) - 1,
            'one is taken off',
        );
        $this->assertTrue(
            $this->script('return document.activeElement.closest(".profile") !== null'), 'the focus stays in the row',
        );
        $this->script('document.querySelector("[data-unfolds^=kinds]").click()');
        $this->until(fn () => $this->script('return document.querySelector(".kinds-find") !== null') === true, 'all');
        $this->script(
            'const find = document.querySelector(".kinds-find"); find.value = "checkatr"; '
                .'find.dispatchEvent(new Event("input", {bubbles: true}))',
        );
        $this->assertSame(
            'Checkatrade',
            $this->script('return document.querySelector(".kind-row:not([hidden]) summary").innerText.trim()'),
        );
        $this->script(
            'const kind = document.querySelector(".kind-row:not([hidden])"); kind.open = true; '
                .'kind.querySelector("[name=text]").value = "quillfern"; kind.querySelector(".btn").click()',
        );
        $this->until(fn () => str_contains($this->rows(), 'Checkatrade'), 'a name on a network from the list is added');
        $this->until(
            fn () => $this->script('return document.getElementById("marks-size") !== null') === true,
            'its marks can be tuned',
        );
        $this->script(
            'const season = document.getElementById("marks-dress"); season.value = "leaf"; season.dispatchEvent(new '
                .'Event("change", {bubbles: true}))',
        );
        $this->until(
            fn () => $this->script('return document.getElementById("marks-from")?.value') === '09-22',
            'a season comes with its days',
        );
        $this->until(
            fn () => str_contains(
                (string) $this->script('return document.getElementById("sheet").contentDocument.body.innerHTML'),
                '/s/',
            ),
            'and is on the sheet',
        );
        $this->assertReachable('marks being tuned');
    }

    public function test_no_press_that_was_answered_is_lost_when_the_server_is_killed(): void
    {
        $this->open('/cards/9/hand-over');
        $go = self::$desk->base.$this->script('return document.body.innerHTML.match(/\/go\/[\w-]+/)[0]');
        $noted = fn (): int => (int) (
            self::$desk->database()->query('select count(*) from clicks')
            ?: $this->fail('no clicks')
        )->fetchColumn();
        $before = $noted();
        $answered = 0;
        $many = curl_multi_init();
        $ask = function () use ($many, $go): void {
            $request = curl_init($go) ?: $this->fail('no request');
            curl_setopt_array($request, [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_USERAGENT => 'Mozilla/5.0 Firefox/140.0',
                CURLOPT_TIMEOUT => 5,
            ]);
            curl_multi_add_handle($many, $request);
        };
        array_map(fn () => $ask(), range(1, 6));
        do {
            curl_multi_exec($many, $running);
            while ($done = curl_multi_info_read($many)) {
                $answered += curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE) === 302 ? 1 : 0;
                curl_multi_remove_handle($many, $done['handle']);
                $answered < 60 ? $ask() : null;
            }
            curl_multi_select($many, 0.05);
            if ($answered >= 60) {
                // Others are on their way at this moment.
                self::$desk->kill();
            }
        } while ($answered < 60);
        $this->assertGreaterThanOrEqual($before + $answered, $noted());
        $this->assertLessThanOrEqual($before + $answered + 6, $noted());
        self::$desk->serve();
    }

    private function rows(): string
    {
        return (string) $this->script(
            'return [...document.querySelectorAll(".profile-who")].map((row) => row.innerText.trim()).join("\n")',
        );
    }

    private function panel(): string
    {
        return (string) $this->script('return document.getElementById("links").innerText');
    }

    private function open(string $path): void
    {
        self::$desk->browser->get(self::$desk->base.$path);
        usleep(700_000);
    }
}
