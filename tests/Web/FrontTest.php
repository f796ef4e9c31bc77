<?php

namespace Tests\Web;

use App\Auth\Guests;
use App\Clicks\CountedLinks;
use App\Front\Front;
use App\Jobs\SweepWorkspaces;
use App\Models\StoredCard;
use App\Models\User;
use App\Models\Workspace;
use App\Pictures\Library;
use App\Proof\Prover;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\Edit\CountClicks;
use InkyCard\Import\Fact;
use InkyCard\Import\SentenceSource;
use InkyCard\Proof\Checklist;
use PHPUnit\Framework\Attributes\DataProvider;

/** Somebody writes a sentence, works on what comes of it without an account, and keeps it when they want to. */
final class FrontTest extends WebTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        config(['mail.default' => 'tray']);
        Auth::logout();
        $this->flushSession();
        $this->app['auth']->forgetGuards();
        Cache::flush();
    }

    /** @return iterable<string, array{array{string, string, string, string}, array<string, string>}> */
    public static function sentences(): iterable
    {
        yield 'all' => [
            ['Olwen Price', 'bake for weddings', 'taste one in March', 'olwen@price.example, 01632 960111'],
            ['name' => 'Olwen Price', 'role' => 'Bakes for weddings', 'button' => 'mailto:olwen@price.example',
                'email' => 'olwen@price.example', 'phone' => '+44 1632 960111'],
        ];
        yield 'what one is' => [['A', 'am a garden designer.', '', ''], ['name' => 'A', 'role' => 'Garden designer']];
        yield 'verbs' => [['', 'carry parcels', '', ''], ['role' => 'Carries parcels']];
        yield 'a site leads' => [
            ['', '', 'look round', 'price.example or +44 1632 960111'],
            ['button' => 'https://price.example', 'web' => 'https://price.example', 'phone' => '+44 1632 960111'],
        ];
        yield 'a number abroad' => [['', '', 'ring', '01632 960111'],
            ['button' => 'tel:+441632960111', 'phone' => '+44 1632 960111']];
        yield 'nothing' => [['', ' ', '', "\0"], []];
        yield 'no way to be reached' => [['', '', 'come', 'by boat'], []];
        yield 'another script' => [['Ελένη', 'σχεδιάζω κήπους', '', ''],
            ['name' => 'Ελένη', 'role' => 'σχεδιάζω κήπους']];
    }

    /**
     * @param  array{string, string, string, string}  $blanks
     * @param  array<string, string>  $found
     */
    #[DataProvider('sentences')]
    public function test_a_sentence_is_read_blank_by_blank(array $blanks, array $found): void
    {
        $facts = SentenceSource::facts(...[...$blanks, 'US']);
        $this->assertEqualsCanonicalizing($found, array_combine(
            array_map(fn (Fact $fact) => $fact->kind, $facts),
            array_map(fn (Fact $fact) => $fact->fields['number'] ?? $fact->fields['address'] ?? $fact->fields['text'],
                $facts),
        ));
    }

    public function test_the_front_page_is_made_of_what_is_typed(): void
    {
        $this->get('/')->assertOk()->assertSee('Olwen Price is made up')->assertSee('18 more')
            ->assertSee('data:image/svg+xml', false);
        $typed = ['am' => 'Ida <b>', 'reach' => 'ida@reader.example'];
        $this->get('/?'.http_build_query($typed))->assertOk()
            ->assertDontSee('is made up')->assertSee('value="Ida  b"', false);
        $this->withHeader('HX-Request', 'true')->get('/?'.http_build_query(['reach' => 'by boat', 'all' => 1]))
            ->assertOk()->assertSee('Type a mail address')->assertDontSee('more</a>', false)
            ->assertDontSee('<html', false);
        $this->flushHeaders();
        $this->get('/front/sheet?'.http_build_query(['am' => 'Ida Marshfield', 'sketch' => 'none.such']))->assertOk()
            ->assertSee('Ida Marshfield')->assertDontSee('Olwen Price');
        $own = (string) $this->get('/front/sheet?am=Ida')->getContent();
        foreach (range(1, 5) as $colours) {
            $sheet = (string) $this->get("/front/sheet?am=Ida&colours=$colours")->assertOk()->getContent();
            $this->assertNotSame($own, $sheet, 'in other colours');
        }
        $this->assertSame($own, (string) $this->get('/front/sheet?am=Ida&colours=6')->getContent(), 'and back');
        $this->get('/?colours=5')->assertSee('their own colours');
        $this->get('/?am[]=x&do='.str_repeat('y', 5000))->assertOk();
        $this->actingAs($this->maren)->get('/')->assertRedirect('/cards');
    }

    /** Whatever stands in a blank while it is being typed, there are cards. */
    public function test_every_key_press_has_an_answer(): void
    {
        mt_srand(7);
        $signs = ['a', 'I', ' ', '.', '@', ',', ':', '/', '+4', '0', 'or ', 'www.', 'http', '<', '"', '&', '{{', "\n",
            'É', "\u{202E}", '👩', 'x.example'];
        for ($time = 0; $time < 150; $time++) {
            $typed = [];
            foreach (['am', 'do', 'wish', 'reach'] as $blank) {
                $typed[$blank] = implode('', array_map(
                    fn () => $signs[mt_rand(0, count($signs) - 1)], range(1, mt_rand(1, 12)),
                ));
            }
            $front = new Front(request()->create('/', 'GET', $typed), 'GB');
            $this->assertNotSame('', $front->shown()['html'], (string) json_encode($typed));
            $this->assertStringStartsWith('data:image/svg+xml', $front->drawing($front->keys[mt_rand(0, 5)]));
        }
        foreach (mb_str_split('ida@reader.example, 01632 960111') as $n => $letter) {
            $reach = mb_substr('ida@reader.example, 01632 960111', 0, $n + 1);
            $front = new Front(request()->create('/', 'GET', compact('reach')), 'US');
            $this->assertNotSame('', $front->shown()['html']);
        }
    }

    public function test_a_guest_works_at_once_and_keeps_it_by_a_link(): void
    {
        $this->post('/try', ['am' => 'Ida Marshfield', 'reach' => 'ida@reader.example'])->assertRedirect();
        $guest = Auth::user();
        $this->assertInstanceOf(User::class, $guest);
        $card = StoredCard::query()->latest('id')->firstOrFail();
        $this->assertSame('Ida Marshfield', $card->document()->holder());
        foreach (["/cards/$card->id", '/cards', "/cards/$card->id/proof", "/cards/$card->id/hand-over", '/brand',
            '/campaigns', '/tray/write', '/cards/start', '/pictures', '/banners', '/find?q=ida'] as $page) {
            $this->get($page)->assertOk()->assertSee('keep it for good');
        }
        $this->get("/cards/{$this->card->id}")->assertNotFound();
        $this->get('/claim')->assertOk()->assertSee('kept in this browser until');
        $this->post('/claim', ['email' => 'nobody'])->assertStatus(422)->assertSee('field-error', false);
        $this->post('/claim', ['email' => 'ida@reader.example'])->assertRedirect('/claim');
        $link = $this->link();
        $this->get($link.'x')->assertStatus(410);
        $this->get($link)->assertOk()->assertSee('signs in here from now on');
        $this->post($link, ['name' => 'Ida M.'])->assertRedirect('/cards');
        $this->assertSame('ida@reader.example', $guest->refresh()->email);
        $this->assertNull(Workspace::query()->latest('id')->firstOrFail()->guest_until);
        $this->get('/cards')->assertOk()->assertDontSee('keep it for good');
        $this->post($link)->assertStatus(410);
        $this->get('/claim')->assertRedirect('/account');
    }

    public function test_a_member_takes_what_they_made_as_a_guest_with_them(): void
    {
        $this->post('/try', ['then' => 'hand-over'])->assertRedirect();
        $card = StoredCard::query()->latest('id')->firstOrFail();
        $workspace = Workspace::query()->latest('id')->firstOrFail();
        $same = app(Library::class)->add($workspace, self::jpeg(), 'a.jpg');
        app(Library::class)->add($this->workspace, self::jpeg(), 'b.jpg');
        app(Library::class)->add($workspace, self::jpeg(200), 'c.jpg');
        $this->post('/claim', ['email' => 'maren@quillfern.example']);
        $link = $this->link();
        $other = Workspace::create(['name' => 'Elsewhere', 'web' => '', 'country' => 'GB']);
        $this->get($link)->assertSee('into Quillfern')->assertDontSee('Elsewhere');
        $this->post($link, ['into' => $other->id])->assertNotFound();
        $this->post('/claim', ['email' => 'maren@quillfern.example']);
        $this->post($this->link(), ['into' => $this->workspace->id])->assertRedirect('/cards');
        $this->assertSame($this->workspace->id, $card->refresh()->workspace_id);
        $this->assertSame(2, $this->workspace->pictures()->count(), "the same picture once: $same->name");
        $this->assertNull(Workspace::query()->find($workspace->id));
        $this->assertSame($this->maren->id, Auth::id());
        $this->assertSame(1, User::query()->count());
    }

    public function test_guests_are_few_small_and_gone_after_a_while(): void
    {
        $this->post('/try', ['am' => 'Ida', 'reach' => 'ida.example']);
        $workspace = Workspace::query()->latest('id')->firstOrFail();
        $picture = app(Library::class)->add($workspace, self::jpeg(), 'a.jpg');
        $shared = app(Library::class)->add($workspace, self::jpeg(250), 'b.jpg');
        app(Library::class)->add($this->workspace, self::jpeg(250), 'b.jpg');
        $card = StoredCard::query()->latest('id')->firstOrFail();
        // All that hangs on it goes with it.
        $this->post("/cards/$card->id/proof/walk", ['item' => Checklist::through(app(Prover::class)->of($card))[0]->key,
            'done' => 1])->assertRedirect();
        $this->post('/settings/mail')->assertRedirect();
        $card->edit(1, new CountClicks(true), null);
        CountedLinks::sheet($card->refresh(), $card->document());
        DB::table('clicks')->insert(['tracked_link_id' => DB::table('tracked_links')->max('id'), 'at' => now(),
            'visitor' => 'a']);
        for ($count = 1; $count < 30; $count++) {
            StoredCard::start($workspace, $card->document(), null, 'More');
        }
        $this->post('/cards', ['starter' => 'blank'])->assertStatus(422)->assertSee('room for 30 cards');
        config(['mail.default' => 'smtp']);
        $this->post('/tray/write', ['from' => 'a@b.example', 'to' => 'c@d.example', 'subject' => 'x', 'body' => 'y',
            'way' => 'new', 'format' => 'html', 'anyway' => '1'])->assertSee('Give your address first');
        config(['mail.default' => 'tray']);
        $this->post('/members', ['email' => 'kit@reader.example', 'role' => 'maker'])->assertSessionHasErrors('email');
        $this->get('/cards')->assertSee('Leave, and lose it');
        $this->post('/sign-out');
        $this->travel(Guests::DAYS + 1)->days();
        (new SweepWorkspaces)->handle();
        $this->assertNull(Workspace::query()->find($workspace->id));
        $this->assertSame([1, 1], [User::query()->count(), StoredCard::query()->count()]);
        $disk = Library::disk();
        $this->assertFalse($disk->exists(Library::path($picture->hash, $picture->extension)));
        $this->assertTrue($disk->exists(Library::path($shared->hash, $shared->extension)), 'somebody else has it');
        for ($time = 0; $time < 11; $time++) {
            Auth::logout();
            $this->flushSession();
            $this->app['auth']->forgetGuards();
            $last = $this->post('/try', ['am' => 'Many']);
        }
        $last->assertRedirect('/?am=Many')->assertSessionHas('sentence');
    }
}
