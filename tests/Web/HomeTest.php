<?php

namespace Tests\Web;

use App\Models\StoredCard;
use App\Placements\Placements;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\CountClicks;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Edit\RenameCard;
use InkyCard\Card\Edit\Restyle;
use InkyCard\Card\Situation;
use InkyCard\Card\Starter\Starters;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Samples;

/** Home, starting, looks, history and finding. */
final class HomeTest extends WebTestCase
{
    public function test_cards_are_found_sorted_filed_and_brought_back(): void
    {
        foreach (['Abel', 'Zoe'] as $name) {
            StoredCard::start($this->workspace, Samples::card()->with(['name' => "$name - growers"]), null, 'Started');
        }
        $this->get('/cards?find=growers&sort=name')
            ->assertSeeInOrder(['Abel - growers', 'Zoe - growers'])
            ->assertDontSee($this->card->name);
        // By what is on it, and taken literally.
        $this->get('/cards?find=960147')->assertSee($this->card->name);
        $this->get('/cards?find=%25')->assertSee('No card has that on it');
        $this->post('/cards/several', ['do' => 'archive', 'cards' => [$this->card->id]])->assertSessionHas('undo');
        $this->get('/cards')->assertDontSee('>'.$this->card->name.'<', false)->assertSee('1 in the archive');
        $this->get('/cards?show=archived')->assertSee($this->card->name);
        $this->post('/cards/several', ['do' => 'bring-back', 'cards' => [$this->card->id, 'x', ['y']]]);
        $this->get('/cards')->assertSee($this->card->name);
        $this->post('/cards/several', ['do' => 'copy', 'cards' => [$this->card->id]]);
        $this->get('/cards')->assertSee($this->card->name.' copy');
        $this->post('/cards/several', ['do' => 'archive'])->assertSessionHas('told', 'Choose cards first.');
        $other = \App\Models\Workspace::create(['name' => 'Other', 'web' => '', 'country' => 'GB']);
        $theirs = StoredCard::start($other, Samples::card(), null, 'Started');
        $this->post('/cards/several', ['do' => 'archive', 'cards' => [$theirs->id]]);
        $this->assertNull($theirs->fresh()?->archived_at);
    }

    public function test_a_copy_for_somebody_else_leaves_no_personal_fact_in_unmarked(): void
    {
        $this->post("/cards/{$this->card->id}/copy", [
            'name' => 'Tobiah - growers',
            'holder' => 'Tobiah Reedmace',
            'email' => 'tobiah@quillfern.example',
        ]);
        $copy = StoredCard::query()->latest('id')->firstOrFail()->document();
        $this->assertSame(['Tobiah - growers', 'Tobiah Reedmace'], [$copy->name, $copy->holder()]);
        $samples = array_map(fn ($piece) => $piece->kind->key(), $copy->samples());
        $this->assertSame([], array_diff(['role', 'phone', 'headshot', 'profiles'], $samples));
        $this->assertSame([], array_intersect(['name', 'email', 'company'], $samples));
        $this->assertEquals(CardJson::decode($this->stored())->style, $copy->style);
        $this->post("/cards/{$this->card->id}/copy", ['holder' => 'T', 'email' => 'nobody'])
            ->assertStatus(422)
            ->assertSee('value="nobody"', false);
        $this->post("/cards/{$this->card->id}/copy", ['name' => '<b>', 'short' => '1'])
            ->assertStatus(422)
            ->assertSee('value="1" aria-describedby="help-short" checked', false);
        $this->get("/cards/{$this->card->id}/copy?short=1")->assertSee(', short"', false);
        $this->post("/cards/{$this->card->id}/copy", ['name' => 'Pocket', 'short' => '1'])->assertRedirect();
        $short = StoredCard::query()->latest('id')->firstOrFail()->document();
        $this->assertSame(
            ['Pocket', 'words-only', count($this->card->document()->pieces)],
            [$short->name, $short->arrangement->key, count($short->pieces)],
        );
    }

