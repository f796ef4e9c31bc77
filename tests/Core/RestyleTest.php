<?php

namespace Tests\Core;

use InkyCard\Brand\InkRole;
use InkyCard\Brand\Scheme;
use InkyCard\Card\Card;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\Restyle;
use InkyCard\Card\Edit\Scale;
use InkyCard\Card\Starter\Starters;
use InkyCard\Card\Style\Panels;
use InkyCard\Colour\Colour;
use InkyCard\Colour\Contrast;
use InkyCard\Colour\DarkPage;
use InkyCard\Colour\Oklch;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Layout\Measure;
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
            $papers[] = $paper->toHex();
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
            Oklch::mixed(Colour::hex('#ffffff'), Colour::hex('#0f5c73'), 0.1)->toHex(),
            $card->style->with(['panels' => []])->fill(Panels::of([
                'text' => ['fill' => 'tint'],
            ])->at('text') ?? self::fail('no panel'))?->toHex(),
        );
        $this->expectException(Refusal::class);
        (new Restyle(['panels' => ['text' => ['fill' => 'gold']]]))->apply($card);
    }
}
