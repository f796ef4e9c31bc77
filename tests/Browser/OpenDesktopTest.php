<?php

namespace Tests\Browser;

use InkyCard\Card\Starter\Starters;
use InkyCard\Colour\Colour;
use InkyCard\Colour\ColourText;
use InkyCard\Compose\HtmlComposer;
use InkyCard\Layout\Sheet;
use InkyCard\MailClient\MailClient;
use InkyCard\MailClient\Reader;
use InkyCard\Markup\Element;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Samples;

/** The stand-in of the open-source desktop shows every colour as the program itself does. */
final class OpenDesktopTest extends TestCase
{
    private const CLEAR = 'rgba(0, 0, 0, 0)';

    /** @return iterable<string, array{string, bool, string}> stand-in, dark, ink of links without one */
    public static function pages(): iterable
    {
        yield 'light' => ['open-desktop', false, '#0000ee'];
        yield 'dark' => ['open-desktop-dark', true, '#58c9ff'];
    }

    #[DataProvider('pages')]
    public function test_colours_are_shown_as_the_program_shows_them(string $client, bool $dark, string $link): void
    {
        if (! OpenDesktop::isThere()) {
            $this->markTestSkipped('The program is not installed.');
        }
        $html = self::message();
        $seen = (new OpenDesktop($dark))->look($html);
        $reading = Reader::read(MailClient::of($client), $html);
        [, $ink, $page] = array_pop($seen) ?? ['', '', ''];
        $this->assertSame([self::css($reading->ink), $dark ? self::css($reading->page) : self::CLEAR], [$ink, $page]);
        $ours = self::looks($reading->top(), self::css($reading->ink), self::css(Colour::hex($link)));
        $this->assertGreaterThan(500, count($ours));
        foreach ($ours as $index => $look) {
            $this->assertSame($look, $seen[$index], "element $index");
        }
        $this->assertCount(count($ours), $seen);
    }

    /** Inks and backgrounds by the hundred, then whole cards. */
    private static function message(): string
    {
        mt_srand(7);
        $random = fn (): string => sprintf('#%06x', mt_rand(0, 0xFFFFFF));
        $named = ['#26332b', '#ffffff', '#fff', '#2c6cb1', '#f4efe4', 'rgb(200, 64, 42)', 'gold'];
        $colour = fn (): string => $named[mt_rand(0, 9)] ?? $random();
        $html = '';
        for ($index = 0; $index < 240; $index++) {
            $style = ['', "color:{$colour()};"][mt_rand(0, 1)]
                .['', '', "background-color:{$colour()}", "background:{$colour()}"][mt_rand(0, 3)];
            $html .= mt_rand(0, 3) === 0
                ? "<p><a href=\"https://quillfern.example\" style=\"$style\">Words</a></p>"
                : "<p style=\"$style\">Words <span style=\"color:{$colour()}\">inside</span></p>";
        }
        foreach (array_slice(Starters::all(), 0, 6) as $starter) {
            $html .= (new HtmlComposer(Samples::pictures()))->compose(Sheet::of($starter->sample()));
        }

        return $html.'<p id="last">Words</p>';
    }

    /** @return list<array{string, string, string}> element, ink, background, as a browser computes them from styles */
    private static function looks(Element $element, string $ink, string $link): array
    {
        $looks = [];
        foreach ($element->children as $child) {
            if ($child instanceof Element) {
                $own = self::stated($child, ['color']) ?? (isset($child->attributes['href']) ? $link : $ink);
                $background = self::stated($child, ['background-color', 'background']) ?? self::CLEAR;
                array_push($looks, ...($child->name === 'tbody' ? [] : [[$child->name, $own, $background]]),
                    ...self::looks($child, $own, $link));
            }
        }

        return $looks;
    }

    /** @param  list<string>  $names */
    private static function stated(Element $element, array $names): ?string
    {
        $value = in_array('color', $names, true) ? null : $element->attributes['bgcolor'] ?? null;
        foreach ($element->style as [$name, $said]) {
            $value = in_array($name, $names, true) ? $said : $value;
        }

        return $value === null || in_array($value, ['inherit', 'transparent'], true) ? null
            : self::css(ColourText::parse($value));
    }

    private static function css(Colour $colour): string
    {
        return "rgb($colour->red, $colour->green, $colour->blue)";
    }
}
