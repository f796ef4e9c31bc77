<?php

namespace Tests\Browser;

/** Whatever the network does, what was made on the bench is what is kept: once, in order, to the last letter. */
final class EditsTest extends BrowserTestCase
{
    /** Sequences of edits; FUZZ_EVERY takes every so many of them. */
    private const SEQUENCES = 300;

    /** Sequences on one page, before it is opened anew. */
    private const EACH = 10;

    protected function setUp(): void
    {
        $this->signIn();
    }

    public function test_what_is_made_through_any_faults_is_what_the_same_edits_make_without(): void
    {
        $desk = Desk::shared();
        $desk->browser->manage()->timeouts()->setScriptTimeout(60);
        $script = (string) file_get_contents(__DIR__.'/edits.js');
        $every = max(1, (int) (getenv('FUZZ_EVERY') ?: 20));
        [$faulty, $plain] = [$this->copyOf(1), $this->copyOf(1)];
        $changed = 0;
        for ($seed = 0; $seed < self::SEQUENCES / $every; $seed += self::EACH) {
            $seeds = range($seed + 1, min($seed + self::EACH, (int) (self::SEQUENCES / $every)));
            $documents = $made = [];
            foreach ([$faulty, $plain] as $card) {
                $desk->browser->get("$desk->base/cards/$card");
                foreach ($seeds as $one) {
                    [$says, $edits] = $desk->browser->executeAsyncScript($script, [$one, $made[$one] ?? null]);
                    $made[$one] ??= $edits;
                    $this->assertStringStartsWith('kept ', $says, "seed $one");
                    $documents[$one][] = $this->document($card);
                }
            }
            foreach ($documents as $one => [$through, $without]) {
                $this->assertSame($without, $through, "seed $one: ".json_encode($made[$one]));
                $changed += (int) ($without !== ($before ?? ''));
                $before = $without;
            }
        }
        $this->assertGreaterThan(1, $changed);
    }

    public function test_what_was_typed_without_a_network_outlives_the_page_and_goes_on_with_the_next(): void
    {
        $desk = Desk::shared();
        $card = $this->copyOf(1);
        $desk->browser->get("$desk->base/cards/$card?piece=p3");
        $type = 'const input = document.querySelector("#piece-p3 .fields input[name^=fields]");'
            .'input.value = arguments[0]; input.dispatchEvent(new InputEvent("input", {bubbles: true}))';
        $this->script('window.fetch = () => Promise.reject(new TypeError("No network."))');
        $this->script($type, 'Typed on a train');
        $this->script('document.getElementById("eye-p5").click()');
        $this->until(fn () => str_contains($this->text('#kept'), '2 edits wait'), 'what waits is said');
        // Leaving warns; whoever leaves all the same finds it again.
        $this->assertTrue($this->script('return !dispatchEvent(new Event("beforeunload", {cancelable: true}))'));
        $this->script('addEventListener("beforeunload", (event) => event.stopImmediatePropagation(), true)');
        $desk->browser->get('about:blank');
        $this->assertStringNotContainsString('train', $this->document($card));
        $desk->browser->get("$desk->base/cards/$card");
        $this->until(fn () => str_contains($this->document($card), 'Typed on a train'), 'it goes on by itself');
        $shown = fn (): bool => array_column(json_decode($this->document($card), true)['pieces'], 'shown', 'id')['p5']
            ?? true;
        $this->until(fn () => ! $shown(), 'what was pressed, too');
        $eye = 'return document.getElementById("eye-p5").getAttribute("aria-pressed")';
        $this->until(fn () => $this->script($eye) === 'false'
            && str_starts_with($this->text('#kept'), 'kept '), 'and the page says so');

        // Signed out meanwhile: signing in again, in whatever tab, is enough.
        $desk->browser->get("$desk->base/cards/$card?piece=p3");
        // Until no frame that was still on its way brings the session back.
        $this->until(function () use ($desk, $type): bool {
            $desk->browser->manage()->deleteAllCookies();
            $this->script($type, 'Typed signed out '.microtime(true));
            usleep(400_000);

            return str_contains($this->text('#kept'), 'sign in again');
        }, 'signed out');
        $bench = $desk->browser->getWindowHandle();
        $desk->browser->switchTo()->newWindow();
        $this->signIn();
        $desk->browser->close();
        $desk->browser->switchTo()->window($bench);
        $this->script('dispatchEvent(new Event("focus"))');
        $this->until(fn () => str_contains($this->document($card), 'Typed signed out'), 'kept after all');
    }

    private function copyOf(int $card): int
    {
        $database = Desk::shared()->database();
        $database->exec("insert into cards (workspace_id, name, head, last, created_at, updated_at)
            select workspace_id, name, 1, 1, created_at, updated_at from cards where id = $card");
        $copy = (int) $database->lastInsertId();
        $database->exec("insert into card_revisions (card_id, number, document, words, created_at)
            select $copy, 1, document, words, created_at from card_revisions where card_id = $card
            order by number desc limit 1");

        return $copy;
    }

    private function document(int $card): string
    {
        $found = Desk::shared()->database()->query("select document from card_revisions r join cards c
            on c.id = r.card_id and c.head = r.number where c.id = $card");

        return $found === false ? '' : (string) $found->fetchColumn();
    }
}
