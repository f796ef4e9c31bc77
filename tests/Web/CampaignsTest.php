<?php

namespace Tests\Web;

use App\Campaigns\Recipients;
use App\Models\StoredFooter;
use App\Models\StoredLetter;
use App\StandIns\SendDue;
use App\StandIns\SenderStandIn;
use App\Tray\Tray;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Samples;

/** Footers are made, looked at and given out; campaigns say which messages hold an old one. */
final class CampaignsTest extends WebTestCase
{
    private function footer(): StoredFooter
    {
        $this->post('/footers', ['card' => $this->card->id])->assertRedirect();

        return StoredFooter::query()->latest('id')->firstOrFail();
    }

    /** @param  array<string, mixed>  $values */
    private function kept(StoredFooter $footer, array $values): StoredFooter
    {
        $this->withHeader('HX-Request', 'true')->post("/footers/$footer->id", ['number' => $footer->number] + $values)
            ->assertOk();
        $this->flushHeaders();

        return $footer->refresh();
    }

    public function test_a_footer_is_kept_with_every_edit_and_says_what_it_lacks(): void
    {
        $footer = $this->footer();
        $this->get("/footers/$footer->id")->assertOk()->assertSee('Quillfern footer')->assertSee('per recipient')
            ->assertSee('GB asks for it')->assertSee('not given out yet');
        $this->withHeader('HX-Request', 'true')->post("/footers/$footer->id", [
            'number' => 1, 'why' => 'You asked, {{first_name|friend}}.', 'registration' => 'No. 7',
            'unsubscribe' => ['words' => 'Leave', 'address' => 'https://{{host}}.example/x'], 'name' => '',
        ])->assertOk()->assertSee('cannot stand in the host')->assertSee('Give the footer a name.');
        $this->flushHeaders();
        $kept = $footer->refresh()->footer();
        $this->assertSame('You asked, {{first_name|friend}}.', $kept->text('why'));
        $this->assertSame('{{unsubscribe_url}}', $kept->link('unsubscribe')->address, 'what was refused was not kept');
        $this->withHeader('HX-Request', 'true')->post("/footers/$footer->id", ['number' => 1, 'why' => 'Late'])
            ->assertStatus(409)->assertSee('changed elsewhere')->assertSee('id="shown"', false);
        $this->flushHeaders();
        $this->post("/footers/$footer->id", ['number' => 2, 'name' => ''])->assertStatus(422)->assertSee('a name.');
        // As one recipient has it, and with its tokens.
        Recipients::bring(
            $this->workspace, "email,first_name,unsubscribe_url\nida@reader.example,Ida <b>,javascript:x\n",
        );
        $one = (int) DB::table('recipients')->value('id');
        $this->get("/footers/$footer->id/sheet?recipient=$one")->assertSee('You asked, Ida &lt;b&gt;.', false)
            ->assertDontSee('javascript', false);
        $this->get("/footers/$footer->id/sheet")->assertSee('You asked, {{first_name|friend}}.', false)
            ->assertSee('href="{{unsubscribe_url}}"', false);
        $this->get("/footers/$footer->id")->assertSee('longest');
        $this->get("/footers/$footer->id/proof?recipient=$one")->assertSee('filled in')->assertDontSee('placeholder');
    }

    public function test_another_system_is_learned_from_its_message_and_all_tokens_go_with_it(): void
    {
        $footer = $this->footer();
        $this->post("/footers/$footer->id/learn", ['sample' => 'no tokens here'])->assertSessionHasErrors('sample');
        $this->post("/footers/$footer->id/learn", ['sample' => 'Hi *|FNAME|*, <a href="*|UNSUB|*">leave</a>'])
            ->assertSessionHas('told', 'Tokens are written *|name|*. The sample has FNAME, UNSUB.');
        $this->assertSame('*|unsubscribe_url|*', $footer->refresh()->footer()->link('unsubscribe')->address);
        $this->withHeader('HX-Request', 'true')->post("/footers/$footer->id", [
            'number' => $footer->number, 'style' => '', 'own' => ['open' => '<<', 'close' => '>>', 'fallback' => ''],
        ])->assertOk()->assertHeader('HX-Refresh', 'true');
        $this->assertSame('<<view_url>>', $footer->refresh()->footer()->link('browser')->address);
        $this->get("/footers/$footer->id/file?as=html")->assertSee('href="<<view_url>>"', false);
        $this->get("/footers/$footer->id/file?as=text")->assertSee('<<unsubscribe_url>>', false);
        $this->get("/footers/$footer->id/file?as=page")->assertSee('<!DOCTYPE html>', false);
    }

