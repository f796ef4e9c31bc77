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
