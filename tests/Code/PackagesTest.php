<?php

namespace Tests\Code;

use PHPUnit\Framework\TestCase;

/** What is installed is what every machine installs: bin/setup takes it from packages.lock.json, bin/lock writes it. */
final class PackagesTest extends TestCase
{
    public function test_every_package_is_the_one_that_is_locked_to_the_byte(): void
    {
        $locked = self::read('packages.lock.json');
        $this->assertSame($locked, self::installed());
        $composer = self::read('composer.json');
        foreach ($composer['require'] + $composer['require-dev'] as $name => $version) {
            if (str_contains($name, '/')) {
                $this->assertSame($version, ltrim($locked[$name]['version'] ?? '', 'v'), $name);
            }
        }
        $this->assertStringNotContainsString('://', (string) json_encode($locked));
    }

    /** @return array<string, array{version: string, files: string}> by name; `files` is SHA-256 of all their bytes */
    public static function installed(): array
    {
        $installed = [];
        foreach (self::read('vendor/composer/installed.json')['packages'] as $package) {
            $folder = dirname(__DIR__, 2).'/vendor/composer/'.$package['install-path'];
            $installed[$package['name']] = ['version' => $package['version'], 'files' => self::hash($folder)];
        }
        ksort($installed);

        return $installed;
    }

    private static function hash(string $folder): string
    {
        $files = [];
        $all = new \RecursiveDirectoryIterator($folder, \FilesystemIterator::SKIP_DOTS);
        foreach (new \RecursiveIteratorIterator($all) as $file) {
            if (is_file((string) $file)) {
                $files[substr((string) $file, strlen($folder))] = hash_file('sha256', (string) $file);
            }
        }
        ksort($files);

        return hash('sha256', (string) json_encode($files));
    }

    /** @return array<string, mixed> */
    private static function read(string $file): array
    {
        return (array) json_decode((string) file_get_contents(dirname(__DIR__, 2)."/$file"), true);
    }
}