    public function test_campaigns_keep_the_revision_they_hold_until_another_is_put_there(): void
    {
        $this->travelTo('2027-03-10 10:00:00');
        $footer = $this->footer();
        $given = ['name' => 'Bare-root list', 'footer' => $footer->id, 'starts' => '2027-03-01', 'recipients' => '618',
            'messages' => "14 Hedges\n0 The list is out\n+ 28 days: The last of it\n"];
        $this->post('/campaigns', $given)->assertStatus(422)->assertSee('no revision yet');
        $this->post("/footers/$footer->id/give")->assertRedirect();
        $this->get("/footers/$footer->id")->assertSee('Revision 1 is out');
        foreach ([['name' => ''], ['starts' => '2027-02-30'], ['messages' => 'Hedges'], ['footer' => '99']] as $bad) {
            $this->post('/campaigns', $bad + $given)->assertStatus(422)->assertSee('field-error', false)
                ->assertSee('Hedges');
        }
        $this->assertSame(0, DB::table('campaigns')->count());
        $this->post('/campaigns', $given)->assertRedirect();
        $this->get('/campaigns')->assertSeeInOrder(['Bare-root list', 'running', '618 recipients', 'The list is out',
            'sent', 'Hedges', 'to go'])->assertDontSee('carry an old footer');
        $footer = $this->kept($footer, ['firm' => 'Quillfern Ltd, 4 Mallow Lane, Eddersby']);
        $this->get("/footers/$footer->id")->assertSee('changed since revision 1');
        $this->post("/footers/$footer->id/give");
        $this->get('/campaigns')->assertSee('2 messages still to go carry an old footer')
            ->assertSee('holds revision 1 since 10 March 2027');
        $this->get("/footers/$footer->id/compare")->assertSee('As messages carry it: revision 1')
            ->assertSee("/footers/$footer->id/revisions/2", false);
        $this->get("/footers/$footer->id/revisions/2")->assertSee('4 Mallow Lane');
        $this->get("/footers/$footer->id/revisions/1")->assertDontSee('4 Mallow Lane');
        $this->get("/footers/$footer->id/revisions/9")->assertNotFound();
        $id = (int) DB::table('campaigns')->value('id');
        $this->followingRedirects()->post("/campaigns/put/$footer->id", ['campaign' => $id])
            ->assertSee('2 messages hold revision 2 now.')->assertDontSee('carry an old footer');
        $held = fn (): array => DB::table('campaign_messages')->orderBy('position')->pluck('footer_revision')->all();
        $this->assertSame([1, 2, 2], $held());
        // One more message gets the newest; those that were there keep theirs.
        $this->post("/campaigns/$id", ['messages' => "0 The list is out\n14 Hedges\n28 The last\n40 Really"] + $given);
        $this->assertSame([1, 2, 2, 2], $held());
        // A change of the card makes the footer other than what was given out.
        $this->card->edit($this->card->head, new FillPiece('p2', ['text' => 'M. Oakhollow']), null);
        $this->get("/footers/$footer->id")->assertSee('changed since revision 2');
        $this->post("/campaigns/$id/end")->assertRedirect();
        $this->get('/campaigns')->assertSee('ended');
        $this->followingRedirects()->post("/campaigns/$id/remove")->assertSee('Bring it back');
        $this->post("/campaigns/$id/restore");
        $this->get('/campaigns')->assertSee('Bare-root list');
        $this->followingRedirects()->post("/footers/$footer->id/remove")->assertSee('Bring it back')
            ->assertSee('Its footer was removed');
        $this->post("/footers/$footer->id/restore")->assertRedirect("/footers/$footer->id");
    }

