<?php

namespace Tests\Core;

use InkyCard\Brand\InkRole;
use InkyCard\Brand\Scheme;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\AddPiece;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Edit\Restyle;
use InkyCard\Card\Edit\Scale;
use InkyCard\Card\Edit\TunePiece;
use InkyCard\Card\Kind\Kinds;
use InkyCard\Card\Starter\Starters;
use InkyCard\Card\Style\Panels;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Colour\Oklch;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Layout\Measure;
use InkyCard\Layout\PictureFit;
use InkyCard\Layout\Sheet;
use InkyCard\Limits;
use InkyCard\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A card's look changed as a whole: larger, on backgrounds, in other inks. */
final class RestyleTest extends TestCase
{
    public function test_everything_goes_a_step_larger_and_back(): void
    {
        foreach (Starters::all() as $key => $starter) {
            $card = $starter->sample();
            $larger = (new Scale(true))->apply($card);
            $before = Measure::of(Sheet::of($card), Limits::WIDTH);
            $this->assertGreaterThan($before->height, Measure::of(Sheet::of($larger), Limits::WIDTH)->height, $key);
            $back = Measure::of(Sheet::of((new Scale(false))->apply($larger)), Limits::WIDTH);
            $this->assertEqualsWithDelta($before->height, $back->height, 0.06 * $before->height, $key);
            for ($step = 0; $step < 40; $step++) {
                $larger = CardJson::decode(CardJson::encode((new Scale($step < 20))->apply($larger)));
            }
            $this->assertGreaterThanOrEqual(Limits::TYPE[0], $larger->style->sizes->small, $key);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function inks(): iterable
    {
        foreach (['#c8402a', '#0f5c73', '#ffd400', '#000000', '#ffffff', '#808080', '#00ff66', '#2b0040'] as $ink) {
            yield $ink => [$ink];
        }
    }

    #[DataProvider('inks')]
    public function test_every_scheme_of_an_ink_reads(string $ink): void
    {
        $papers = [];
        foreach (Scheme::of(Colour::hex($ink)) as $scheme) {
            $paper = $scheme->inks['paper'];
            $papers[] = $paper->hex;
            $this->assertEqualsCanonicalizing(array_column(InkRole::cases(), 'value'), array_keys($scheme->inks));
            foreach (array_diff_key($scheme->inks, ['paper' => 0]) as $role => $colour) {
                $this->assertGreaterThanOrEqual(4.5, Contrast::ratio($colour, $paper), "$scheme->name $role");
                $this->assertGreaterThanOrEqual(
                    Limits::DARK_CONTRAST, DarkPage::Forced->ratio($colour, $paper), "$scheme->name $role, dark",
                );
            }
        }
        $this->assertGreaterThanOrEqual(2, count(array_unique($papers)));
    }

    /** On any background, of any inks, words read. */
    public function test_inks_on_a_background_read_there(): void
    {
        mt_srand(7);
        for ($try = 0; $try < 300; $try++) {
            $ink = fn (): string => sprintf('#%06x', mt_rand(0, 0xFFFFFF));
            $card = CardJson::read([
                'format' => CardJson::FORMAT, 'name' => 'A', 'arrangement' => 'nameplate', 'style' => [
                    'inks' => ['body' => $ink(), 'accent' => $ink(), 'quiet' => $ink(), 'link' => $ink(),
                        'paper' => $ink()],
                    'panels' => ['text' => ['fill' => ['accent', 'tint', 'body', 'link'][$try % 4]]],
                ],
                'pieces' => [
                    ['id' => 'n', 'kind' => 'name', 'fields' => ['text' => 'Maren']],
                    ['id' => 'c', 'kind' => 'company', 'fields' => ['text' => 'Quillfern']],
                ],
            ]);
            foreach ($card->pieces as $piece) {
                $behind = $card->styleOf($piece)->ink(InkRole::Paper);
                foreach ($card->content($piece)[0]->runs() as $run) {
                    $this->assertGreaterThanOrEqual(4.2, Contrast::ratio($run->ink, $behind), CardJson::encode($card));
                }
            }
        }
    }

    public function test_a_background_is_one_edit_and_nothing_stays_of_it(): void
    {
        $card = Starters::all()['tidemark']->sample();
        $html = fn (Card $of): string => (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($of));
        $panel = ['fill' => 'accent', 'room' => '16', 'radius' => '8'];
        $on = (new Restyle(['panels' => ['text' => $panel]]))->apply($card);
        $this->assertStringContainsString('bgcolor="#0f5c73"', $html($on));
        $this->assertStringContainsString('border-radius:8px', $html($on));
        $off = (new Restyle(['panels' => ['text' => ['fill' => 'none', 'room' => '0', 'radius' => '0']]]))->apply($on);
        $this->assertStringNotContainsString('border-radius:8px', $html($off));
        $this->assertSame(
            Oklch::mixed(Colour::hex('#ffffff'), Colour::hex('#0f5c73'), 0.1)->hex,
            $card->style->with(['panels' => []])->fill(Panels::of([
                'text' => ['fill' => 'tint'],
            ])->at('text') ?? self::fail('no panel'))?->hex,
        );
        $this->expectException(Refusal::class);
        (new Restyle(['panels' => ['text' => ['fill' => 'gold']]]))->apply($card);
    }

    /** @return iterable<string, array{array<string, mixed>, string|list<string>}> form, what the button's markup says */
    public static function callLooks(): iterable
    {
        yield 'outlined' => [
            ['shape' => 'round, outlined'], ['border-radius:24px;border:2px solid #', 'padding:7px 16px'],
        ];
        yield 'square' => [['shape' => 'square'], ['bgcolor="#', 'padding:9px 18px']];
        yield 'padding' => [['call' => ['wide' => '30', 'high' => '4']], ['padding:4px 30px']];
        yield 'words' => [['call' => ['words' => 'body'], 'ink' => 'paper'], ['bgcolor="#ffffff"', 'color:#222222']];
        yield 'symbol' => [['symbol' => 'calendar-check'], ['<img', 'alt=""']];
        yield 'face' => [['face' => 'garamond'], ["Garamond,Georgia,'Times New Roman',serif"]];
        yield 'chain' => [['chain' => 'Gill Sans, "Futura"'], ["'Gill Sans',Futura,sans-serif"]];
    }

    /**
     * @param  array<string, mixed>  $form
     * @param  list<string>  $says
     */
    #[DataProvider('callLooks')]
    public function test_a_call_has_a_look_of_its_own(array $form, array $says): void
    {
        $card = TunePiece::fromForm('p9', $form)->apply(Samples::card());
        $card = CardJson::decode(CardJson::encode($card));
        $html = (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($card));
        foreach ($says as $part) {
            $this->assertStringContainsString($part, htmlspecialchars_decode($html));
        }
        // One thing set leaves the others, and nothing set is the card's look again.
        $more = TunePiece::fromForm('p9', ['call' => ['side' => 'end']])->apply($card)->piece('p9')->tuning->toArray();
        $this->assertSame('end', $more['call']['side'] ?? null);
        $this->assertSame([], array_diff_assoc($card->piece('p9')->tuning->toArray()['call'] ?? [], $more['call']));
        $none = array_fill_keys(['words', 'radius', 'high', 'wide', 'outlined', 'symbol', 'side'], '');
        $plain = TunePiece::fromForm('p9', ['call' => $none, 'face' => '', 'ink' => ''])->apply($card);
        $this->assertSame([], $plain->piece('p9')->tuning->toArray());
    }

    public function test_symbol_of_a_call_stands_on_the_side_it_was_given(): void
    {
        foreach (['start' => true, 'end' => false] as $side => $before) {
            foreach (['en' => $before, 'he' => $before] as $lang => $first) {
                $card = TunePiece::fromForm('p9', ['call' => ['symbol' => 'telephone', 'side' => $side]])
                    ->apply(Samples::card(['lang' => $lang]));
                $html = (string) strstr(
                    (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($card)), 'Book a visit', true,
                );
                $last = substr($html, (int) strrpos($html, '<img'));
                $this->assertSame($first, str_contains($last, 'alt=""'), "$side $lang");
            }
        }
    }

    public function test_a_logo_grows_with_the_text_beside_it(): void
    {
        $card = CardJson::read(['format' => CardJson::FORMAT, 'name' => 'L', 'pieces' => [
            ['id' => 'l', 'kind' => 'logo', 'fields' => [
                'picture' => 'sample:portrait-office', 'ratio' => 1.1, 'width' => 60, 'fit' => 'text',
            ]],
            ['id' => 'n', 'kind' => 'name', 'fields' => ['text' => 'Maren Oakhollow']],
            ['id' => 'r', 'kind' => 'role', 'fields' => ['text' => 'Principal designer']],
            ['id' => 'p', 'kind' => 'phone', 'fields' => ['number' => '+44 1632 960147']],
        ]]);
        $heights = [];
        for ($lines = 0; $lines < 4; $lines++) {
            $card = PictureFit::settle($card);
            $fit = PictureFit::ofPiece($card, $card->piece('l')) ?? self::fail('no fit');
            $this->assertTrue($fit->matches());
            $this->assertEqualsWithDelta($fit->text, $fit->picture, 1);
            $heights[] = $fit->picture;
            $card = (new AddPiece(Kinds::of('tagline')))->apply($card);
            $added = $card->pieces[count($card->pieces) - 1];
            $card = (new FillPiece($added->id, ['text' => 'One line more']))->apply($card);
        }
        $this->assertSame($heights, array_unique($heights));
        // A logo as wide as it may be grows no further.
        $wide = $card->replacing($card->piece('l')->with([
            'fields' => ['ratio' => 0.1] + $card->piece('l')->fields,
        ]));
        $this->assertLessThanOrEqual(Limits::LOGO[1], (int) PictureFit::settle($wide)->piece('l')->text('width'));
    }
}