    public function test_one_card_is_used_for_each_address_and_situation(): void
    {
        $other = StoredCard::start($this->workspace, Samples::card()->with(['name' => 'Other card']), null, 'Started');
        $place = fn (StoredCard $card, array $at) => $this->post("/cards/$card->id/placements", $at);
        $place($this->card, ['address' => 'Maren@Quillfern.example', 'situation' => 'new'])->assertSessionHas(
            'told',
            "{$this->card->name} is used for new mail from maren@quillfern.example.",
        );
        $this->get('/cards')->assertSee('maren@quillfern.example, new mail');
        $place($other, ['address' => 'maren@quillfern.example', 'situation' => 'new'])->assertSessionHas(
            'told',
            "Other card is used for new mail from maren@quillfern.example, in place of {$this->card->name}.",
        );
        $this->assertSame([$other->id], DB::table('placements')->pluck('card_id')->all());
        $place($other, ['address' => 'nobody', 'situation' => 'new'])->assertSessionHas('misplaced', $other->id);
        $place($other, ['address' => 'a@quillfern.example', 'situation' => 'never'])->assertSessionHas('misplaced');
        $place($other, ['address' => 'maren@quillfern.example', 'situation' => 'new', 'remove' => '1']);
        $this->assertSame(0, DB::table('placements')->count());
        $this->get('/placements')->assertOk()->assertSee('No address has a card yet');
        $this->post('/placements', [
            'card' => $other->id,
            'address' => 'b@quillfern.example',
            'situation' => 'reply',
        ])->assertSessionHas('told');
        $this->post('/placements', [
            'card' => 999,
            'address' => 'b@quillfern.example',
            'situation' => 'reply',
        ])->assertNotFound();
        $this->post('/placements', ['card' => $other->id, 'address' => 'b', 'situation' => 'reply'])->assertSessionHas(
            'misplaced',
        );
        $this->get('/placements')->assertSee('b@quillfern.example')->assertSee('Other card');
        $place($other, ['address' => 'b@quillfern.example', 'situation' => 'reply', 'remove' => '1']);
        $this->get('/placements')->assertSee('Undo')->assertSee('No address has a card yet');
    }

    public function test_a_card_starts_from_nothing_by_trade_or_mood_and_from_a_file(): void
    {
        $this->post('/cards', ['starter' => 'blank']);
        $this->assertSame([], StoredCard::query()->latest('id')->firstOrFail()->document()->pieces);
        $this->get('/cards/'.StoredCard::query()->max('id'))->assertOk();
        $starter = Starters::all()['plumbline'];
        $this->get('/cards/start?trade=trades')->assertSee($starter->name)->assertDontSee('Footlights');
        $this->get('/cards/start?trade=trades&mood=gentle')->assertSee('No starter is both');
        $drawn = fn (string $inks) => $this->get("/starters/plumbline/drawing?inks=$inks")->assertOk()->getContent();
        $this->assertStringStartsWith('RIFF', (string) $drawn('own'));
        $this->assertNotSame($drawn('own'), $drawn('ours'));
        $file = fn (string $json) => $this->post('/cards/bring', [
            'file' => UploadedFile::fake()->createWithContent('card.json', $json),
        ]);
        $file(CardJson::encode(Samples::card()))->assertRedirect();
        $started = StoredCard::query()->latest('id')->firstOrFail()->document();
        $this->assertSame(CardJson::encode(Samples::card()), CardJson::encode($started));
        $file('{"format":"inky-card/1","name":"N","pieces":[{"id":"a","kind":"rocket"}]}')
            ->assertStatus(422)
            ->assertSee('/pieces/0/kind');
        $file('{not json')->assertStatus(422)->assertSee('not a JSON document');
    }