    public function test_recipients_come_from_any_table(): void
    {
        $footer = $this->footer();
        $file = UploadedFile::fake()->createWithContent(
            'r.csv', "\u{FEFF}First;E-Mail;Note\r\n\"Da;vid\";d@reader.example;=SUM(A1)\r\n"
                ."Ida;ida@reader.example;<b>\r\nIda;IDA@reader.example;x\r\n",
        );
        $this->followingRedirects()->post('/campaigns/recipients', ['footer' => $footer->id, 'file' => $file])
            ->assertSee('2 recipients. An address stood there twice: the later row counts.')
            ->assertSee('A row holds markup or a formula');
        $this->get('/campaigns/recipients')->assertSee('d@reader.example')->assertSee('Da;vid')
            ->assertSee('2 recipients');
        $this->get('/campaigns/recipients?find=Ida')->assertDontSee('d@reader.example');
        $one = (int) DB::table('recipients')->value('id');
        $this->from('/campaigns/recipients')->followingRedirects()
            ->post('/campaigns/recipients/remove', ['recipient' => $one])->assertSee('1 recipient.')
            ->assertSee('Bring it back');
        $this->post("/campaigns/recipients/$one/restore");
        $this->post('/campaigns/recipients/leave', ['recipient' => $one])->assertRedirect();
        $this->get('/campaigns/recipients')->assertSee('2 recipients')
            ->assertSeeInOrder(['left alone', 'Write again']);
        // Who is left alone stays so, taken off the list and brought again.
        $this->post('/campaigns/recipients/remove', ['recipient' => $one]);
        $this->assertStringContainsString('One of them is left alone', implode('', Recipients::bring(
            $this->workspace, "email\nd@reader.example",
        )[1]));
        $this->post('/campaigns/recipients/leave', ['recipient' => $one, 'again' => 1]);
        $this->assertSame(0, DB::table('left_alone')->count());
        $this->get("/footers/$footer->id?recipient=99999")->assertOk();
    }

    /** @return iterable<string, array{string, string}> */
    public static function tables(): iterable
    {
        yield 'empty' => ['', 'Headings in the first line'];
        yield 'headings alone' => ['email,name', 'Headings in the first line'];
        yield 'no address column' => ["name,city\nIda,Eddersby", 'One column has to be called email'];
        yield 'no address' => ["email,name\nida@reader.example,Ida\nnobody,Tom", 'Line 3:'];
        yield 'wide' => ['email,'.implode(',', range(1, 60))."\na@b.example", 'at most 40 columns'];
    }

    #[DataProvider('tables')]
    public function test_a_table_that_is_none_is_refused_whole(string $table, string $says): void
    {
        try {
            Recipients::bring($this->workspace, $table);
            $this->fail('taken');
        } catch (Refusal $refusal) {
            $this->assertStringContainsString($says, $refusal->getMessage());
        }
        $this->assertSame(0, DB::table('recipients')->count());
    }

