<?php

namespace Tests\Web;

use Illuminate\Support\Facades\Artisan;
use InkyCard\Card\Card as Document;
use InkyCard\Card\CardJson;
use InkyCard\Card\Edit\FillPiece;
use InkyCard\Card\Edit\Restyle;
use InkyCard\Card\Edit\Shorten;
use InkyCard\Handover\Destination;
use PhpOffice\PhpSpreadsheet\Cell\StringValueBinder;
use PhpOffice\PhpSpreadsheet\IOFactory;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use Symfony\Component\Console\Output\BufferedOutput;
use Tests\Core\Samples;

/** Handing over, verifying and reading in without a browser, and the pictures that travel. */
final class HandoverConsoleTest extends WebTestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/inky-console-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    public function test_every_destination_writes_its_files_where_it_is_told_and_nowhere_else(): void
    {
        $card = $this->keep('card.json', Samples::card());
        foreach (Destination::all() as $key => $to) {
            [$code, $said] = $this->console('inky:hand-over', [
                'card' => $card,
                '--to' => $key,
                '--out' => "$this->folder/$key",
            ]);
            if ($to->takes === 'ics') {
                $this->assertSame(2, $code);
                $this->assertFileDoesNotExist("$this->folder/$key");

                continue;
            }
            $this->assertSame(0, $code, $key);
            $answer = json_decode($said, true);
            $this->assertSame([$key, $to->steps], [$answer['destination'], $answer['steps']]);
            foreach ($answer['files'] as $file) {
                $this->assertStringStartsWith("$this->folder/$key/", $file);
                $this->assertGreaterThan(0, filesize($file), $file);
            }
            $this->assertCount(
                (int) exec('find '.escapeshellarg("$this->folder/$key").' -type f | wc -l'),
                $answer['files'],
            );
        }
        $this->assertSame(
            2,
            $this->console('inky:hand-over', [
                'card' => $card,
                '--to' => 'outlook-windows',
                '--out' => "$this->folder/outlook-windows",
            ])[0],
            'nothing is overwritten',
        );
        $this->assertSame(
            2,
            $this->console('inky:hand-over', ['card' => $card, '--to' => 'pigeon', '--out' => $this->folder])[0],
        );
        $html = (string) file_get_contents((string) current(glob("$this->folder/iphone/*.html") ?: ['']));
        $this->assertSame(
            [true, false],
            [str_contains($html, 'Maren Oakhollow'), str_contains($html, 'linkedin.com')],
            'phones are given the short form',
        );
        foreach (
            [['--to' => 'gmail', '--out' => $card], ['--to' => 'gmail', '--out' => '/proc/none'], ['--to' => ''],
                []] as $bad
        ) {
            [$code, $said] = $this->console('inky:hand-over', ['card' => $card] + $bad);
            $this->assertSame(2, $code);
            $this->assertSame(0, preg_match('/exception|\.php/i', $said), $said);
        }
    }

    public function test_a_message_is_verified_against_whole_short_and_older_documents(): void
    {
        $card = Samples::card();
        $old = (new FillPiece('p3', ['text' => 'Head gardener']))->apply($card);
        [$now, $before] = [$this->keep('now.json', $card), $this->keep('before.json', $old)];
        foreach (
            [
                [$card, 'verified', ''], [(new Shorten())->apply($card), 'verified', 'phone'], [$old, 'old', ''],
                [(new FillPiece('p5', ['number' => '+44 1632 960199']))->apply($card), 'altered', ''],
            ] as [$sent, $verdict, $form]
        ) {
            file_put_contents(
                "$this->folder/m.eml",
                "From: maren@quillfern.example\r\nTo: a@b.example\r\nSubject: x\r\nContent-Type: text/html; "
                    ."charset=utf-8\r\n\r\n<p>Hello</p>"
                    .$this->html($sent),
            );
            [$code, $said] = $this->console('inky:verify', [
                'message' => "$this->folder/m.eml",
                '--card' => $now,
                '--older' => [$before],
            ]);
            $answer = json_decode($said, true);
            $this->assertSame([0, $verdict, $form], [$code, $answer['verdict'] ?? $said, $answer['form'] ?? null]);
        }
        file_put_contents("$this->folder/tangled.eml", "From: a@b.example\r\n\r\n".str_repeat("--x\r\n", 3000));
        foreach (
            [
                ['message' => "$this->folder/tangled.eml", '--card' => $now], ['message' => "$this->folder/m.eml"],
                ['message' => "$this->folder/m.eml", '--card' => "$this->folder/m.eml"],
                ['message' => "$this->folder/none.eml", '--card' => $now],
            ] as $bad
        ) {
            $this->assertSame(2, $this->console('inky:verify', $bad)[0]);
        }
    }

    public function test_what_is_read_in_makes_a_document_that_opens_again(): void
    {
        file_put_contents("$this->folder/s.html", $this->html(Samples::card()));
        [$code, $said] = $this->console('inky:read-in', ['file' => "$this->folder/s.html"]);
        $answer = json_decode($said, true);
        $this->assertSame(0, $code);
        $card = CardJson::read($answer['card']);
        $this->assertSame(['Maren Oakhollow — brought in', 'Maren Oakhollow'], [$card->name, $card->holder()]);
        $this->assertSameSize($answer['facts'], $card->pieces);
        foreach ($answer['facts'] as $fact) {
            $this->assertTrue($fact['confidence'] >= 0 && $fact['confidence'] <= 1 && $fact['source'] !== '');
        }
        foreach (['' => 'empty', str_repeat('long words ', 3000) => 'long', '<p></p>' => 'bare'] as $bytes => $name) {
            file_put_contents("$this->folder/$name", $bytes);
            $this->assertSame(2, $this->console('inky:read-in', ['file' => "$this->folder/$name"])[0], $name);
        }
    }

    public function test_a_workbook_is_read_by_its_first_sheet_and_refused_in_a_sentence(): void
    {
        $rows = [['Vorname', 'Nachname', 'Telefon', 'Raum'], ['Hazel', 'Thorn', '01632 960 117', '4'], ['', '', '',
            '']];
        foreach ([IOFactory::WRITER_XLSX, IOFactory::WRITER_ODS] as $format) {
            $read = fn (array ...$rows): array => $this->console('inky:read-in', [
                'file' => $this->workbook($format, $rows),
            ]);
            $facts = json_decode($read(...$rows)[1], true)['facts'];
            $this->assertSame(['name', 'phone', 'line'], array_column($facts, 'kind'), $format);
            $this->assertSame(['Hazel Thorn', '01632 960 117'], [$facts[0]['fields']['text'], $facts[1]['source']]);
            $this->assertSame(2, $read($rows[0], $rows[1], $rows[1])[0], 'two people');
            $this->assertSame(2, $read(['a', 'b'], ['c', 'd'])[0], 'no headings');
        }
        file_put_contents("$this->folder/torn.xlsx", substr("PK\x03\x04".str_repeat('torn', 40), 0, 150));
        $this->assertSame(2, $this->console('inky:read-in', ['file' => "$this->folder/torn.xlsx"])[0]);
    }

    /** @param  array<array<string>>  $rows */
    private function workbook(string $format, array $rows): string
    {
        $book = new Spreadsheet;
        $book->setValueBinder(new StringValueBinder);
        $book->getActiveSheet()->fromArray($rows, null, 'A1', true);
        IOFactory::createWriter($book, $format)->save("$this->folder/book");

        return "$this->folder/book";
    }

    /** A mark dressed for a season travels dressed within it and plain outside, whichever was baked first. */
    public function test_pictures_that_travel_are_those_of_the_day(): void
    {
        $pages = [];
        $this->card->edit(
            1,
            new Restyle(['marks' => ['dress' => ['season' => 'snow', 'from' => '12-01', 'until' => '01-06']]]),
            null,
        );
        foreach (['2026-12-24', '2026-07-01', '2027-01-06', '2027-01-07'] as $day) {
            $this->travelTo("$day 10:00:00");
            $pages[] = $page = (string) $this->get("/cards/{$this->card->id}/hand-over/file?as=page")->getContent();
            // Showing the card bakes what it shows: that must not be taken for the other.
            $this->get("/cards/{$this->card->id}/hand-over")->assertOk();
            $this->assertTrue(
                $page === $this->get("/cards/{$this->card->id}/hand-over/file?as=page")->getContent(),
                $day,
            );
        }
        $this->assertSame(
            [true, true, false],
            [$pages[0] === $pages[2], $pages[1] === $pages[3], $pages[0] === $pages[1]],
        );
    }

    /**
     * @param  array<string, mixed>  $arguments
     * @return array{int, string} exit code and what it printed
     */
    private function console(string $command, array $arguments): array
    {
        $out = new BufferedOutput;

        return [Artisan::call($command, $arguments, $out), $out->fetch()];
    }

    private function keep(string $name, Document $card): string
    {
        file_put_contents("$this->folder/$name", CardJson::encode($card));

        return "$this->folder/$name";
    }

    /** As the console hands it over. */
    private function html(Document $card): string
    {
        $file = $this->keep('source.json', $card);
        exec('rm -rf '.escapeshellarg("$this->folder/code"));
        $this->console('inky:hand-over', ['card' => $file, '--to' => 'code', '--out' => "$this->folder/code"]);

        return (string) file_get_contents((string) current(glob("$this->folder/code/*") ?: ['']));
    }
}