    /** @return iterable<string, array{string, array<string, string>}> pasted => kind => what a piece of it holds */
    public static function pasted(): iterable
    {
        yield 'plain lines' => [
            "Kind regards,\n--\nMaren Oakhollow\nPrincipal designer\nQuillfern Garden Studio\nM: 01632 960147\nE: "
                ."maren@quillfern.example\nwww.quillfern.example/visits\n4 Mallow Lane, Eddersby\nRegistered garden "
                    ."designer GD-20417\nhttps://www.linkedin.com/in/maren-oakhollow\n",
            [
                'closing' => 'Kind regards,', 'name' => 'Maren Oakhollow', 'role' => 'Principal designer',
                'company' => 'Quillfern Garden Studio', 'phone' => '+44 1632 960147 mobile',
                'email' => 'maren@quillfern.example', 'web' => 'https://www.quillfern.example/visits',
                'address' => '4 Mallow Lane, Eddersby', 'licence' => 'Registered garden designer GD-20417',
                'profiles' => 'https://www.linkedin.com/in/maren-oakhollow',
            ],
        ];
        yield 'one line with bars' => [
            'Tobiah Reedmace | Planting lead | tobiah@quillfern.example | +44 1632 960148',
            [
                'name' => 'Tobiah Reedmace', 'role' => 'Planting lead', 'email' => 'tobiah@quillfern.example',
                'phone' => '+44 1632 960148',
            ],
        ];
        yield 'what is nothing else' => [
            "Hazel Thorn\nArborist\nThorn & Daughters\nOne more thing\n".str_repeat('Small print. ', 20),
            ['line' => 'One more thing', 'notice' => trim(str_repeat('Small print. ', 20))],
        ];
    }

    /** @param  array<string, string>  $expected */
    #[DataProvider('pasted')]
    public function test_a_pasted_signature_is_sorted_into_pieces(string $text, array $expected): void
    {
        $this->bring(['text' => $text]);
        $pieces = [];
        foreach (StoredCard::query()->latest('id')->firstOrFail()->document()->pieces as $piece) {
            $pieces[$piece->kind->key()] = implode(
                ' ',
                array_map(
                    fn ($value) => is_array($value) ? implode(' ', $value) : (string) $value,
                    array_filter(
                        array_intersect_key(
                            $piece->fields,
                            array_flip(['text', 'phrase', 'number', 'sort', 'address', 'links', 'value', 'html']),
                        ),
                    ),
                ),
            );
        }
        foreach ($expected as $kind => $holds) {
            $this->assertSame($holds, str_replace(["\n"], '', $pieces[$kind] ?? 'not there'), $kind);
        }
    }

    /** @param  array<string, string>  $what */
    private function bring(array $what): void
    {
        $to = (string) $this->post('/cards/bring', $what)->assertRedirect()->headers->get('Location');
        $this->post($to, [
            'keep' => array_map(
                strval(...),
                range(
                    0,
                    (int) preg_match_all('/name="keep\[\]"/', (string) $this->get($to)->assertOk()->content()) - 1,
                ),
            ),
        ])->assertRedirect();
    }