    public function test_a_letter_is_written_looked_at_taken_and_sent_to_oneself(): void
    {
        $this->post('/letters', ['card' => $this->card->id])->assertRedirect();
        $letter = StoredLetter::query()->firstOrFail();
        $this->get("/letters/$letter->id")->assertOk()->assertSee('What is on');
        $keep = fn (array $values) => $this->withHeader('HX-Request', 'true')->post("/letters/$letter->id", $values + [
            'number' => $letter->refresh()->number, 'card' => $this->card->id, 'footer' => '0', 'subject' => 'The list',
        ]);
        $footer = $this->footer();
        $keep(['body' => 'Dear {{first_name|friend}}, it is **here**: [see](javascript:alert(1))'])->assertOk()
            ->assertSee('error-body')->assertSee('must start with https:');
        $this->assertSame('The list', $letter->refresh()->subject, 'the rest is kept');
        $keep(['footer' => $footer->id, 'body' => "# The list\n\nDear {{first_name|friend}}, it is **here**.",
            'call' => ['words' => 'See it', 'address' => '{{list_url}}']])->assertOk()->assertDontSee('alert', false);
        $this->withHeader('HX-Request', 'true')->post("/letters/$letter->id", ['number' => 1, 'subject' => 'Late'])
            ->assertStatus(409);
        $this->flushHeaders();
        $this->get("/letters/$letter->id/sheet")->assertSee('Dear {{first_name|friend}}', false)
            ->assertSee('href="{{list_url}}"', false)->assertSee('Unsubscribe');
        Recipients::bring($this->workspace, "email,first_name,list_url\nida@reader.example,Ida,https://q.example/l\n");
        $one = (int) DB::table('recipients')->value('id');
        $this->get("/letters/$letter->id/sheet?recipient=$one")->assertSee('Dear Ida', false)
            ->assertSee('href="https://q.example/l"', false);
        $this->get("/letters/$letter->id")->assertSee("recipient=$one")->assertSee('longest');
        $this->get("/letters/$letter->id/proof")->assertOk()->assertSee('of 100')->assertDontSee('Nobody is named');
        $this->get("/letters/$letter->id/file?as=text")->assertSee('Dear {{first_name|friend}}', false);
        $this->get("/letters/$letter->id/file?as=eml")->assertSee('X-Unsent: 1', false)
            ->assertSee('multipart/alternative');
        $this->get("/letters/$letter->id/file?as=html")->assertSee('<!DOCTYPE html>', false);
        $this->post("/letters/$letter->id/send", ['recipient' => $one])->assertRedirect();
        $this->assertSame('The list', DB::table('tray_messages')->value('subject'));
        $this->assertStringContainsString('Dear Ida', (string) DB::table('tray_messages')->value('raw'));
        $this->get('/campaigns')->assertSee('The list');
        $this->followingRedirects()->post("/letters/$letter->id/remove")->assertSee('Bring it back');
        $this->post("/letters/$letter->id/restore")->assertRedirect("/letters/$letter->id");
    }

    public function test_a_message_of_a_campaign_says_what_its_footer_lacks(): void
    {
        $footer = $this->kept($this->footer(), [
            'why' => 'You get this because you asked for the list on {{asked_on|a day}}, {{first_name|reader}}.',
            'firm' => 'Quillfern Garden Studio, 1 Old Forge Yard',
        ]);
        $this->post("/footers/$footer->id/give");
        $first = $footer->refresh()->composed($this->card)->plate(Samples::pictures());
        $footer = $this->kept($footer, ['firm' => 'Quillfern Garden Studio, 4 Mallow Lane']);
        $this->post("/footers/$footer->id/give");
        $newest = $footer->refresh()->composed($this->card)->plate(Samples::pictures());
        $values = ['asked_on' => '3 May', 'first_name' => 'Ida', 'unsubscribe_url' => 'https://s.example/u/7',
            'view_url' => 'https://s.example/v/7'];
        $show = function (string $html, string $text, string $headers = '') {
            $raw = "From: maren@quillfern.example\r\nTo: ida@reader.example\r\nSubject: The list\r\n{$headers}"
                ."MIME-Version: 1.0\r\nContent-Type: multipart/alternative; boundary=b\r\n\r\n"
                ."--b\r\nContent-Type: text/plain; charset=utf-8\r\n\r\n$text\r\n"
                ."--b\r\nContent-Type: text/html; charset=utf-8\r\n\r\n$html\r\n--b--\r\n";
            $id = Tray::keep($this->workspace->id, $raw, 'dropped');

            return $this->get("/tray/$id")->assertOk();
        };
        $oneClick = "List-Unsubscribe: <https://s.example/u/7>\r\n"
            ."List-Unsubscribe-Post: List-Unsubscribe=One-Click\r\n";
        $show($newest->html($values), $newest->text($values), $oneClick)->assertSee('Its footer is right');
        $show($first->html($values), $first->text($values), $oneClick)
            ->assertSee('It carries revision 1; 2 is the newest')->assertDontSee('left unfilled');
        $composed = $footer->composed($this->card);
        $show($composed->html(Samples::pictures()), $composed->text())->assertSee('Tokens were left unfilled')
            ->assertSee('{{unsubscribe_url}}')->assertSee('in one press (RFC 8058)');
        $html = (string) preg_replace('~<a [^>]*>(?:<span[^>]*>)?Unsubscribe.*?</a>~', 'gone', $newest->html($values));
        $show($html, 'Only words', $oneClick)->assertSee('Its link “Unsubscribe” is missing.')
            ->assertSee('Its plain text has no way out.');
        $show('<p>Something else</p>', 'Something else')->assertDontSee('Its footer');
    }

