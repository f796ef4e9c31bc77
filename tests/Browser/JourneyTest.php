<?php

namespace Tests\Browser;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\Depends;

/** From signing in to a card on the clipboard, as a newcomer goes. */
final class JourneyTest extends BrowserTestCase
{
    private static Desk $desk;

    public static function setUpBeforeClass(): void
    {
        self::$desk = Desk::shared();
    }

    public function test_a_card_is_started_filled_in_and_handed_over(): void
    {
        $browser = self::$desk->browser;
        $browser->get(self::$desk->base.'/up');
        $browser->manage()->deleteAllCookies();
        $browser->get(self::$desk->base.'/sign-in');
        $this->element('#email')->sendKeys('maren@quillfern.example');
        $this->element('#password')->sendKeys('quillfern-demo')->submit();
        $this->element('a[href$="/cards/start"]')->click();
        $this->element('button[aria-label$="Tidemark"]')->click();

        $this->fill('role', 'text', 'Head of planting');
        $this->fill('company', 'text', 'Quillfern & Daughters');
        $this->fill('phone', 'number', '01632 960 199');
        $this->fill('email', 'address', 'hello@quillfern.example');
        $this->fill('web', 'address', 'www.quillfern.example/spring/');
        $this->fill('name', 'text', 'Maren O. Oakhollow');
        $this->fill('profiles', 'links', 'https://www.linkedin.com/in/maren-oakhollow?trk=paste');
        $this->fill('button', 'words', 'Book a spring visit');
        $this->fill('button', 'address', 'quillfern.example/visits');
        $this->until(fn () => str_contains($this->sheet(), 'Book a spring visit'), 'the sheet follows');
        foreach (
            [
                'Maren O. Oakhollow', 'Head of planting', 'Quillfern & Daughters', '+44 1632 960199',
                'hello@quillfern.example', 'quillfern.example/spring',
            ] as $words
        ) {
            $this->assertStringContainsString($words, $this->sheet());
        }

        $before = $this->script('return document.getElementById("sheet").contentDocument.querySelector("img").src');
        $this->open('headshot');
        $picture = self::$desk->files.'/me.png';
        $image = imagecreatetruecolor(400, 300);
        imagefill($image, 0, 0, 0x4477AA);
        imagepng($image, $picture);
        $this->element('details[open] input[type=file]')->setFileDetector(new LocalFileDetector())->sendKeys($picture);
        $this->until(
            fn () => $this->script(
                'const i = document.getElementById("sheet").contentDocument.querySelector("img"); return i.src !== '
                    .'arguments[0] && i.naturalWidth',
                $before,
            ) === 208,
            'the headshot is on the sheet',
        );
        $this->until(
            fn () => ! str_contains($this->element('.gauge-last')->getText(), 'sample'),
            'no sample value is left',
        );
    }

    #[Depends('test_a_card_is_started_filled_in_and_handed_over')]
    public function test_bad_input_stays_in_its_field_with_a_sentence_and_undo_comes_back(): void
    {
        $this->fill('web', 'address', 'javascript:alert(1)');
        $error = fn () => $this->element('details[open] .field-error')->getText();
        $this->until(fn () => str_contains($error(), 'must start with https'), 'the sentence stands beside the field');
        $field = $this->element('details[open] input[name="fields[address]"]');
        $this->assertSame(
            ['javascript:alert(1)', 'true'],
            [$field->getAttribute('value'), $field->getAttribute('aria-invalid')],
        );
        $this->assertStringContainsString('quillfern.example/spring', $this->sheet());
        $this->assertStringContainsString('not all kept', $this->text('#kept'));
        $this->fill('web', 'address', 'quillfern.example/autumn');
        $this->until(
            fn () => str_contains($this->sheet(), 'quillfern.example/autumn')
                && $this->script('return document.querySelector("details[open] '
                    .'.field-error").textContent.replace(/\s+/g, " ")') === '',
            'mended',
        );
        $this->element('#undo')->click();
        $this->until(fn () => str_contains($this->sheet(), 'quillfern.example/spring'), 'undone');
        $this->element('#redo')->click();
        $this->until(fn () => str_contains($this->sheet(), 'quillfern.example/autumn'), 'done again');
    }

    /** A file that is no picture stands in nobody's way: what is typed after it in the same row is kept. */
    #[Depends('test_a_card_is_started_filled_in_and_handed_over')]
    public function test_a_refused_file_blocks_nothing_of_its_row(): void
    {
        $file = Desk::shared()->files.'/price-list.pdf';
        file_put_contents($file, "%PDF-1.7\n1 0 obj<<>>endobj\ntrailer<<>>\n%%EOF");
        $this->fill('headshot', 'alt', 'Maren by the gate');
        $this->element('details[open] input[type=file]')->setFileDetector(new LocalFileDetector)->sendKeys($file);
        $this->until(fn () => $this->text('details[open] .field-error') !== '', 'the file has its sentence');
        $this->assertStringContainsString('not all kept', $this->text('#kept'));
        $this->fill('headshot', 'alt', 'Maren in the orchard');
        $this->until(fn () => str_starts_with($this->text('#kept'), 'kept'), 'the words are kept');
        $this->assertSame('', $this->text('details[open] .field-error'));
    }