    public function test_what_is_brought_as_html_mail_or_contact_is_confirmed_line_by_line(): void
    {
        $html
            = '<table><tr><td><b style="font-size:18px">Tobiah Reedmace</b><br>Planting lead | Quillfern Garden '
                .'Studio<br><a href="mailto:tobiah@quillfern.example">tobiah@quillfern.example</a><br>01632 '
                .'960148<br>Mine alone<script>alert(1)</script></td></tr></table>';
        foreach (
            [
                'text' => $html,
                'html' => $html,
                'mail' => "From: a@b.example\r\nSubject: x\r\nContent-Type: text/html; charset=utf-8\r\n\r\n$html",
                'contact' => "BEGIN:VCARD\r\nVERSION:3.0\r\nFN:Tobiah Reedmace\r\nN:Reedmace;Tobiah;;;\r\n"
                    ."TITLE:Planting lead\r\nORG:Quillfern Garden Studio\r\nTEL:01632 960148\r\n"
                        ."EMAIL:tobiah@quillfern.example\r\nNOTE:Mine alone\r\nEND:VCARD\r\n",
            ] as $way => $bytes
        ) {
            $to = (string) $this->post(
                '/cards/bring',
                $way === 'text'
                    ? ['text' => $bytes]
                    : ['file' => UploadedFile::fake()->createWithContent('x.bin', $bytes)],
            )
                ->assertRedirect()
                ->headers->get('Location');
            $this->get($to)
                ->assertOk()
                ->assertSee('Tobiah Reedmace')
                ->assertSee('Planting lead')
                ->assertSee('+44 1632 960148')
                ->assertSee('sure');
            $this->get("$to/original")
                ->assertOk()
                ->assertSee('Tobiah Reedmace')
                ->assertDontSee('<script', false);
            $this->post($to, ['keep' => [], 'kind' => [1 => 'tagline']])
                ->assertStatus(422)
                ->assertSee('Keep at least one line')
                ->assertSee('value="tagline" selected', false);
            $last = (int) preg_match_all('/name="keep\[\]"/', (string) $this->get($to)->content()) - 1;
            $this->post($to, [
                'keep' => array_map(strval(...), range(0, $last)),
                'kind' => [$last => 'tagline'],
            ])->assertRedirect();
            $card = StoredCard::query()->latest('id')->firstOrFail()->document();
            $this->assertSame(
                ['Tobiah Reedmace', true],
                [$card->holder(), str_contains(CardJson::encode($card), 'Mine alone')],
                $way,
            );
        }
        $page = 'https://people.quillfern.example/maren-oakhollow';
        $this->bring(['address' => $page]);
        $card = CardJson::encode(StoredCard::query()->latest('id')->firstOrFail()->document());
        foreach (
            [
                'Maren Oakhollow', 'Principal garden designer', 'Quillfern Garden Studio', '1632 960147',
                '4 Mallow Lane, Eddersby', 'linkedin.com/in/maren-oakhollow',
            ] as $fact
        ) {
            $this->assertStringContainsString($fact, $card);
        }
        $this->assertStringContainsString('"picture:', $card);
        foreach (
            [
                'https://quillfern.example/' => 'states nothing', 'https://quillfern.example/missing' => 'error 404',
                'https://quillfern.example/inward' => 'private network', 'https://quillfern.example/endless' => 'over',
                'http://127.0.0.1/' => '', 'no address' => '', '' => '',
            ] as $address => $sentence
        ) {
            $this->post('/cards/bring', ['address' => $address])
                ->assertStatus(422)
                ->assertSee($sentence)
                ->assertSee('field-error', false);
        }
        $this->post('/cards/bring', ['text' => '<p> </p>'])->assertStatus(422)->assertSee('nothing in it');
        $this->get('/cards/bring/'.str_repeat('0', 24))->assertNotFound();
    }

    public function test_pictures_of_what_is_brought_are_kept_here(): void
    {
        $png = base64_encode((string) file_get_contents(__DIR__.'/../Core/pictures/sixteen.png'));
        $words = '<b>Tobiah Reedmace</b><br>tobiah@quillfern.example';
        $message = "From: a@b.example\r\nMIME-Version: 1.0\r\nContent-Type: multipart/related; boundary=b\r\n\r\n"
            ."--b\r\nContent-Type: text/html; charset=utf-8\r\n\r\n<img src=\"cid:face@b\" width=\"96\" height=\"96\" "
                ."alt=\"Tobiah\">$words\r\n--b\r\nContent-Type: image/png\r\nContent-Transfer-Encoding: base64\r\n"
                    ."Content-ID: <face@b>\r\n\r\n$png\r\n--b--\r\n";
        $html = fn (string $image): string => "<img src=\"$image\" width=\"96\" height=\"96\" alt=\"Tobiah\">$words";
        foreach (
            [
                'attached' => [$message, true, ''],
                'inside' => [$html("data:image/png;base64,$png"), true, ''],
                'at an address' => [$html('https://pictures.quillfern.example/portrait-tobiah'), true, ''],
                'a contact' => [
                    "BEGIN:VCARD\r\nVERSION:3.0\r\nFN:Tobiah\r\nPHOTO;ENCODING=b;TYPE=PNG:$png\r\nEND:VCARD\r\n",
                    true,
                    '',
                ],
                'a newer contact' => [
                    "BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Tobiah\r\nPHOTO:data:image/png;base64,$png\r\nEND:VCARD\r\n",
                    true,
                    '',
                ],
                'gone' => [
                    $html('https://quillfern.example/missing'),
                    false,
                    'from quillfern.example still comes from there',
                ],
                'a page' => [$html('https://quillfern.example/other'), false, 'shows a web page'],
                'within' => [$html('https://quillfern.example/inward'), false, 'private network'],
                'no picture' => [$html('data:image/png;base64,AAAA'), null, 'A picture is left out'],
            ] as $way => [$brought, $kept, $told]
        ) {
            $this->bring(['text' => $brought]);
            $this->assertStringContainsString($told, (string) session('told'), $way);
            $refs = array_map(
                fn ($piece) => $piece->text('picture'),
                array_values(
                    array_filter(
                        StoredCard::query()->latest('id')->firstOrFail()->document()->pieces,
                        fn ($piece) => $piece->kind->key() === 'headshot',
                    ),
                ),
            );
            $this->assertCount($kept === null ? 0 : 1, $refs, $way);
            $kept === null || $this->assertStringStartsWith($kept ? 'picture:' : 'https://', $refs[0], $way);
        }
    }