    public function test_the_stand_in_sender_sends_what_is_due_to_nobody_twice_and_lets_people_leave(): void
    {
        $footer = $this->footer();
        $this->post("/footers/$footer->id/give");
        Recipients::bring($this->workspace, "email,first_name\nida@reader.example,Ida <b>\ntom@reader.example,Tom\n"
            .'gone@bounce.example,Gone');
        $this->post('/campaigns', ['name' => 'The list', 'footer' => $footer->id, 'messages' => "0 First\n7 Second",
            'starts' => now()->toDateString()])->assertRedirect();
        $id = (int) DB::table('campaigns')->value('id');
        $this->followingRedirects()->post("/campaigns/$id/send")->assertSee('“First” has no letter');
        foreach (['First', 'Second'] as $subject) {
            $this->post('/letters', ['card' => $this->card->id]);
            $letter = StoredLetter::query()->latest('id')->firstOrFail();
            $this->post("/letters/$letter->id", ['number' => 1, 'card' => $this->card->id, 'subject' => $subject,
                'body' => "Dear {{first_name|reader}}, this is $subject."]);
        }
        $this->followingRedirects()->post("/campaigns/$id/send")->assertSee('The stand-in sender has it')
            ->assertSeeInOrder(['First', '3 sent', 'Second', 'bounced', '1'])->assertDontSee('unsubscribed');
        $this->post("/campaigns/$id/send")->assertNotFound();
        $this->get("/campaigns/$id/said")->assertSee('3 sent')->assertDontSee('hx-get', false);
        DB::table('mailing_messages')->update(['sent_at' => null]);
        $this->get("/campaigns/$id/said")->assertSee('hx-get', false);
        $raw = fn (): array => DB::table('tray_messages')->orderBy('id')->pluck('raw')->all();
        $this->assertCount(2, $raw());
        $this->assertStringContainsString('List-Unsubscribe-Post: List-Unsubscribe=One-Click', $raw()[0]);
        $this->assertStringContainsString('Dear Ida <b>, this is First.', quoted_printable_decode($raw()[0]));
        $this->assertStringNotContainsString('{{', quoted_printable_decode($raw()[0]));
        $first = (int) DB::table('tray_messages')->value('id');
        $this->get("/tray/$first")->assertSee('Its footer is right');
        // Begun again, nobody gets one twice.
        DB::table('mailing_messages')->update(['sent_at' => null]);
        SendDue::dispatchSync($this->workspace->id);
        $this->assertCount(2, $raw());
        // What is still to go gets the newest footer there, too; who leaves gets no more.
        $this->kept($footer, ['firm' => 'Quillfern Ltd, 4 Mallow Lane']);
        $this->post("/footers/$footer->id/give");
        $this->travel(1)->days();
        $this->post("/campaigns/put/$footer->id");
        $token = (string) DB::table('mailing_recipients')->where('address', 'ida@reader.example')->value('token');
        $path = "/out/$token";
        $this->assertStringContainsString("$path>", $raw()[0]);
        $this->get("$path/view/0")->assertSee('Dear Ida &lt;b&gt;, this is First.', false);
        $this->get($path)->assertSee('One press');
        $this->post($path, ['List-Unsubscribe' => 'One-Click'])->assertStatus(202);
        $this->get($path)->assertSee('You get no more of these');
        $this->get(str_replace($token, str_repeat('x', 24), $path))->assertNotFound();
        $this->post('/campaigns/forward', ['days' => 7])->assertRedirect();
        $this->assertCount(3, $raw());
        $this->assertStringContainsString('this is Second.', quoted_printable_decode($raw()[2]));
        $this->assertStringContainsString('4 Mallow Lane', quoted_printable_decode($raw()[2]));
        $this->get("/campaigns?campaign=$id")->assertSeeInOrder(['3 sent', '1 sent', 'unsubscribed', '1']);
        $this->assertSame(['gone@bounce.example' => 'bounced', 'ida@reader.example' => 'left'], DB::table('left_alone')
            ->orderBy('address')->pluck('why', 'address')->all(), 'left alone everywhere');
        $this->post("/campaigns/$id/end");
        $this->assertNotNull(DB::table('mailings')->value('stopped_at'));
        $this->get("/campaigns?campaign=$id")->assertOk()->assertSee('Let it go on');
        $this->post("/campaigns/$id/end", ['again' => 1]);
        $this->assertNull(DB::table('mailings')->value('stopped_at'));
        // Its sender has its messages: the name alone changes.
        $this->post("/campaigns/$id", ['name' => 'Renamed', 'messages' => '0 Other'])->assertRedirect();
        $this->assertSame(['First', 'Second'], DB::table('campaign_messages')->orderBy('position')->pluck('subject')
            ->all());
        // A sender that does not answer is said, and what it said last stands.
        DB::table('mailings')->delete();
        $this->get("/campaigns?campaign=$id")->assertSee('Renamed')->assertSee('3 sent');
        foreach (["$id/end", "$id/end?again=1"] as $press) {
            $this->followingRedirects()->post("/campaigns/$press")->assertSee('The sender did not take it');
        }
        $this->assertNull(DB::table('campaigns')->value('ended_at'));
    }