    #[Depends('test_a_card_is_started_filled_in_and_handed_over')]
    public function test_pieces_are_added_moved_hidden_and_taken_off(): void
    {
        $this->element('.add summary')->click();
        $this->element('button[name=kind][value=tagline]')->click();
        $this->until(
            fn () => $this->script('return document.activeElement.name') === 'fields[text]',
            'the cursor is in the new piece',
        );
        $this->browserKeys('Gardens drawn for your soil');
        $this->until(fn () => str_contains($this->sheet(), 'Gardens drawn for your soil'), 'on the sheet');
        $place = fn () => strpos($this->sheet(), 'Gardens drawn');
        $low = $place();
        $this->script(
            'document.activeElement.dispatchEvent(new KeyboardEvent("keydown", {key: "ArrowUp", altKey: true, '
                .'bubbles: true}))',
        );
        $this->until(fn () => $place() < $low, 'moved up by keyboard');
        $eye = $this->script(
            'return document.querySelector("#order details[open]").closest(".piece").querySelector(".eye").id',
        );
        $this->element("#$eye")->click();
        $this->until(fn () => $place() === false, 'hidden');
        $this->script('[...document.querySelectorAll("details[open] .row-tools button")].pop().click()');
        $this->until(fn () => $this->script('return document.getElementById(arguments[0])', $eye) === null,
            'taken off');
    }

    #[Depends('test_a_card_is_started_filled_in_and_handed_over')]
    public function test_both_kinds_are_on_the_clipboard_and_the_file_opens_alone(): void
    {
        $desk = self::$desk;
        $desk->devtools('Browser.grantPermissions', [
            'permissions' => ['clipboardReadWrite', 'clipboardSanitizedWrite'],
        ]);
        $desk->devtools('Browser.setDownloadBehavior', [
            'behavior' => 'allow',
            'downloadPath' => $desk->files.'/downloads',
        ]);
        $this->element('a[href$="/hand-over"]')->click();
        $this->element('#copy-rich')->click();
        $this->until(fn () => str_contains($this->element('#copy-rich + .copied')->getText(), 'Copied'), 'it says so');
        $clipboard = $this->async(
            'navigator.clipboard.read().then(async ([item]) => done([await (await item.getType("text/html")).text(), '
                .'await (await item.getType("text/plain")).text()]))',
        );
        $this->assertStringContainsString('Book a spring visit', $clipboard[0]);
        $this->assertStringContainsString('href="tel:+441632960199"', $clipboard[0]);
        $this->assertStringStartsWith("Maren O. Oakhollow\n", $clipboard[1]);
        $this->assertStringContainsString('LinkedIn: https://www.linkedin.com/in/maren-oakhollow', $clipboard[1]);

        // Pasted into a box as a mail client's settings have one: looks, links and pictures are there.
        $this->script(
            'const box = document.createElement("div"); box.contentEditable = true; box.id = "box"; '
                .'document.getElementById("main").prepend(box); box.focus()',
        );
        $desk->devtools('Input.dispatchKeyEvent', [
            'type' => 'keyDown', 'modifiers' => 2, 'key' => 'v', 'code' => 'KeyV', 'windowsVirtualKeyCode' => 86,
            'commands' => ['paste'],
        ]);
        $this->until(
            fn () => $this->script('return document.querySelectorAll("#box a").length') >= 4,
            'pasted with its links',
        );
        $this->assertGreaterThanOrEqual(2, $this->script('return document.querySelectorAll("#box img").length'));

        $this->script('document.getElementById("box").remove()');
        $this->element('#copy-source')->click();
        $this->until(
            fn () => $this->async('navigator.clipboard.readText().then(done)')
                === $this->element('#source')->getAttribute('value'),
            'the whole source',
        );
        $this->assertStringStartsWith('<table', (string) $this->element('#source')->getAttribute('value'));

        $this->element('a[download]')->click();
        $this->until(fn () => glob($desk->files.'/downloads/*.html') !== [], 'downloaded');
        $desk->kill();
        $desk->browser->get('file://'.(glob($desk->files.'/downloads/*.html') ?: [''])[0]);
        $this->assertTrue(
            $this->script(
                'return document.images.length >= 2 && [...document.images].every((i) => i.naturalWidth > 0)',
            ),
            'its pictures need no server',
        );
        $desk->serve();
    }