    public function test_a_card_of_ours_is_brought_with_what_its_counted_links_lead_to(): void
    {
        $this->card->edit(1, new CountClicks(true), null);
        preg_match(
            '~<textarea[^>]*id="source"[^>]*>(.*?)</textarea>~s',
            (string) $this->get("/cards/{$this->card->id}/hand-over")->content(),
            $source,
        );
        $html = html_entity_decode($source[1] ?? '');
        $this->assertStringContainsString('/go/', $html);
        $this->bring(['text' => $html]);
        $card = CardJson::encode(StoredCard::query()->latest('id')->firstOrFail()->document());
        $this->assertStringNotContainsString('/go/', $card);
        foreach (['linkedin.com/in/maren', 'quillfern.example/book'] as $address) {
            $this->assertStringContainsString($address, $card);
        }
    }

    public function test_nothing_to_sort_gets_a_sentence(): void
    {
        foreach (
            ['' => 'bring the lines', '---' => 'bring the lines', str_repeat('long line ',
                3000) => 'too much text'] as $text => $sentence
        ) {
            $this->post('/cards/bring', ['text' => $text])
                ->assertStatus(422)
                ->assertSee($sentence);
        }
    }

    public function test_a_look_is_taken_facts_kept_and_the_starters_style_comes_back_in_one_step(): void
    {
        $this->post('/cards', ['starter' => 'plumbline']);
        $card = StoredCard::query()->latest('id')->firstOrFail();
        $fresh = $card->document();
        $card->edit(
            $card->head,
            new Restyle(['typeface' => 'courier', 'sizes' => ['name' => 30], 'rule' => ['width' => 8]]),
            null,
        );
        $this->get("/cards/$card->id/looks")->assertSee('Back to the style of Plumbline');
        foreach (Starters::all() as $look) {
            $this->get("/cards/$card->id/looks/sheet?look=$look->key")->assertOk()->assertSee('Maren Oakhollow');
        }
        $this->get("/cards/$card->id/looks/sheet?arrangement=spiral")->assertNotFound();
        $this->post("/cards/$card->id/look", ['revision' => $card->fresh()?->head, 'look' => 'plumbline']);
        $back = $card->fresh()?->document() ?? $fresh;
        $this->assertEquals(
            [$fresh->style->sizes, $fresh->style->typeface, array_column($fresh->pieces, 'fields')],
            [$back->style->sizes, $back->style->typeface, array_column($back->pieces, 'fields')],
        );
        $this->post("/cards/$card->id/undo", ['revision' => $card->fresh()?->head]);
        $this->assertSame('courier', $card->fresh()?->document()->style->typeface->key);
    }