    public function test_the_senders_interface_asks_for_a_token_and_says_what_is_wrong(): void
    {
        $ask = fn (string $path, ?array $json, string $token) => $json === null
            ? $this->withToken($token)->get("/stand-ins/sender/v1/$path")
            : $this->withToken($token)->postJson("/stand-ins/sender/v1/$path", $json);
        $own = SenderStandIn::token(1);
        $ask('campaigns/1', null, 'x'.substr($own, 1))->assertStatus(401);
        $ask('campaigns/1', null, $own)->assertStatus(404);
        $ask('campaigns', ['from' => 'nobody'], $own)->assertStatus(422);
        $good = ['name' => 'A', 'from' => 'm@quillfern.example', 'starts' => '2027-01-01', 'messages' => [
            ['after_days' => 0, 'subject' => 'S', 'html' => '<p>{{x}}</p>', 'text' => '{{x}}']], 'recipients' => [
                ['email' => 'i@reader.example', 'values' => ['x' => 'y']]]];
        $wrong = [['messages' => []], ['starts' => 'soon'], ['recipients' => [['email' => 'x']]], ['style' => 'none']];
        foreach ($wrong as $bad) {
            $ask('campaigns', $bad + $good, $own)->assertStatus(422)->assertJsonStructure(['detail']);
        }
        $id = $ask('campaigns', $good, $own)->assertStatus(201)->json('id');
        $ask("campaigns/$id", null, SenderStandIn::token(2))->assertStatus(404);
        $ask("campaigns/$id/messages/0", ['subject' => 'T', 'html' => 'h', 'text' => 't'], $own)->assertOk();
        $ask("campaigns/$id/messages/9", ['subject' => 'T'], $own)->assertStatus(409);
        $ask("campaigns/$id/stop", [], $own)->assertOk()->assertJson(['stopped' => true]);
    }
}
