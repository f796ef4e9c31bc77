<?php

namespace Tests\Web;

use App\Models\StoredTemplate;
use App\Models\Workspace;
use App\Tray\MimeMessage;
use Illuminate\Support\Facades\DB;
use InkyCard\Handover\MessageTemplate;

/** Messages often sent: kept, put in order, filled in and sent, taken as files. */
final class ReadyTest extends WebTestCase
{
    public function test_a_message_is_kept_changed_removed_and_put_back(): void
    {
        $this->get('/tray/ready')->assertOk()->assertSee('None is kept yet');
        $message = [
            'name' => 'First answer',
            'subject' => 'Your garden in [town]',
            'body' => "Dear [name],\r\n\r\nthank you <b>kindly</b>. [1]",
        ];
        $this->post('/tray/ready', $message)->assertRedirect('/tray/ready');
        $kept = StoredTemplate::query()->firstOrFail();
        $this->assertSame(
            ["Dear [name],\n\nthank you <b>kindly</b>. [1]", ['town', 'name']],
            [$kept->body, $kept->message()->blanks()],
        );
        $this->get('/tray/ready')->assertSee('First answer')->assertSee('2 blanks');
        $this->get("/tray/ready/$kept->id")->assertSee('thank you &lt;b&gt;kindly', false);
        $this->post("/tray/ready/$kept->id", ['name' => 'Second answer'] + $message)->assertRedirect();
        $this->assertSame('Second answer', $kept->fresh()?->name);
        $this->followingRedirects()
            ->post("/tray/ready/$kept->id/remove")
            ->assertSee('is removed')
            ->assertSee('None is kept yet')
            ->assertSee("/tray/ready/$kept->id/restore", false);
        foreach (['', '/file'] as $gone) {
            $this->get("/tray/ready/$kept->id$gone")->assertNotFound();
        }
        $this->followingRedirects()
            ->post("/tray/ready/$kept->id/restore")
            ->assertSee('is back')
            ->assertSee('Second answer');
    }

    public function test_bad_words_get_a_sentence_and_nothing_is_lost(): void
    {
        foreach (
            [
                ['name' => '', 'body' => 'kept words'], ['name' => str_repeat('n', 81), 'body' => 'kept words'],
                ['name' => 'N', 'subject' => str_repeat('s', 201), 'body' => 'kept words'],
                ['name' => 'N', 'subject' => "a\x07b", 'body' => 'kept words'],
                ['name' => 'N', 'subject' => "One\r\nBcc: all@b.example", 'body' => 'kept words'],
                ['name' => 'N', 'body' => str_repeat('long ', 4001).'kept words'],
            ] as $bad
        ) {
            $page = $this->post('/tray/ready', $bad)->assertStatus(422)->assertSee('kept words');
            $this->assertSame(
                1,
                preg_match_all('~<p class="field-error" id="[^"]+">[^<]+</p>~', (string) $page->content()),
            );
        }
        $this->assertSame(0, StoredTemplate::query()->count());
    }

    public function test_order_is_kept_over_pages_and_ends_stay(): void
    {
        foreach (range(1, 32) as $number) {
            StoredTemplate::add($this->workspace, MessageTemplate::of("Message $number", '', ''));
        }
        $names = fn (): array => StoredTemplate::in($this->workspace)->pluck('name')->all();
        $before = $names();
        [$first, $last] = [
            StoredTemplate::in($this->workspace)->firstOrFail(),
            StoredTemplate::query()->latest('id')->firstOrFail(),
        ];
        $this->post("/tray/ready/$first->id/move", ['to' => 'up']);
        $this->post("/tray/ready/$last->id/move", ['to' => 'down']);
        $this->assertSame($before, $names());
        $this->followingRedirects()
            ->from('/tray/ready?page=2')
            ->post("/tray/ready/$last->id/move", ['to' => 'up'])
            ->assertSee('value="up"  autofocus', false);
        $this->post("/tray/ready/$first->id/move", ['to' => 'down']);
        $this->assertSame(
            ['Message 2', 'Message 1', 'Message 32', 'Message 31'],
            [...array_slice($names(), 0, 2), ...array_slice($names(), -2)],
        );
        StoredTemplate::query()
            ->where('name', 'Message 2')
            ->update(['removed_at' => now()]);
        $this->assertSame('Message 1', $names()[0]);
        $this->get('/tray/ready')->assertSee('page 1 of 2')->assertDontSee('Message 31');
        $this->get('/tray/ready?page=2')->assertSee('Message 31')->assertSee('start="31"', false);
    }

