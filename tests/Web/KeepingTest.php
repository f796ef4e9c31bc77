<?php

namespace Tests\Web;

use PDO;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** A copy of the application with files of its own: how it is kept, from the console lines docs/keeping.md gives. */
final class KeepingTest extends TestCase
{
    private string $files;

    protected function setUp(): void
    {
        $this->files = sys_get_temp_dir().'/inky-kept-'.bin2hex(random_bytes(6));
        mkdir("$this->files/backups", recursive: true);
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->files]))->run();
    }

    /** @return array{int, string} its code, and what it said */
    private function ran(string $line, string $demo = 'true'): array
    {
        $process = Process::fromShellCommandline($line, dirname(__DIR__, 2), [
            'APP_ENV' => 'production', 'DB_DATABASE' => "$this->files/inky.sqlite", 'INKY_DEMO' => $demo,
            'PICTURE_ROOT' => "$this->files/pictures", 'INKY_LOCK' => "$this->files/lock",
            'APP_CONFIG_CACHE' => "$this->files/config.php", 'CACHE_STORE' => 'array', 'LOG_CHANNEL' => 'null',
            'CLICKS_ASIDE' => "$this->files/aside", 'ARGON_MEMORY' => '64',
        ], null, 120);
        $process->run();

        return [(int) $process->getExitCode(), $process->getOutput().$process->getErrorOutput()];
    }

    private function card(): string
    {
        $found = (new PDO("sqlite:$this->files/inky.sqlite"))->query('select name from cards where id = 1');

        return $found === false ? '' : (string) $found->fetchColumn();
    }

    public function test_a_backup_taken_while_it_is_written_to_comes_back_whole(): void
    {
        $this->assertSame(0, $this->ran('php artisan inky:prepare')[0]);
        $this->assertSame(0600, fileperms("$this->files/inky.sqlite") & 0777);
        // What was kept last is in the log alone, as long as somebody has the database open.
        $open = new PDO("sqlite:$this->files/inky.sqlite");
        $open->exec("update cards set name = 'Kept last' where id = 1");
        $backup = "$this->files/backups/inky.zip";
        [$code, $says] = $this->ran("php artisan inky:backup $backup");
        $this->assertSame(0, $code, $says);
        $this->assertStringContainsString('20 cards and 12 pictures', $says);
        $this->assertSame(2, $this->ran("php artisan inky:backup $backup")[0], 'never over another');
        $open->exec("update cards set name = 'Made after' where id = 1");
        $open->exec('delete from cards where id = 2');
        (new Process(['rm', '-rf', "$this->files/pictures"]))->run();

        $lock = fopen("$this->files/lock", 'c');
        $this->assertNotFalse($lock);
        flock($lock, LOCK_SH);
        $this->assertStringContainsString('stop it first', $this->ran("php artisan inky:restore $backup")[1]);
        fclose($lock);
        file_put_contents("$backup.cut", substr((string) file_get_contents($backup), 0, 200_000));
        $this->assertStringContainsString('damaged', $this->ran("php artisan inky:restore $backup.cut")[1]);
        $this->assertSame('Made after', $this->card());
        unset($open);

        [$code, $says] = $this->ran("php artisan inky:restore $backup");
        $this->assertSame([0, 'Kept last'], [$code, $this->card()], $says);
        $this->assertCount(1, glob("$this->files/inky-before-*.sqlite") ?: []);
        [$code, $says] = $this->ran('php artisan inky:pictures --check');
        $this->assertSame(0, $code, $says);
        $this->assertSame(0, $this->ran('php artisan inky:prepare --fresh')[0]);
        $this->assertCount(2, glob("$this->files/inky-before-*.sqlite") ?: []);
        $this->assertStringStartsWith('Fenella', $this->card());
    }

    public function test_the_oldest_database_upgrades_and_its_cards_are_edited(): void
    {
        $database = new PDO("sqlite:$this->files/inky.sqlite");
        $database->exec((string) file_get_contents(__DIR__.'/first-database.sql'));
        $card = json_encode(['format' => 'inky-card/1', 'name' => 'Old', 'pieces' => [
            ['id' => 'p1', 'kind' => 'name', 'fields' => ['text' => 'Ada']],
        ]]);
        $database->exec("insert into card_revisions (card_id, number, parent, document, words, created_at) values
            (1, 1, null, '$card', 'Started', '2026-11-25'), (1, 2, 1, '$card', 'Again', '2026-11-25')");
        unset($database);
        [$code, $says] = $this->ran('php artisan inky:prepare');
        $this->assertSame(0, $code, $says);
        [$code, $says] = $this->ran('php -r '.escapeshellarg(<<<'PHP'
            require 'vendor/autoload.php';
            (require 'bootstrap/app.php')->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
            $card = App\Models\StoredCard::query()->sole();
            $card->edit(2, new InkyCard\Card\Edit\FillPiece('p1', ['text' => 'Bea']), null, 'burst');
            $card->undo(3);
            echo $card->last, ' ', json_encode($card->revisions()->orderBy('number')->pluck('words'));
            PHP));
        $this->assertSame([0, '3 ["Started","Again","Name set to Bea"]'], [$code, trim($says)]);
    }

    public function test_every_console_line_of_the_docs_runs(): void
    {
        preg_match_all('/^```console\n(.*?)^```/ms', (string) file_get_contents('docs/keeping.md'), $blocks);
        $lines = explode("\n", trim(implode('', $blocks[1])));
        $this->assertGreaterThan(3, count($lines));
        $this->ran('php artisan inky:prepare', 'false');
        foreach ($lines as $line) {
            [$code, $says] = $this->ran(str_replace('/srv/backups', "$this->files/backups", $line), 'false');
            $this->assertSame(0, $code, "$line: $says");
        }
    }

    public function test_every_setting_is_in_the_docs(): void
    {
        $docs = (string) file_get_contents('docs/keeping.md');
        foreach (glob('config/*.php') ?: [] as $file) {
            preg_match_all("/env\\(\\s*'(\\w+)'/", (string) file_get_contents($file), $found);
            foreach ($found[1] as $name) {
                $this->assertStringContainsString("`$name`", $docs, $file);
            }
        }
    }
}
