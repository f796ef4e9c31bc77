<?php

namespace App\Keeping;

use App\Pictures\Library;
use Illuminate\Support\Facades\DB;
use InkyCard\Refusal;
use PDO;
use ZipArchive;

/**
 * All of a copy of the application in one file: its database as of one moment, write-ahead log and all, its pictures,
 * and the key its sent links are signed with.
 */
final class Backup
{
    private const DATABASE = 'inky.sqlite';

    private const SETTINGS = 'settings.env';

    private const PICTURES = 'pictures/';

    /**
     * Written while the application runs, opened again and looked through; it appears whole or not at all.
     *
     * @return array{cards: int, pictures: int, bytes: int}
     *
     * @throws Refusal
     */
    public static function write(string $file): array
    {
        self::mustBeSqlite();
        if (file_exists($file) || ! is_writable(dirname($file))) {
            throw Refusal::because(file_exists($file) ? "There is a file $file already: name another."
                : 'Nothing can be written in '.dirname($file).'.');
        }
        $copy = self::aside();
        $part = $file.'.'.bin2hex(random_bytes(4));
        try {
            DB::statement('vacuum into ?', [$copy]);
            self::pack($part, $copy);
            $found = self::check($part);
            rename($part, $file);

            return $found + ['bytes' => (int) filesize($file)];
        } finally {
            @unlink($copy);
            @unlink($part);
        }
    }

    /**
     * Puts a backup in the place of what is here, which is set aside beside it. Nothing may serve it meanwhile.
     *
     * @return array{cards: int, pictures: int, aside: string}
     *
     * @throws Refusal
     */
    public static function restore(string $file): array
    {
        self::mustBeSqlite();
        $found = self::check($file);
        $lock = fopen(config('inky.lock'), 'c');
        if ($lock === false || ! flock($lock, LOCK_EX | LOCK_NB)) {
            throw Refusal::because('Inky Card is being served: stop it first, then restore.');
        }
        $database = config('database.connections.sqlite.database');
        $aside = self::setAside($database);
        $zip = self::open($file);
        foreach (self::names($zip) as $name) {
            if (str_starts_with($name, self::PICTURES)) {
                Library::write(substr($name, strlen(self::PICTURES)), (string) $zip->getFromName($name));
            }
        }
        DB::purge();
        self::place($zip, $database);

        return $found + ['aside' => $aside];
    }

    /** A copy of the database beside it, where there is one; its name, or nothing. */
    public static function setAside(string $database): string
    {
        if (! is_file($database) || filesize($database) === 0) {
            return '';
        }
        $aside = preg_replace('/\.sqlite$/D', '', $database).'-before-'.now()->format('Ymd-His-').substr(uniqid(), -4)
            .'.sqlite';
        DB::statement('vacuum into ?', [$aside]);
        chmod($aside, 0600);

        return $aside;
    }

    /**
     * Opens a backup and looks whether it is whole.
     *
     * @return array{cards: int, pictures: int}
     *
     * @throws Refusal
     */
    public static function check(string $file): array
    {
        $zip = self::open($file);
        $copy = self::aside();
        try {
            self::unpack($zip, $copy);
            $database = new PDO("sqlite:$copy", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
            $one = fn (string $query): mixed => ($database->query($query) ?: throw self::damaged())->fetchColumn();
            if ($one('pragma integrity_check') !== 'ok') {
                throw self::damaged();
            }
            $hashes = ($database->query("select hash || '.' || extension from pictures") ?: throw self::damaged())
                ->fetchAll(PDO::FETCH_COLUMN);
            $files = array_flip(array_map(basename(...), self::names($zip)));
            $lost = array_filter($hashes, fn (string $name) => ! isset($files[$name]));

            return ['cards' => (int) $one('select count(*) from cards'), 'pictures' => count($hashes) - count($lost)];
        } catch (\PDOException) {
            throw self::damaged();
        } finally {
            @unlink($copy);
        }
    }

    /** @throws Refusal */
    private static function pack(string $file, string $database): void
    {
        $zip = new ZipArchive;
        $whole = $zip->open($file, ZipArchive::CREATE | ZipArchive::EXCL) === true
            && $zip->addFile($database, self::DATABASE)
            && (! is_file(base_path('.env')) || $zip->addFile(base_path('.env'), self::SETTINGS));
        foreach (Library::disk()->allFiles() as $path) {
            $name = self::PICTURES.$path;
            // From the disk where they lie on one: what is added from memory stays there till the end.
            $here = Library::disk()->path($path);
            $whole = $whole && (is_file($here)
                ? $zip->addFile($here, $name)
                : $zip->addFromString($name, (string) Library::disk()->get($path)))
                && $zip->setCompressionName($name, ZipArchive::CM_STORE);
        }
        // What does not fit on the disk shows here, not before.
        if (! $whole || ! @$zip->close()) {
            throw Refusal::because('The backup could not be written: is there room on the disk?');
        }
        chmod($file, 0600);
    }

    /** @throws Refusal */
    private static function open(string $file): ZipArchive
    {
        $zip = new ZipArchive;
        if (! is_file($file)) {
            throw Refusal::because('There is no file :file.', values: ['file' => $file]);
        }

        return $zip->open($file, ZipArchive::RDONLY | ZipArchive::CHECKCONS) === true
            && $zip->locateName(self::DATABASE) !== false ? $zip : throw self::damaged();
    }

    /** @return list<string> */
    private static function names(ZipArchive $zip): array
    {
        return array_map(fn (int $index) => (string) $zip->getNameIndex($index), range(0, $zip->numFiles - 1));
    }

    /** Under its name at once: what is half written is nobody's database. */
    private static function place(ZipArchive $zip, string $database): void
    {
        self::unpack($zip, $part = $database.'.new');
        chmod($part, 0600);
        // The log belongs to the file that goes.
        @unlink("$database-wal");
        @unlink("$database-shm");
        rename($part, $database);
        DB::statement('pragma journal_mode = WAL');
    }

    /** @throws Refusal */
    private static function unpack(ZipArchive $zip, string $to): void
    {
        $from = $zip->getStream(self::DATABASE);
        $out = fopen($to, 'wb');
        $bytes = $from === false || $out === false ? 0 : @stream_copy_to_stream($from, $out);
        if ($bytes !== ($zip->statName(self::DATABASE)['size'] ?? -1)) {
            @unlink($to);
            throw Refusal::because('The database could not be written: is there room on the disk?');
        }
    }

    private static function aside(): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'inky');
        unlink($file);

        return $file;
    }

    /** @throws Refusal */
    private static function mustBeSqlite(): void
    {
        if (DB::getDriverName() !== 'sqlite' || config('database.connections.sqlite.database') === ':memory:') {
            throw Refusal::because('This copy keeps its cards in another database: save that with its own tools.');
        }
    }

    private static function damaged(): Refusal
    {
        return Refusal::because('This is no backup of Inky Card, or it is damaged.');
    }
}
