<?php

namespace Tests\Web;

use App\House\House;
use App\House\OwnCard;
use App\House\PersonalCards;
use App\House\PersonPage;
use App\Models\StoredCard;
use App\Models\StoredPerson;
use App\Roster\Groups;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\AssignPiece;
use InkyCard\Card\FilledBy;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Layout\Sheet;
use InkyCard\Picture\PictureRef;
use InkyCard\Roster\Profile;
use Tests\Core\Samples;

/** Somebody's own page, without an account. */
final class OwnPageTest extends WebTestCase
{
    private StoredPerson $ada;

    private string $page;

    protected function setUp(): void
    {
        parent::setUp();
        $house = StoredCard::start($this->workspace, CardJson::read([
            'format' => 'inky-card/1', 'name' => 'House', 'country' => 'GB', 'pieces' => [
                ['id' => 'n', 'kind' => 'name', 'fields' => [], 'filledBy' => 'must'],
                ['id' => 'r', 'kind' => 'role', 'fields' => [], 'filledBy' => 'must'],
                ['id' => 'm', 'kind' => 'phone', 'fields' => ['sort' => 'mobile'], 'filledBy' => 'person'],
                ['id' => 'h', 'kind' => 'headshot', 'fields' => ['size' => 80], 'filledBy' => 'person'],
                ['id' => 's', 'kind' => 'closing', 'filledBy' => 'person',
                    'fields' => ['phrase' => 'Warmly,', 'alt' => 'Maren', 'ratio' => 0.9]],
                ['id' => 't', 'kind' => 'tagline', 'fields' => ['text' => 'We plant'], 'filledBy' => 'free'],
                ['id' => 'c', 'kind' => 'company', 'fields' => ['text' => 'Quillfern'], 'filledBy' => 'us'],
                ['id' => 'x', 'kind' => 'web', 'fields' => ['address' => 'https://quillfern.example'],
                    'shown' => false],
            ],
        ]), $this->maren, 'Started');
        House::begin($house, $this->maren);
        $house->edit($house->head, new AssignPiece('t', FilledBy::Free), $this->maren);
        $group = Groups::named($this->workspace, 'All');
        $this->ada = StoredPerson::add($this->workspace->id, Profile::of(['name' => 'Ada Reed'], 'GB'));
        Groups::put($group, [$this->ada->id]);
        $this->post("/people/groups/$group", ['do' => 'follow', 'house' => $house->id]);
        $this->post("/people/houses/$house->id/put");
        $this->page = (string) parse_url(PersonPage::address($this->ada), PHP_URL_PATH);
        auth()->logout();
    }

    public function test_they_fill_in_what_is_theirs_and_take_it(): void
    {
        $this->get($this->page)->assertOk()->assertSee('Your card, Ada Reed')->assertSee('Still missing: role')
            ->assertHeader('Cache-Control', 'no-store, private')->assertDontSee('Quillfern.example');
        $this->get("$this->page/take")->assertSee('Still missing')->assertDontSee('copy-rich');
        $this->post($this->page, ['p' => ['r' => ['text' => 'Rosarian'], 'm' => ['number' => '01632 960147']],
            'shown' => ['t' => '0']])->assertSessionHasNoErrors();
        $this->assertSame(['Ada Reed', 'Rosarian', '+44 1632 960147', '', 'Quillfern'], $this->says());
        // What was not known is from then on.
        $this->assertSame(['Rosarian', '+44 1632 960147'], [$this->ada->refresh()->fact('role'),
            $this->ada->fact('mobile')]);
        // What is known otherwise is their word on this card; back to it, there is none.
        $this->post($this->page, ['p' => ['r' => ['text' => 'Rose keeper']], 'shown' => ['t' => '1']]);
        $this->assertSame(['Rosarian', 'Rose keeper'], [$this->ada->refresh()->fact('role'), $this->says()[1]]);
        $this->assertTrue($this->own()->isOwn($this->own()->open()['r']));
        $this->post($this->page, ['p' => ['r' => ['text' => 'Rosarian']]]);
        $this->assertFalse($this->own()->isOwn($this->own()->open()['r']));
        $this->get("$this->page/take?to=any")->assertOk()->assertSee('copy-rich')->assertSee('Rosarian');
        $this->get("$this->page/card")->assertOk()->assertHeader('Content-Type', 'image/webp');
        $this->get("$this->page/sheet")->assertOk()->assertSee('Rosarian');
        $this->post("$this->page/taken", ['to' => 'any'])->assertNoContent();
        $this->assertSame(1, DB::table('card_uses')->count());
        $row = PersonPage::of($this->ada->id)?->row;
        $this->assertTrue(isset($row->opened_at, $row->filled_at, $row->took_at) && $row->took_to === 'any');
        $this->actingAs($this->maren)->get("/people/{$this->ada->id}")->assertSee('filled in')->assertSee('/mine/');
    }

