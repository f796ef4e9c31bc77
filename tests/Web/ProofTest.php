<?php

namespace Tests\Web;

use App\Models\StoredCard;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Edit\Restyle;
use InkyCard\MailClient\MailClient;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Samples;

final class ProofTest extends WebTestCase
{
    public static function tearDownAfterClass(): void
    {
        array_map(unlink(...), glob(sys_get_temp_dir().'/inky-proof-'.getmypid().'-*') ?: []);
    }

    protected function setUp(): void
    {
        parent::setUp();
        // Round enough for readers to miss it where corners are square.
        $card = Samples::card(['style' => ['button' => ['radius' => 18]]]);
        $this->card = StoredCard::start($this->workspace, $card, $this->maren, 'Started');
    }

    public function test_the_proof_shows_findings_the_wall_and_where_the_card_holds(): void
    {
        $page = $this->get("/cards/{$this->card->id}/proof")->assertOk();
        foreach (MailClient::all() as $client) {
            $page->assertSee($client->label);
        }
        $page->assertSeeInOrder([
            'of 100', 'Corners square off', 'Draw the shape', 'checks passed', 'Where it holds', 'Walk it once by eye',
        ]);
    }

    public function test_a_mend_is_kept_shown_before_and_after_and_undone(): void
    {
        $mend = fn (array $form) => $this->from("/cards/{$this->card->id}/proof")->post(
            "/cards/{$this->card->id}/proof/mend",
            $form,
        );
        $mend(['revision' => 1, 'finding' => 'corners.p9'])->assertRedirect("/cards/{$this->card->id}/proof");
        $this->assertTrue($this->card->fresh()?->document()->style->button->word);
        $this->get("/cards/{$this->card->id}/proof")
            ->assertSee('Mended:')
            ->assertSee('history/1/sheet')
            ->assertSee('history/2/sheet')
            ->assertDontSee('Draw the shape');
        $mend(['revision' => 2, 'finding' => 'corners.p9'])->assertSessionHas('told', 'This is mended already.');
        $this->post("/cards/{$this->card->id}/undo", ['revision' => 2, 'back' => 'proof'])->assertRedirect(
            "/cards/{$this->card->id}/proof",
        );
        $this->assertFalse($this->card->fresh()?->document()->style->button->word);
        // Somebody else was faster: nothing is overwritten.
        $this->card->refresh()->edit(1, new FillPiece('p3', ['text' => 'Head gardener']), null);
        $before = $this->card->head;
        $mend(['revision' => 1, 'finding' => 'corners.p9'])->assertSessionHas('told');
        $this->assertSame($before, $this->card->refresh()->head);
        $mend(['revision' => ['x'], 'finding' => ['y']])->assertSessionHas('told');
    }

    public function test_each_reading_is_shown_alone_without_script_and_beside_the_original(): void
    {
        foreach (MailClient::ALL as $client) {
            $this->get("/cards/{$this->card->id}/proof/$client/reading?outlined=1&mark=p9")
                ->assertOk()
                ->assertSee('Maren Oakhollow')
                ->assertHeader('Content-Security-Policy')
                ->assertDontSee('<script', false);
        }
        $this->get("/cards/{$this->card->id}/proof/word-desktop")
            ->assertSee('Corners squared')
            ->assertSee('Open data, border-radius, tested 2021-03-09.');
        $this->get(
            "/cards/{$this->card->id}/proof/word-desktop/reading?mark=".urlencode('x"]{}</style><script>'),
        )->assertDontSee('<script', false);
        $this->get("/cards/{$this->card->id}/proof/no-such")->assertNotFound();
        $this->get("/cards/{$this->card->id}/proof/sheet")->assertSee('Proof sheet')->assertSee('Before it goes out');
    }

    public function test_what_was_looked_at_by_eye_holds_for_the_revision(): void
    {
        $this->post("/cards/{$this->card->id}/proof/walk", ['item' => 'K13', 'done' => '1'])->assertRedirect();
        $this->get("/cards/{$this->card->id}/proof")->assertSee('aria-pressed="true"', false);
        $this->card->edit(1, new FillPiece('p3', ['text' => 'Head gardener']), null);
        $this->get("/cards/{$this->card->id}/proof")
            ->assertDontSee('aria-pressed="true"', false)
            ->assertSee('Looked at on an earlier revision');
        $this->post("/cards/{$this->card->id}/proof/walk", ['item' => 'K99', 'done' => '1'])->assertNotFound();
    }

    public function test_the_bench_is_told_what_to_mark(): void
    {
        $this->card->edit(1, new Restyle(['inks' => ['quiet' => '#cccccc']]), null);
        $this->get("/cards/{$this->card->id}/findings")
            ->assertOk()
            ->assertJsonPath('revision', 2)
            ->assertJsonPath('pieces.p5.severity', 'mend');
    }

    public function test_what_checks_of_links_found_is_part_of_the_proof(): void
    {
        $this->card->edit(1, new FillPiece('p9', ['address' => 'quillfern.example/missing']), null);
        $this->get("/cards/{$this->card->id}/proof")->assertDontSee('A link leads nowhere');
        $this->post("/cards/{$this->card->id}/links/check", ['back' => 'proof'])->assertRedirect(
            "/cards/{$this->card->id}/proof",
        );
        $this->get("/cards/{$this->card->id}/proof")
            ->assertSee('A link leads nowhere')
            ->assertSee('mend before it goes out');
        $this->card->edit(2, new FillPiece('p9', ['address' => 'quillfern.example/plans']), null);
        $this->post("/cards/{$this->card->id}/links/check", ['back' => 'proof']);
        $this->from('/')->post("/cards/{$this->card->id}/proof/mend", ['revision' => 3, 'finding' => 'link-moved.p9']);
        $this->assertSame(
            'https://quillfern.example/garden-plans',
            $this->card->fresh()?->document()->piece('p9')->text('address'),
        );
    }

    /** @return iterable<string, array{string, int, string}> */
    public static function commands(): iterable
    {
        $card = self::file('card.json', CardJson::encode(Samples::card()));
        $html = self::file('mail.html', '<div style="border-radius:4px" onclick="x()">Hello</div>');
        yield 'proof' => ["inky:proof $card", 0, '"score":'];
        yield 'one client' => ["inky:proof $card --client=word-desktop", 0, '"corners squared"'];
        yield 'no such client' => ["inky:proof $card --client=pigeon", 2, 'A stand-in is one of'];
        yield 'read as' => ["inky:read-as word-desktop $html", 0, '<div>Hello</div></body></html>'];
        yield 'changes' => ["inky:read-as word-desktop $html --changes", 0, '"border-radius"'];
        yield 'no file' => ['inky:read-as word-desktop /nowhere.html', 2, 'There is no file'];
    }

    #[DataProvider('commands')]
    public function test_proofs_and_readings_are_had_from_the_console(string $command, int $code, string $says): void
    {
        $this->assertSame($code, $this->artisan($command));
        $this->assertStringContainsString($says, \Illuminate\Support\Facades\Artisan::output());
    }

    private static function file(string $name, string $bytes): string
    {
        $path = sys_get_temp_dir().'/inky-proof-'.getmypid()."-$name";
        file_put_contents($path, $bytes);

        return $path;
    }
}