    public function test_it_is_written_with_once_its_blanks_are_filled(): void
    {
        $ready = StoredTemplate::add(
            $this->workspace,
            MessageTemplate::of('Answer', 'About [town]', "Dear [name],\n\nsee you."),
        );
        $this->get('/tray/write')->assertSee('Start from')->assertDontSee('Dear [name]');
        $this->get("/tray/write?ready=$ready->id")
            ->assertSee('Dear [name]')
            ->assertSee('value="About [town]"', false);
        $given = [
            'ready' => (string) $ready->id, 'from' => 'maren@quillfern.example', 'to' => 'perrin@quillfern.example',
            'subject' => 'About [town]', 'body' => "Dear Perrin,\n\nsee you.", 'card' => (string) $this->card->id,
        ];
        $this->post('/tray/write', $given)
            ->assertStatus(422)
            ->assertSee('A blank is still in it: [town].')
            ->assertSee('Dear Perrin');
        $this->assertSame(0, DB::table('tray_messages')->count());
        $this->post('/tray/write', ['anyway' => '1'] + $given)->assertRedirect();
        $this->post('/tray/write', ['subject' => 'About Eddersby'] + $given)->assertRedirect();
        $this->post('/tray/write', ['ready' => ''] + $given)->assertRedirect();
        $this->assertSame(
            ['About [town]', 'About Eddersby', 'About [town]'],
            DB::table('tray_messages')->orderBy('id')->pluck('subject')->all(),
        );
    }

    public function test_it_is_taken_as_an_unsent_message_with_a_card(): void
    {
        $ready = StoredTemplate::add(
            $this->workspace,
            MessageTemplate::of('Première réponse', 'Où ça?', "Dear [name],\n\n".str_repeat('ü', 1500)),
        );
        $this->get("/cards/{$this->card->id}/hand-over?to=template")
            ->assertSee('Première réponse')
            ->assertSee("/tray/ready/$ready->id/file?card={$this->card->id}", false);
        $file = $this->get("/tray/ready/$ready->id/file?card={$this->card->id}")
            ->assertOk()
            ->assertHeader('Content-Type', 'message/rfc822');
        $this->assertStringContainsString('premiere-reponse', (string) $file->headers->get('Content-Disposition'));
        $raw = (string) $file->content();
        $this->assertLessThanOrEqual(998, max(array_map(strlen(...), explode("\r\n", $raw))));
        $received = new MimeMessage($raw);
        $this->assertSame(['Où ça?', '1'], [$received->subject(), $received->headers()['X-Unsent']]);
        foreach (['Dear [name]', str_repeat('ü', 1500), 'Maren Oakhollow'] as $words) {
            $this->assertStringContainsString($words, $received->html());
            $this->assertStringContainsString($words, $received->text());
        }
        $this->get("/tray/ready/$ready->id/file?card=999999")->assertNotFound();
    }

    public function test_directions_are_kept_as_one_and_other_workspaces_see_none(): void
    {
        $page = (string) $this->get("/cards/{$this->card->id}/hand-over?to=apple-mail")
            ->assertOk()
            ->content();
        preg_match_all(
            '/name="(\w+)" value="([^"]*)"/',
            (string) strstr((string) strstr($page, 'action="'.route('ready.store')), '</form>', true),
            $fields,
        );
        $this->post(
            '/tray/ready',
            array_map(html_entity_decode(...), array_combine($fields[1], $fields[2])),
        )->assertRedirect();
        $mine = StoredTemplate::query()->firstOrFail();
        $this->assertStringContainsString('Quit Mail.', $mine->body);
        $theirs = StoredTemplate::add(
            Workspace::create(['name' => 'Theirs', 'web' => 'https://b.example', 'country' => 'GB']),
            MessageTemplate::of('Theirs', '', ''),
        );
        $this->get('/tray/ready')->assertDontSee('Theirs');
        foreach (['move', 'remove', 'restore', ''] as $act) {
            $this->post("/tray/ready/$theirs->id".($act === '' ? '' : "/$act"), [
                'name' => 'Taken',
                'to' => 'up',
            ])->assertNotFound();
        }
        $this->assertSame('Theirs', $theirs->fresh()?->name);
        $this->get("/tray/write?ready=$theirs->id")->assertOk()->assertDontSee('name="ready" value', false);
    }
}
