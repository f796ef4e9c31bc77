<?php

namespace Tests\Web;

use App\Clicks\CountedLinks;
use App\Clicks\Token;
use App\Feeds\AskFeed;
use App\Feeds\Feeds;
use App\Models\StoredCard;
use App\Tray\MimeMessage;
use App\Tray\TrayVerifier;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use InkyCard\Card\Edit\AddPiece;
use InkyCard\Card\Edit\CountClicks;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Layout\Sheet;
use Tests\Core\Samples;

/** What changes on a card by itself: posts as pictures, quotations, stills of films, calendar entries. */
final class LivePartsTest extends WebTestCase
{
    /** @param  array<string, mixed>  $fields */
    private function added(string $kind, array $fields): string
    {
        $document = $this->card->edit($this->card->head, new AddPiece(Kinds::of($kind)), null);
        $piece = $document->pieces[count($document->pieces) - 1]->id;
        $this->card->edit($this->card->head, new FillPiece($piece, $fields), null);

        return $piece;
    }

    private function html(): string
    {
        return (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($this->fresh()->document()));
    }

    private function fresh(): StoredCard
    {
        return StoredCard::in($this->workspace, $this->card->id) ?? $this->card;
    }

    public function test_a_post_as_a_picture_follows_its_feed_in_mail_sent_before(): void
    {
        $this->travelTo('2027-03-10 10:00:00');
        $piece = $this->added('post', ['feed' => 'quillfern.example/journal', 'form' => 'picture', 'lead' => 'New:']);
        $this->assertStringContainsString('wet-autumn', $this->fresh()->document()->piece($piece)->text('address'));
        $token = Token::ofPlace("{$this->card->id}/$piece");
        $this->get("/cards/{$this->card->id}/sheet")->assertSee("/b/$token", false)->assertSee("/to/$token", false);
        $first = $this->get("/b/$token")->assertOk()->assertHeader('Content-Type', 'image/png');
        [$width, $height] = getimagesizefromstring((string) $first->getContent()) ?: [0, 0];
        $this->assertSame([840, 2 * (int) DB::table('places')->value('height')], [$width, $height]);
        $holds = (string) $first->headers->get('Cache-Control');
        $this->assertLessThanOrEqual(3600, (int) preg_replace('/\D/', '', $holds));
        $this->get("/to/$token")->assertRedirect('https://quillfern.example/journal/what-to-plant-in-a-wet-autumn');
        $this->assertSame(['post', 'What to plant in a wet autumn'], [
            DB::table('tracked_links')->value('kind'), DB::table('tracked_links')->value('words'),
        ]);
        // A new entry: mail sent before shows it, and leads to it.
        DB::table('feeds')->update(['entry' => json_encode(['Frost is here', 'https://quillfern.example/frost'])]);
        DB::table('feeds')->update(['next_at' => now()->addHour()]);
        $this->get("/to/$token")->assertRedirect('https://quillfern.example/frost');
        $this->assertNotSame($first->getContent(), $this->get("/b/$token")->getContent());
        // Taken off, it still answers, and its feed is still asked.
        $this->post("/cards/{$this->card->id}/pieces/$piece/remove", ['revision' => $this->fresh()->head]);
        $this->get("/b/$token")->assertOk();
        $this->get('/to/'.str_replace('/', 'x/', $token))->assertNotFound();
    }

    public function test_a_feed_nobody_asked_when_it_was_due_is_asked_when_its_card_is_looked_at(): void
    {
        $this->added('post', ['feed' => 'quillfern.example/journal']);
        Queue::fake();
        $this->travel(10)->minutes();
        $this->fresh()->document();
        Queue::assertNothingPushed();
        $this->travel(2)->hours();
        $this->fresh()->document();
        Queue::assertPushed(AskFeed::class, 1);
    }

    public function test_a_message_with_the_entry_or_the_saying_of_its_day_is_verified(): void
    {
        $this->post('/quotations', ['words' => "Nothing died. — A café\nEven the north wall flowers — A client"]);
        $this->added('quote', ['follows' => 'day']);
        $post = $this->added('post', ['feed' => 'quillfern.example/journal']);
        $card = $this->fresh();
        $html = $this->get("/cards/$card->id/hand-over/file?as=eml")->assertOk();
        $received = MimeMessage::foreign((string) $html->getContent());
        $verdict = fn (): string => TrayVerifier::of($this->workspace, $received)?->verified->verdict ?? 'none';
        $this->assertContains($verdict(), ['verified', 'noted']);
        // A day later another is said, and the journal has another entry: the message was right when it was written.
        $this->travel(1)->days();
        $feed = (int) DB::table('feeds')->value('id');
        DB::table('feeds')->update(['entry' => json_encode(['Older entry', 'https://quillfern.example/older'])]);
        app(Feeds::class)->ask($feed);
        DB::table('feeds')->update(['entry' => json_encode(['Frost is here', 'https://quillfern.example/frost']),
            'past' => json_encode([['title' => 'What to plant in a wet autumn',
                'address' => 'https://quillfern.example/journal/what-to-plant-in-a-wet-autumn', 'day' => now()->subDay()
                    ->startOfWeek()->format('Y-m-d')]])]);
        $this->assertSame('Frost is here', $this->fresh()->document()->piece($post)->text('title'));
        $this->assertContains($verdict(), ['verified', 'noted']);
    }

