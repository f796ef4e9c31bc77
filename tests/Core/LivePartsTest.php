<?php

namespace Tests\Core;

use InkyCard\Card\Card;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Quotations;
use InkyCard\Compose\PostPicture;
use InkyCard\Import\FilmPage;
use InkyCard\Picture\FilmLength;
use InkyCard\Refusal;
use InkyCard\Time\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Parts of a card that change by themselves: quotations, posts as pictures, stills of films. */
final class LivePartsTest extends TestCase
{
    /** @param  array<string, mixed>  $fields */
    private static function with(string $kind, array $fields): Card
    {
        return Samples::card(['pieces' => [
            ['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Maren Oakhollow']],
            ['id' => 'p2', 'kind' => $kind, 'fields' => $fields],
        ]]);
    }

    private static function list(): Quotations
    {
        return new Quotations(array_map(fn (int $at): array => [
            'topic' => $at < 4 ? 'Planting' : '', 'text' => "Said $at", 'by' => "Who $at", 'address' => '',
        ], range(1, 7)));
    }

    public function test_every_quotation_of_a_topic_has_its_day_before_one_comes_again(): void
    {
        $list = self::list();
        foreach ([['planting', 3], ['', 7]] as [$topic, $count]) {
            $card = self::with('quote', ['follows' => 'day', 'topic' => $topic, 'text' => 'Own words']);
            $first = Day::parse('2027-03-27');
            $said = array_map(
                fn (int $day): string => $list->on($card, $first->plus($day), 9)->piece('p2')->text('text'),
                range(0, 2 * $count - 1),
            );
            $this->assertCount($count, array_unique(array_slice($said, 0, $count)));
            $this->assertSame(array_slice($said, 0, $count), array_slice($said, $count), 'the same round again');
        }
        $taken = self::with('quote', ['follows' => 'taken', 'text' => 'Own words']);
        $of = fn (int $times): string => $list->on($taken, Day::parse('2027-03-27'), $times)->piece('p2')
            ->text('text');
        $this->assertSame(['Said 1', 'Said 2', 'Said 1'], [$of(0), $of(1), $of(7)]);
        $none = self::with('quote', ['follows' => 'day', 'topic' => 'Nothing of it', 'text' => 'Own words']);
        $this->assertSame('Own words', $list->on($none, Day::parse('2027-03-27'), 0)->piece('p2')->text('text'));
        $own = self::with('quote', ['text' => 'Own words']);
        $this->assertSame($own, $list->on($own, Day::parse('2027-03-27'), 0));
    }

    /** @return iterable<string, array{string, string, string}> as pasted, words, whose */
    public static function quotations(): iterable
    {
        yield 'a long dash' => ['“The drawing hangs in our hall.” — A client', 'The drawing hangs in our hall.',
            'A client'];
        yield 'a dash within' => ['Small - and green – A neighbour', 'Small - and green', 'A neighbour'];
        yield 'a bar' => ['„Alles wächst.“ | Eine Kundin', 'Alles wächst.', 'Eine Kundin'];
        yield 'nobody' => ['Nothing died.', 'Nothing died.', ''];
        yield 'a hyphen is none' => ['A well-kept garden', 'A well-kept garden', ''];
        yield 'Hebrew' => ['הגן פורח — לקוחה', 'הגן פורח', 'לקוחה'];
    }

    #[DataProvider('quotations')]
    public function test_a_quotation_is_read_as_people_write_it(string $line, string $text, string $by): void
    {
        $read = Quotations::parse($line);
        $this->assertSame([$text, $by], [$read['text'], $read['by']]);
    }

    public function test_words_that_are_none_or_too_many_are_refused(): void
    {
        foreach (['', '“”', str_repeat('word ', 60)] as $line) {
            try {
                Quotations::parse($line);
                $this->fail("taken: $line");
            } catch (Refusal $refusal) {
                $this->assertStringEndsWith('.', $refusal->getMessage());
            }
        }
    }

    /** @return iterable<string, array{string}> titles */
    public static function titles(): iterable
    {
        yield 'short' => ['Wet'];
        yield 'two lines' => ['What to plant in a wet autumn when the beds have stood under water for a month'];
        yield 'long' => [str_repeat('Three hedges that feed birds ', 12)];
        yield 'one word' => [str_repeat('Donaudampfschiff', 12)];
        yield 'markup' => ['<b>5 & 6</b> "beds" </text><script>'];
        yield 'Arabic' => ['ماذا تزرع في خريف رطب'];
        yield 'Chinese' => ['潮湿的秋天种什么'.str_repeat('花', 60)];
    }

    #[DataProvider('titles')]
    public function test_a_post_as_a_picture_is_never_clipped(string $title): void
    {
        $card = self::with('post', ['feed' => 'quillfern.example/journal.atom', 'form' => 'picture', 'width' => 200,
            'lead' => 'New:', 'title' => 'x', 'address' => 'quillfern.example/x']);
        $look = PostPicture::of($card, $card->piece('p2'));
        $this->assertEquals($look, PostPicture::restore($look->toArray()));
        foreach ([false, true] as $dark) {
            $svg = $look->svg($title, Day::parse('2027-03-04'), $dark);
            $document = new \DOMDocument;
            $this->assertTrue($document->loadXML($svg), $svg);
            $baselines = [];
            foreach ($document->getElementsByTagName('text') as $text) {
                $place = preg_match('/translate\(\S+ (\S+)\)/', $text->getAttribute('transform'), $at) === 1 ? $at[1]
                    : $text->getAttribute('y');
                $baselines[$place] = true;
            }
            // Two lines of title at most, and the day; the last stands whole above the picture's edge.
            $this->assertLessThanOrEqual(3, count($baselines));
            $this->assertLessThan($look->height - 2, max([0, ...array_keys($baselines)]));
        }
        $this->assertStringContainsString('2027', $look->svg($title, Day::parse('2027-03-04')));
    }

    public function test_a_post_that_is_a_picture_leads_where_it_is_served_and_says_what_it_is(): void
    {
        $card = self::with('post', ['feed' => 'quillfern.example/journal.atom', 'form' => 'picture',
            'title' => 'Wet beds', 'address' => 'quillfern.example/wet', 'place' => '7/p2',
            'link' => 'https://cards.example/to/x/7/p2']);
        [$block] = $card->content($card->piece('p2'));
        $this->assertSame('https://cards.example/to/x/7/p2', $block->links()[0]->href ?? '');
        $this->assertTrue($card->piece('p2')->isHosted());
        $words = (new FillPiece('p2', ['form' => '', 'day' => '2027-03-04']))->apply($card);
        [$block] = $words->content($words->piece('p2'));
        $this->assertSame('https://quillfern.example/wet', $block->links()[0]->href ?? '');
        $this->assertFalse($words->piece('p2')->isHosted());
    }

    /** @return iterable<string, array{string, array{string, string, string}}> page; still, length, title */
    public static function films(): iterable
    {
        $still = 'https://quillfern.example/still.jpg';
        $ld = fn (string $json): string => "<html><script type=\"application/ld+json\">$json</script></html>";
        yield 'VideoObject' => [$ld('{"@type":"VideoObject","name":"A year","thumbnailUrl":["still.jpg","b.jpg"],'
            .'"duration":"PT2M14S"}'), [$still, '2:14', 'A year']];
        yield 'a picture with a name, in a graph' => [$ld('{"@graph":[{"@type":"WebPage"},{"@type":["VideoObject"],'
            .'"thumbnail":{"@type":"ImageObject","name":"Not this","url":"/still.jpg"},"duration":"PT1H2M3.5S"}]}'),
            [$still, '1:02:03', '']];
        yield 'Open Graph' => ['<html><meta property="og:image" content="https://quillfern.example/still.jpg">'
            .'<meta property="og:video:duration" content="61"><meta property="og:title" content="A year"></html>',
            [$still, '1:01', 'A year']];
        yield 'a player' => ['<html><title>A year</title><video poster="/still.jpg" src="a.mp4"></video></html>',
            [$still, '', 'A year']];
        yield 'a length that is none' => ['<html><meta itemprop="duration" content="long"><meta name="twitter:image" '
            .'content="still.jpg"></html>', [$still, '', '']];
    }

    /** @param  array{string, string, string}  $expected */
    #[DataProvider('films')]
    public function test_the_still_of_a_film_is_found_on_its_page(string $html, array $expected): void
    {
        $film = FilmPage::read($html, 'https://quillfern.example/film');
        $this->assertSame($expected, [$film->still, $film->length, $film->title]);
    }

    public function test_a_page_without_a_still_is_told(): void
    {
        $inside = '<html><meta property="og:image" content="data:image/png;base64,AA">';
        foreach (['<html><p>No film</p>', $inside] as $page) {
            try {
                FilmPage::read($page, 'https://quillfern.example/film');
                $this->fail($page);
            } catch (Refusal $refusal) {
                $this->assertStringContainsString('names no still', $refusal->getMessage());
            }
        }
        $this->assertSame(['2:14', '1:00:00'], [FilmLength::parse(' 2:14 '), FilmLength::parse('60:00')]);
        foreach (['214', '2:74', '-1:00', '0:00', '99:99:99'] as $none) {
            try {
                FilmLength::parse($none);
                $this->fail($none);
            } catch (Refusal $refusal) {
                $this->assertStringContainsString('2:14', $refusal->getMessage());
            }
        }
    }
}
