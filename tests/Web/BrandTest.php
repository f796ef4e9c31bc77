<?php

namespace Tests\Web;

use App\Jobs\MakeBulkChange;
use App\Models\BulkChange;
use App\Models\StoredBrand;
use App\Models\StoredCard;
use App\Models\StoredPicture;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use InkyCard\Brand\InkRole;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\RenameCard;
use InkyCard\Card\Edit\Restyle;
use InkyCard\Card\Starter\Starters;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Samples;

final class BrandTest extends WebTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // One card in the brand's inks, one with an accent of its own.
        $inks = ['inks' => StoredBrand::in($this->workspace)->document()->toArray()['inks']];
        $this->card->edit(1, new Restyle($inks), null);
        $own = StoredCard::start($this->workspace, Samples::card(), null, 'Started');
        $own->edit(1, new Restyle(['inks' => ['accent' => '#123456'] + $inks['inks']]), null);
    }

    public function test_a_changed_ink_is_seen_first_then_put_on_cards_and_taken_back_as_one(): void
    {
        $before = $this->stored();
        $this->post('/brand/inks', ['number' => 1, 'inks' => ['accent' => 'rgb(140 50 20)']])->assertRedirect(
            '/brand#inks',
        );
        $this->assertSame($before, $this->stored());
        $this->get('/brand/counts')->assertSee('See what changes on 1 card');
        $this->get('/brand/change')
            ->assertOk()
            ->assertSee("/cards/{$this->card->id}/sheet/drafted", false)
            ->assertSee('Put it on this card');
        $this->get("/cards/{$this->card->id}/sheet/drafted")->assertSee('#8c3214');
        $this->assertStringNotContainsString(
            '#8c3214',
            (string) $this->get("/cards/{$this->card->id}/sheet")->content(),
        );

        $this->post('/brand/change', ['number' => 2])->assertRedirect('/brand#changes');
        $this->assertSame('#8c3214', $this->ink());
        $this->assertSame('Brand: accent ink changed', $this->card->fresh()?->revision()->words);
        $this->get('/brand')->assertSee('Brand: accent #8c3214')->assertSee('Take back');

        $sweep = BulkChange::query()->sole();
        $this->post("/sweeps/$sweep->id/undo");
        $this->assertSame($before, $this->stored());
        $this->assertSame('#1f5fa8', StoredBrand::in($this->workspace)->document()->inks['accent']->hex);
        // Once is enough.
        $this->post("/sweeps/$sweep->id/undo")->assertRedirect('/brand');
        $this->assertSame($before, $this->stored());
    }

    public function test_a_card_edited_since_keeps_that_edit_when_the_brand_is_taken_back(): void
    {
        $this->post('/brand/inks', ['number' => 1, 'inks' => ['accent' => '#8c3214']]);
        $this->post('/brand/change', ['number' => 2]);
        $card = StoredCard::in($this->workspace, $this->card->id);
        $card?->edit($card->head, new Restyle(['typeface' => 'georgia']), null);
        $this->post('/sweeps/'.BulkChange::query()->sole()->id.'/undo');
        $this->assertSame(
            ['#1f5fa8', 'georgia'],
            [$this->ink(), $this->card->fresh()?->document()->style->typeface->key],
        );
    }

    public function test_many_cards_change_in_bites_that_nothing_interrupts_for_good(): void
    {
        Queue::fake();
        $inks = StoredBrand::in($this->workspace)->document()->toArray()['inks'];
        for ($number = 0; $number < 60; $number++) {
            StoredCard::start($this->workspace, Samples::card(), null, 'Started')
                ->edit(1, new Restyle(['inks' => $inks]), null);
        }
        $this->post('/brand/inks', ['number' => 1, 'inks' => ['accent' => '#8c3214']]);
        $this->get('/brand/change')->assertSee('Many cards change')->assertSee('Put it on all of them');
        $this->get('/brand/counts?of=change')->assertSee('61 cards change');
        $this->post('/brand/change', ['number' => 2])->assertRedirect('/brand#changes');
        Queue::assertPushed(MakeBulkChange::class, 1);
        $change = BulkChange::query()->sole();
        $of = fn (StoredCard $card): string => json_decode($card->revision()->document)->style->inks->accent ?? '';
        $changed = fn (): int => StoredCard::allIn($this->workspace)->filter(fn ($card) => $of($card) === '#8c3214')
            ->count();

        // One bite, then its worker is gone; a colleague edits a card it has not come to; two workers go on at once.
        $this->assertFalse($change->goOn(0));
        $this->assertSame(24, $changed());
        $this->get("/sweeps/$change->id")->assertSee('25 of 62')->assertSee('every 1s');
        $late = StoredCard::allIn($this->workspace)->first();
        $late?->edit($late->head, new RenameCard('Newer'), null);
        [$one, $other] = [BulkChange::query()->sole(), BulkChange::query()->sole()];
        $this->assertFalse($one->goOn(0));
        $this->assertTrue($other->goOn(0), 'who comes second finds it done, and leaves');
        while (! BulkChange::query()->sole()->goOn(PHP_INT_MAX)) {
            continue;
        }
        $this->assertSame([61, 61, 'Newer'], [$changed(), $change->refresh()->cards, $late?->fresh()?->name]);
        $this->get("/sweeps/$change->id")->assertSee('61 cards')->assertDontSee('every 1s');

        // Taken back in bites as well, and half way through making it.
        $this->post("/sweeps/$change->id/undo")->assertRedirect('/brand#changes');
        $this->assertFalse($change->refresh()->goOn(0));
        $this->assertTrue(BulkChange::query()->sole()->goOn(PHP_INT_MAX));
        $this->assertSame([0, 'Newer'], [$changed(), $late?->fresh()?->name]);
        $number = StoredBrand::in($this->workspace)->number;
        $this->post('/brand/inks', ['number' => $number, 'inks' => ['accent' => '#8c3214']]);
        $this->post('/brand/change', ['number' => $number + 1]);
        $again = BulkChange::query()->latest('id')->firstOrFail();
        $again->goOn(0);
        $old = BulkChange::query()->findOrFail($again->id);
        $this->post("/sweeps/$again->id/undo");
        $this->assertTrue($old->goOn(0), 'what was taken back does not go on');
        $again->refresh()->goOn(PHP_INT_MAX);
        $this->assertSame(0, $changed());
    }

    public function test_a_second_tab_overwrites_nothing_and_dropping_can_be_undone(): void
    {
        $this->post('/brand/inks', ['number' => 1, 'inks' => ['link' => '#005500']]);
        $this->post('/brand/inks', ['number' => 1, 'inks' => ['link' => '#550000']])
            ->assertStatus(409)
            ->assertSee('changed elsewhere');
        $this->assertSame('#005500', $this->drafted());
        $this->post('/brand/change', ['number' => 1])->assertRedirect('/brand/change');
        $this->post('/brand/change/drop', ['number' => 2]);
        $this->assertNull($this->drafted());
        $this->post('/brand/undo', ['number' => 3]);
        $this->assertSame('#005500', $this->drafted());
        $this->assertSame(0, BulkChange::query()->count());
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'ink' => ['inks', ['inks' => ['accent' => 'greenish']], 'Write the colour as'];
        yield 'see-through' => ['inks', ['inks' => ['accent' => '#11223344']], 'see-through'];
        yield 'array for an ink' => ['inks', ['inks' => ['accent' => ['x']]], 'Write the colour as'];
        yield 'typeface' => ['typeface', ['typeface' => 'papyrus'], 'Choose one of the typefaces'];
        yield 'size' => ['sizes', ['sizes' => ['text' => '1e9']], 'number of pixels'];
        yield 'phone' => ['lines', ['lines' => ['phone' => 'call me']], 'dialled'];
        yield 'tags' => ['lines', ['lines' => ['company' => '<b>Q</b>']], 'leave out HTML tags'];
        yield 'notice' => [
            'notices',
            ['at' => 'new', 'notices' => ['name' => '', 'text' => 'x']],
            'Give the notice a name',
        ];
        yield 'rule' => ['rules', ['at' => 'new', 'rules' => ['trade' => 'T']], 'what the rule asks for'];
        yield 'pasted' => ['take', ['pasted' => 'no such thing'], 'No colour was found'];
        yield 'too much pasted' => ['take', ['pasted' => str_repeat('#abcdef ', 9000)], 'too much text'];
    }

    /** @param  array<string, mixed>  $form */
    #[DataProvider('bad')]
    public function test_bad_input_gets_a_sentence_and_loses_nothing(string $part, array $form, string $sentence): void
    {
        $this->post("/brand/$part", $form + ['number' => 1])->assertStatus(422)->assertSee($sentence);
        $this->assertNull($this->drafted());
    }

    public function test_inks_are_taken_from_a_logo_drawn_or_photographed_and_bad_files_get_a_sentence(): void
    {
        $send = fn (string $bytes): TestResponse => $this->post('/brand/take', [
            'logo' => UploadedFile::fake()->createWithContent('logo.svg', $bytes),
        ]);
        $send(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 40"><rect width="40" height="40" '
                .'fill="#fffdf8"/><circle cx="20" cy="20" r="14" fill="#7a3f5a"/></svg>',
        )
            ->assertOk()
            ->assertSee('#7a3f5a')
            ->assertSee('Use these five');
        $send(self::jpeg())->assertOk();
        foreach (
            [
                '<svg xmlns="http://www.w3.org/2000/svg"><!ENTITY x "y"></svg>' => 'entities',
                '<svg' => 'not a picture', '%PDF-1.4' => 'a PDF',
                '<svg xmlns="http://www.w3.org/2000/svg"><rect' => 'cannot be drawn',
            ] as $bytes => $sentence
        ) {
            $send($bytes)->assertStatus(422)->assertSee($sentence);
        }
    }

    public function test_rules_are_entered_checked_and_met(): void
    {
        $this->post('/brand/notices', [
            'number' => 1,
            'at' => 'new',
            'notices' => ['name' => 'Client notice', 'text' => 'For its reader alone.', 'documents' => ''],
        ]);
        $this->post('/brand/rules', [
            'number' => 2,
            'at' => 'new',
            'rules' => ['trade' => 'Designers', 'role' => '', 'licence' => '1', 'notices' => ['Client notice']],
        ]);
        // A notice a rule asks for stays until the rule is gone.
        $this->post('/brand/notices', ['number' => 3, 'at' => '0', 'remove' => '1'])->assertStatus(422);
        // A rule still in the draft binds nobody.
        $this->get('/brand/counts')->assertDontSee('short of a rule');
        $this->get('/brand/duties')->assertSee('Every card shows what the trade rules ask');
        $this->post('/brand/change', ['number' => 3]);
        $this->get('/brand/counts')->assertSee('short of a rule');
        $this->get('/brand/duties')
            ->assertSee('Client notice')
            ->assertSee('its licence line')
            ->assertSee('Put the missing notices on');
        $this->post('/brand/duties');
        $this->assertStringContainsString('For its reader alone.', $this->stored());
        $this->get('/brand/duties')->assertDontSee('Client notice');
        $this->post('/sweeps/'.BulkChange::query()->latest('id')->first()?->id.'/undo');
        $this->assertStringNotContainsString('For its reader alone.', $this->stored());
    }

    public function test_facts_type_and_logos_of_the_firm_reach_the_cards_that_carry_them(): void
    {
        $card = fn () => StoredCard::query()->findOrFail($this->card->id)->document();
        $this->post('/brand/lines', [
            'number' => 1,
            'lines' => [
                'company' => 'Quillfern & Co',
                'phone' => '01632 960147',
                'profiles' => "instagram.com/old.name\n",
            ],
        ]);
        $this->post('/brand/change', ['number' => 2]);
        // Now the brand says what the card says: from here on the card follows.
        $this->post('/brand/lines', [
            'number' => 3,
            'lines' => ['company' => 'Quillfern Gardens', 'phone' => '01632 960199'],
        ]);
        $this->post('/brand/sizes', ['number' => 4, 'sizes' => ['name' => '22']]);
        $this->post('/brand/typeface', ['number' => 5, 'typeface' => 'georgia']);
        $this->get('/brand/change')->assertSee('typeface, sizes, company, phone changed');
        $this->post('/brand/change', ['number' => 6]);
        $this->assertSame(
            ['Quillfern Gardens', '+44 1632 960199', 22.0, 'georgia'],
            [
                $card()->piece('p4')->text('text'), $card()->piece('p5')->text('number'), $card()->style->sizes->name,
                $card()->style->typeface->key,
            ],
        );
        // A logo of the firm on a card is replaced with the firm's.
        $logo = fn (int $size): UploadedFile => UploadedFile::fake()->createWithContent(
            'logo.jpg',
            self::jpeg($size, 100),
        );
        $this->post('/brand/logos', ['number' => 7, 'light' => $logo(200)]);
        $this->post('/brand/change', ['number' => 8]);
        $light = StoredBrand::in($this->workspace)->document()->logos['light'];
        $this->assertEqualsWithDelta(0.5, $light['ratio'] ?? 0, 0.001);
        $this->post("/cards/{$this->card->id}/pieces", ['revision' => $this->at(), 'kind' => 'logo']);
        $piece = collect($card()->pieces)->firstOrFail(fn ($piece) => $piece->kind->key() === 'logo');
        $this->post("/cards/{$this->card->id}/pieces/$piece->id", [
            'revision' => $this->at(),
            'pick' => StoredPicture::query()->latest('id')->firstOrFail()->id,
        ]);
        $this->post('/brand/logos', ['number' => 9, 'light' => $logo(400)]);
        $this->post('/brand/change', ['number' => 10]);
        $this->assertSame(
            [StoredBrand::in($this->workspace)->document()->logos['light']['picture'] ?? '', 0.25],
            [$card()->piece($piece->id)->text('picture'), $card()->piece($piece->id)->fields['ratio']],
        );
        $this->post('/brand/logos', ['number' => 11, 'remove' => ['light' => '1']]);
        $this->assertNull(StoredBrand::in($this->workspace)->drafted()->logos['light']);
        $this->post('/brand/logos', [
            'number' => 12,
            'dark' => UploadedFile::fake()->createWithContent('x.pdf', '%PDF-1'),
        ])
            ->assertStatus(422)
            ->assertSee('is a PDF');
    }

    public function test_brands_of_others_are_out_of_reach(): void
    {
        $other = \App\Models\Workspace::create(['name' => 'Other', 'web' => '', 'country' => 'DE']);
        $theirs = StoredBrand::in($other);
        $this->post('/brand/inks', ['number' => 1, 'inks' => ['accent' => '#010203']]);
        $this->post('/brand/change', ['number' => 2]);
        $this->assertSame($theirs->document, StoredBrand::in($other)->document);
        $sweep = BulkChange::query()->sole();
        $sweep->forceFill(['workspace_id' => $other->id])->save();
        $this->post("/sweeps/$sweep->id/undo")->assertNotFound();
    }

    private function at(): int
    {
        return (int) StoredCard::query()->whereKey($this->card->id)->value('head');
    }

    public function test_the_bench_says_how_far_an_own_ink_is_from_the_brands(): void
    {
        $this->card->edit($this->card->head, new Restyle(['inks' => ['accent' => '#1f5fa9']]), null);
        $this->get("/cards/{$this->card->id}")
            ->assertSee('too near to tell apart')
            ->assertSee("Take the brand's accent", false);
        $this->get('/cards/start')->assertOk();
        $accent = function (string $inks): ?string {
            $this->post('/cards', ['starter' => 'plumbline', 'inks' => $inks]);

            return StoredCard::query()->latest('id')->first()?->document()->style->ink(InkRole::Accent)->hex;
        };
        $own = Starters::all()['plumbline']->sample()->style->ink(InkRole::Accent)->hex;
        $this->assertSame(['#1f5fa8', $own, $own], [$accent('ours'), $accent('own'), $accent('')]);
        $this->post('/brand/inks', ['number' => 1, 'inks' => ['accent' => '#123456']]);
        $this->post('/brand/change', ['number' => 2]);
        $this->assertSame('#123456', $accent(''), 'once there is a brand, starters have its inks');
    }

    private function ink(): string
    {
        return CardJson::decode($this->stored())->style->ink(InkRole::Accent)->hex;
    }

    private function drafted(): ?string
    {
        $brand = StoredBrand::in($this->workspace);

        return $brand->draft === null ? null : $brand->drafted()->inks['link']->hex;
    }
}