    public function test_what_is_wrong_is_said_beside_its_field_and_the_rest_is_kept(): void
    {
        $this->post($this->page, ['p' => ['r' => ['text' => 'Rosarian'], 'm' => ['number' => '12']]])
            ->assertSessionHasErrors('m.number')->assertSessionHasInput('p.m.number', '12');
        $this->assertSame(['Rosarian', ''], array_slice($this->says(), 1, 2));
        $this->get($this->page)->assertSee('too few or too many digits');
        $this->post($this->page, ['picture' => ['h' => UploadedFile::fake()->createWithContent('x.jpg', 'no')]])
            ->assertSessionHasErrors('h.picture');
        $this->post($this->page, ['picture' => ['h' => UploadedFile::fake()->createWithContent('a.jpg', self::jpeg())]])
            ->assertSessionHasNoErrors();
        $this->assertStringStartsWith('picture:', $this->ada->refresh()->fact('portrait'));
        $this->get($this->page)->assertSee('How much of it');
        $this->post($this->page, ['crop' => ['h' => ['share' => '100', 'across' => '50', 'down' => '50']]]);
        $this->assertSame('', PictureRef::framing($this->shown())->text());
        $this->post($this->page, ['crop' => ['h' => ['share' => '40', 'across' => '0', 'down' => '100']]]);
        $this->assertSame('0,0.6,0.4,0.4,0,0,1', PictureRef::framing($this->shown())->text());
        $this->post($this->page, ['crop' => ['h' => ['share' => '900', 'across' => ['x'], 'down' => '-4'], 'n' => 'x']])
            ->assertRedirect();
        $this->assertSame(1.0, PictureRef::framing($this->shown())->width);
        $this->post($this->page, ['p' => 'x', 'shown' => 'y'])->assertRedirect();
        $this->post($this->page, ['p' => ['r' => 'x', 'm' => ['number' => ['a']]]]);
        $this->assertSame('Rosarian', $this->says()[1]);
    }

    public function test_a_written_name_is_brought_whole_and_without_its_paper(): void
    {
        $paper = imagecreatetruecolor(400, 200);
        imagefill($paper, 0, 0, 0xE8E4DA);
        imagesetthickness($paper, 5);
        imageline($paper, 40, 90, 360, 130, 0x101030);
        ob_start();
        imagejpeg($paper);
        $photograph = UploadedFile::fake()->createWithContent('name.jpg', (string) ob_get_clean());
        $this->post($this->page, ['picture' => ['s' => $photograph]])->assertSessionHasNoErrors();
        $card = PersonalCards::of($this->workspace, $this->ada->id)?->document() ?? $this->fail('There is no card.');
        $this->assertStringStartsWith('hand:', $card->piece('s')->text('picture'));
        $this->assertLessThan(0.4, (float) $card->piece('s')->text('ratio'), 'as it is, not as the firm\u{2019}s');
        $sheet = (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($card));
        $this->assertStringContainsString('alt="Ada Reed"', $sheet);
        $this->assertStringNotContainsString('alt="Maren"', $sheet);
        foreach ([['picture' => $photograph], ['picture' => ['s' => [$photograph]]], ['picture' => ['s' => 'hand:x']],
            ['p' => ['s' => ['ratio' => '9', 'picture' => 'sample:portrait']]], ['p' => ['s' => ['phrase' => ['a']]]],
        ] as $bad) {
            $this->assertLessThan(500, $this->post($this->page, $bad)->getStatusCode());
            $this->assertEquals(
                $card->piece('s')->fields,
                PersonalCards::of($this->workspace, $this->ada->id)?->document()->piece('s')->fields,
            );
        }
        // What is not theirs is not even kept.
        $had = $this->workspace->pictures()->count();
        $other = UploadedFile::fake()->createWithContent('a.jpg', self::jpeg());
        $this->post($this->page, ['picture' => ['c' => $other]]);
        $this->assertSame($had, $this->workspace->pictures()->count());
    }