    #[Depends('test_a_card_is_started_filled_in_and_handed_over')]
    public function test_what_was_acknowledged_survives_a_killed_server_and_what_was_not_is_sent_again(): void
    {
        $desk = self::$desk;
        $newest = $desk->database()->query('select max(id) from cards');
        $card = (int) ($newest ? $newest->fetchColumn() : 0);
        $desk->browser->get("$desk->base/cards/$card");
        $this->fill('role', 'text', 'Survivor');
        $this->until(
            fn () => str_contains(
                $this->text('#said'),
                'Survivor',
            ),
            'acknowledged',
        );
        $desk->kill();
        $kept = $desk
            ->database()
            ->query("select document from card_revisions where card_id = $card order by number desc limit 1");
        $this->assertStringContainsString('Survivor', (string) ($kept ? $kept->fetchColumn() : ''));
        $this->fill('role', 'text', 'Sent while nobody listened');
        $this->until(fn () => str_contains($this->element('#kept')->getText(), 'not kept yet'), 'it is marked');
        $desk->serve();
        $this->until(fn () => str_contains($this->sheet(), 'Sent while nobody listened'), 'sent again by itself', 15);
    }

    public function test_no_request_fails_and_the_bench_is_light(): void
    {
        $desk = self::$desk;
        // What the page before still asked for is none of its.
        $desk->browser->get('about:blank');
        $desk->devtools('Network.enable', []);
        // As who comes for the first time: nothing is there, and each thing comes once.
        $desk->devtools('Network.setCacheDisabled', ['cacheDisabled' => true]);
        $desk->browser->manage()->getLog('browser');
        $desk->browser->manage()->getLog('performance');
        $desk->browser->get($desk->base.'/cards/9?piece=p3');
        usleep(1_500_000);
        $desk->devtools('Network.setCacheDisabled', ['cacheDisabled' => false]);
        $sizes = $hosts = $urls = [];
        foreach ($desk->browser->manage()->getLog('performance') as $entry) {
            ['method' => $method, 'params' => $event] = json_decode($entry['message'], true)['message'];
            if ($method === 'Network.loadingFinished') {
                $sizes[$urls[$event['requestId']] ?? ''] = $event['encodedDataLength'];
            }
            if ($method === 'Network.responseReceived' && ! str_starts_with($event['response']['url'], 'data:')) {
                $hosts[] = parse_url($event['response']['url'], PHP_URL_HOST);
                $urls[$event['requestId']] = $event['response']['url'];
                $this->assertLessThan(400, $event['response']['status'], $event['response']['url']);
            }
            $this->assertNotSame('Network.loadingFailed', $method, json_encode($event) ?: '');
        }
        $this->assertSame(['127.0.0.1'], array_values(array_unique($hosts)));
        $bytes = array_sum($sizes);
        $this->assertGreaterThan(150_000, $bytes);
        $this->assertLessThan(250_000, $bytes);
        $this->assertSame(
            [],
            array_column($desk->browser->manage()->getLog('browser'), 'message'),
            'the console is quiet',
        );
    }

    private function fill(string $kind, string $field, string $value): void
    {
        $this->open($kind);
        if ($field === 'links') {
            $box = $this->element('details[open] textarea[data-once]');
            $box->sendKeys($value.WebDriverKeys::ENTER);

            return;
        }
        $input = $this->element("details[open] [name=\"fields[$field]\"]");
        $this->script('arguments[0].focus(); arguments[0].select()', $input);
        $input->sendKeys($value);
    }

    /** Opens a row by the pictogram of its kind, which only pieces of that kind carry. */
    private function open(string $kind): void
    {
        $label = ['profiles' => 'profile links', 'button' => 'call to action', 'email' => 'e-mail'][$kind] ?? $kind;
        $this->until(
            fn () => $this->script(
                'const row = [...document.querySelectorAll("#order details[data-piece]")]
                .find((d) => d.querySelector(".kind").textContent.trim() === arguments[0]);
            if (row && !row.open) row.querySelector("summary").click(); return !!row?.open',
                $label,
            ),
            "the row $label opens",
        );
    }

    private function element(string $css): RemoteWebElement
    {
        $found = null;
        $this->until(function () use ($css, &$found) {
            $found = self::$desk->browser->findElements(WebDriverBy::cssSelector($css))[0] ?? null;

            return $found !== null;
        }, $css);

        return $found ?? throw new \LogicException($css);
    }

    private function browserKeys(string $text): void
    {
        self::$desk->browser->getKeyboard()->sendKeys($text);
    }

    private function async(string $script): mixed
    {
        return self::$desk->browser->executeAsyncScript("const done = arguments[arguments.length - 1]; $script");
    }
}