    public function test_the_firms_quotations_are_kept_and_take_turns(): void
    {
        $this->post('/quotations', [
            'topic' => 'Planting', 'words' => "Nothing died. — A café\n\n“Small - and green” | Ida",
        ])->assertRedirect('/quotations');
        $this->get('/quotations')->assertSee('2 kept.')->assertSee('Small - and green')->assertSee('Ida');
        $this->get('/quotations?topic=Planting')->assertSee('Nothing died.');
        $long = "Fine\n".str_repeat('x', 400);
        $this->from('/quotations')->followingRedirects()->post('/quotations', ['words' => $long])
            ->assertSee('Line 2:')->assertSee('Fine');
        $id = (int) DB::table('quotations')->value('id');
        $this->from('/quotations')->followingRedirects()
            ->post("/quotations/$id", ['text' => 'Nothing died!', 'by' => 'A café', 'address' => 'not an address'])
            ->assertSee('not an address')->assertSee('field-error', false);
        $this->post("/quotations/$id", ['text' => 'Nothing died!', 'by' => 'A café', 'topic' => 'Planting']);
        $this->get('/quotations/quotations.txt')->assertSee("Nothing died! — A café\nSmall - and green — Ida", false);
        $piece = $this->added('quote', ['follows' => 'taken', 'topic' => 'planting']);
        $says = fn (): string => $this->fresh()->document()->piece($piece)->text('text');
        $this->assertSame('Nothing died!', $says());
        $this->get("/cards/{$this->card->id}?piece=$piece")->assertSee('Follows your list.')
            ->assertSee('readonly', false);
        $this->post("/cards/{$this->card->id}/hand-over/taken", ['to' => 'any']);
        $this->assertSame('Small - and green', $says());
        $this->followingRedirects()->post("/quotations/$id/remove")->assertSee('Bring it back');
        $this->assertStringContainsString('Small - and green', $this->html());
        $this->post("/quotations/$id/restore");
        $this->get('/quotations')->assertSee('Nothing died!');
    }

    public function test_the_still_of_a_film_comes_from_its_page_with_its_length(): void
    {
        $piece = $this->added('video', []);
        $fill = fn (string $from) => $this->post("/cards/{$this->card->id}/pieces/$piece", [
            'revision' => $this->fresh()->head, 'from' => $from,
        ]);
        $fill('quillfern.example/film')->assertRedirect();
        $film = $this->fresh()->document()->piece($piece);
        $this->assertSame(
            ['2:14', 'A garden in twelve months', 'https://quillfern.example/film'],
            [$film->text('length'), $film->text('alt'), $film->text('address')],
        );
        $this->assertStringStartsWith('picture:', $film->text('picture'));
        $baked = fn (): string => md5(
            (string) $this->get((string) parse_url($this->picture(), PHP_URL_PATH))->getContent(),
        );
        $with = $baked();
        $this->card = $this->fresh();
        $this->card->edit($this->card->head, new FillPiece($piece, ['length' => '']), null);
        $this->assertNotSame($with, $baked(), 'the length stands on the still');
        $fill('quillfern.example/visits')->assertStatus(422)->assertSee('names no still of a film');
        $fill('pictures.quillfern.example/spring')->assertRedirect();
    }

    private function picture(): string
    {
        $page = (string) $this->get("/cards/{$this->card->id}/sheet")->getContent();
        preg_match_all('~src="([^"]*/p/[^"]+)"~', $page, $found);

        return (string) end($found[1]);
    }

    public function test_the_way_into_a_readers_calendar_is_counted(): void
    {
        $this->card->edit($this->card->head, new CountClicks(true), null);
        $piece = $this->added('event', ['words' => 'Open garden', 'address' => 'quillfern.example/open',
            'starts' => '2027-05-22', 'entry' => 'link']);
        $card = $this->fresh();
        $sheet = CountedLinks::sheet($card, $card->document());
        $this->assertStringContainsString('/go/', (new HtmlComposer(Samples::pictures()))->compose($sheet));
        $entry = $card->document()->piece($piece)->text('calendar');
        $link = DB::table('tracked_links')->where('address', $entry)->first();
        $this->assertSame('event', $link?->kind);
        $this->get('/go/'.Token::of((int) $link->id))->assertRedirect($entry);
    }
}