    public function test_locked_pieces_are_reached_by_no_request(): void
    {
        $before = $this->says();
        $secret = 'picture:'.str_repeat('a', 64);
        foreach (['c' => ['text' => 'Mine'], 'x' => ['address' => 'https://evil.example'], 'nowhere' => ['text' => 'x'],
            't' => ['zone' => 'before', 'filledBy' => 'us'], 'h' => ['picture' => $secret, 'size' => '160'],
            'm' => ['sort' => 'fax']] as $id => $fields) {
            $this->post($this->page, ['p' => [$id => $fields], 'shown' => [$id => '0', 'c' => '0']]);
            $this->post($this->page, ['shown' => ['t' => '1']]);
            $this->assertSame($before, $this->says(), $id);
        }
        $card = $this->own()->card;
        $this->post("/cards/$card->id/pieces/c", ['revision' => $card->head, 'fields' => ['text' => 'Mine']])
            ->assertRedirect('/sign-in');
        $this->assertSame('80', $this->own()->document()->piece('h')->text('size'));
    }

    public function test_nobody_reaches_a_page_by_changing_any_part_of_its_address(): void
    {
        $token = basename($this->page);
        mt_srand(7);
        $letters = '0123456789ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz';
        for ($try = 0; $try < 10_000; $try++) {
            $other = $token;
            $other[mt_rand(0, 39)] = $letters[mt_rand(0, 61)];
            $try % 3 === 0 && $other[mt_rand(0, 39)] = $letters[mt_rand(0, 61)];
            if ($other !== $token && PersonPage::at($other) !== null) {
                $this->fail("$other opens a page");
            }
        }
        foreach ([substr($token, 1), $token.'a', strrev($token), "$token/../x", '%00'.$token, ''] as $other) {
            $this->get("/mine/$other")->assertNotFound();
        }
        $this->get('/mine/'.strtolower($token))->assertNotFound();
    }

    public function test_the_address_runs_out_and_is_renewed_and_withdrawn(): void
    {
        $this->actingAs($this->maren)->post("/people/{$this->ada->id}/page", ['do' => 'renew']);
        $this->get($this->page)->assertNotFound();
        $new = (string) parse_url(PersonPage::address($this->ada), PHP_URL_PATH);
        $this->get($new)->assertOk();
        $this->travel(PersonPage::DAYS + 1)->days();
        $this->get($new)->assertNotFound();
        $this->post("/people/{$this->ada->id}/page");
        $new = (string) parse_url((string) PersonPage::of($this->ada->id)?->url(), PHP_URL_PATH);
        $this->get($new)->assertOk();
        $this->post("/people/{$this->ada->id}/page", ['do' => 'withdraw']);
        $this->get($new)->assertNotFound();
        $this->post("/people/{$this->ada->id}/page");
        $this->post('/people/several', ['people' => [$this->ada->id], 'do' => 'remove']);
        $this->get((string) parse_url((string) PersonPage::of($this->ada->id)?->url(), PHP_URL_PATH))->assertNotFound();
    }

    private function own(): OwnCard
    {
        return OwnCard::of(StoredPerson::in($this->workspace, $this->ada->id)) ?? $this->fail('no card');
    }

    /** @return list<string> what stands on their card: name, role, number, tagline, firm */
    private function says(): array
    {
        $document = PersonalCards::of($this->workspace, $this->ada->id)?->document() ?? $this->fail('no card');

        return array_map(fn (string $id): string => $document->piece($id)->shown ? $document->piece($id)->summary()
            : '',
            ['n', 'r', 'm', 't', 'c']);
    }

    /** What the card shows for a portrait. */
    private function shown(): string
    {
        return (string) PersonalCards::of($this->workspace, $this->ada->id)?->document()->piece('h')->text('picture');
    }
}
