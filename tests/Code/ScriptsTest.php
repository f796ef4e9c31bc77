<?php

namespace Tests\Code;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What pages ask for in public/js is put together of resources/js by `npm run scripts`. */
final class ScriptsTest extends TestCase
{
    protected function setUp(): void
    {
        chdir(dirname(__DIR__, 2));
    }

    public function test_scripts_served_were_made_of_the_scripts_of_now(): void
    {
        $now = '';
        foreach ([...glob('public/js/*') ?: [], ...glob('resources/js/*') ?: []] as $file) {
            $now .= hash_file('sha256', $file)."  $file\n";
        }
        $this->assertStringEqualsFile('resources/scripts.sha256', $now, 'npm run scripts');
    }

    public function test_pages_name_scripts_that_are_served(): void
    {
        $named = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator('resources/views')) as $view) {
            if (is_file($view)) {
                preg_match_all("/asset\\('(js\\/[^']+)'\\)/", (string) file_get_contents($view), $match);
                array_push($named, ...$match[1]);
            }
        }
        $this->assertGreaterThan(12, count(array_unique($named)));
        foreach ($named as $file) {
            $this->assertFileExists("public/$file");
        }
    }

    /** @return array<string, list<string>> */
    public static function refreshers(): array
    {
        return ['packages' => ['resources/vendor.mjs'], 'scripts' => ['resources/scripts.mjs']];
    }

    #[DataProvider('refreshers')]
    public function test_what_node_runs_can_be_read_by_it(string $file): void
    {
        exec('command -v node', $node, $none);
        $none === 0 || $this->markTestSkipped('node is needed for refreshing alone.');
        exec("node --check $file 2>&1", $said, $failed);
        $this->assertSame(0, $failed, implode("\n", $said));
    }
}