    public function test_history_shows_compares_and_goes_back(): void
    {
        $this->card->edit(1, new FillPiece('p3', ['text' => 'Planting lead']), null);
        $this->card->edit(2, new FillPiece('p3', ['text' => 'Head gardener']), null);
        $this->get("/cards/{$this->card->id}/history")->assertSeeInOrder([
            'Role set to Head gardener',
            'Role set to Planting lead',
            'Started',
        ]);
        $this->get("/cards/{$this->card->id}/history/compare?one=3&other=2")->assertSeeInOrder([
            'Role',
            'Planting lead',
            'Head gardener',
        ]);
        $this->get("/cards/{$this->card->id}/history/2/sheet")->assertSee('Planting lead');
        $this->post("/cards/{$this->card->id}/history/1", ['revision' => 2])->assertSessionHas('told');
        $this->post("/cards/{$this->card->id}/history/1", ['revision' => 3]);
        $this->assertSame(
            ['Principal designer', 4],
            [CardJson::decode($this->stored())->piece('p3')->text('text'), $this->card->fresh()?->head],
        );
        $this->get("/cards/{$this->card->id}/history/99/sheet")->assertNotFound();
        $this->get("/cards/{$this->card->id}/history/compare")->assertNotFound();
    }

    public function test_anything_is_found_by_part_of_a_word(): void
    {
        foreach (
            [
                'oakhol' => 'Maren Oakhollow', '960147' => 'phone on', 'contrast' => 'Contrast on light and dark pages',
                'handwriting' => 'Write your name', 'zillow' => 'Your public agent page',
                'law' => 'The page clients see', 'banner' => 'A wide picture that opens the offer',
            ] as $find => $seen
        ) {
            $this->get('/find?q='.$find)
                ->assertOk()
                ->assertSee($seen);
        }
        $this->get('/find?q=zzzz')->assertSee('Nothing is called that');
        $this->get('/find?q[]=x')->assertOk();
    }

    /** Where it is in use, and that what is in use there is old: on the bench, in the list and where it is handed over. */
    public function test_what_is_in_use_and_old_is_told_with_what_changed(): void
    {
        $id = $this->card->id;
        $this->get("/cards/$id")->assertDontSee('In use');
        Placements::put($this->card, 'Maren@quillfern.example', Situation::NewMail, Situation::Reply);
        Placements::put($this->card, 'hello@quillfern.example', Situation::NewMail);
        $this->post("/cards/$id/hand-over/taken", ['to' => 'any'])->assertNoContent();
        $this->post("/cards/$id/hand-over/taken", ['to' => 'nowhere'])->assertNoContent();
        $this->get("/cards/$id/hand-over/file?as=page&to=page")->assertOk();
        $now = 'In use at 2 addresses and in 2 places, as it is now.';
        $this->get("/cards/$id")->assertSee($now);
        $this->get('/cards')->assertDontSee('In use');
        $this->card->edit(1, new RenameCard('Another name'), $this->maren);
        $this->get("/cards/$id")->assertSee($now);
        $this->card->edit(2, new FillPiece('p3', ['text' => 'Head of planting']), $this->maren);
        $old = 'In use at 2 addresses and in 2 places, revision 1; this is 3.';
        foreach (['/cards', "/cards/$id", "/cards/$id/hand-over"] as $page) {
            $this->get($page)->assertSee($old)->assertSee("/cards/$id/history/compare?one=1&amp;other=3", false);
        }
        $this->post("/cards/$id/pieces/p3", ['revision' => 3, 'fields' => ['text' => 'Gardener']],
            ['HX-Request' => 'true'])->assertDontSee('revision 1; this is 4.');
        // The bench asks once keys rest.
        $this->assertStringContainsString('revision 1; this is 4.', $this->get("/cards/$id/findings")->json('use'));
        Placements::take($this->card, 'hello@quillfern.example', Situation::NewMail);
        Placements::put($this->card->refresh(), 'maren@quillfern.example', Situation::NewMail);
        $this->post("/cards/$id/hand-over/taken", ['to' => 'any']);
        $this->post("/cards/$id/hand-over/taken", ['to' => 'page']);
        $this->get("/cards/$id/hand-over")->assertSee('In use at 1 address and in 2 places, as it is now.');
    }
}
