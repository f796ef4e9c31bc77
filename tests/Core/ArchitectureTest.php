<?php

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The rules of docs/architecture.md that keep the core pure and its arrows one way. */
final class ArchitectureTest extends TestCase
{
    /** A folder may use those before it. */
    private const ORDER = [
        'Colour', 'Type', 'Link', 'Picture', 'Markup', 'Brand', 'Card', 'Layout', 'Compose', 'MailClient', 'Proof',
        'Verification', 'Handover', 'Import', 'Clicks',
    ];

    /**
     * These stand side by side: none uses another, but that Link and Picture read text with Type, and Picture addresses
     * with Link.
     */
    private const GROUND = [
        'Colour' => [], 'Type' => [], 'Link' => ['Type'], 'Picture' => ['Colour', 'Type', 'Link'],
        'Markup' => ['Colour', 'Type'],
    ];

    private const IMPURE = [
        'env', 'config', 'now', 'app', 'time', 'microtime', 'hrtime', 'date', 'strtotime', 'mktime',
        'file_get_contents', 'file_put_contents', 'fopen', 'file', 'glob', 'scandir', 'readfile', 'unlink', 'curl_init',
        'fsockopen', 'getenv', 'putenv', 'exec', 'shell_exec', 'proc_open', 'rand', 'mt_rand', 'random_int',
        'random_bytes', 'shuffle', 'array_rand', 'uniqid', 'header', 'session_start', 'tempnam', 'sys_get_temp_dir',
    ];

    private const IMPURE_NAMES = '/^\\\\?(Illuminate|App|Carbon|Symfony\\\\Component\\\\(HttpFoundation'
        .'|Process))\\\\|^\\\\?(DateTime|DateTimeImmutable|PDO|Carbon)$/';

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        $root = dirname(__DIR__, 2).'/core';
        foreach (
            new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file
        ) {
            yield substr((string) $file, strlen($root) + 1) => [(string) $file];
        }
    }

    #[DataProvider('files')]
    public function test_the_core_is_pure_and_its_arrows_point_one_way(string $file): void
    {
        $this->assertSame(
            [],
            self::faults(
                (string) file_get_contents($file),
                explode('/', substr($file, strpos($file, '/core/') + 6))[0],
            ),
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function offences(): iterable
    {
        yield 'framework' => ['Card', 'use Illuminate\Support\Str;'];
        yield 'application' => ['Card', '$x = new \App\Models\StoredCard;'];
        yield 'superglobal' => ['Link', '$x = $_GET["a"];'];
        yield 'clock' => ['Compose', 'return time();'];
        yield 'disk' => ['Compose', 'return \file_get_contents("x");'];
        yield 'now' => ['Compose', 'return new \DateTimeImmutable;'];
        yield 'upward' => ['Card', 'use InkyCard\Compose\HtmlComposer;'];
        yield 'sideways' => ['Colour', 'use InkyCard\Type\CleanText;'];
    }

    /** The check itself finds what it is there to find. */
    #[DataProvider('offences')]
    public function test_offences_are_found(string $folder, string $code): void
    {
        $this->assertCount(1, self::faults("<?php\n$code", $folder));
    }

    /** @return list<string> */
    private static function faults(string $code, string $folder): array
    {
        $faults = [];
        $tokens = array_values(
            array_filter(\PhpToken::tokenize($code), fn (\PhpToken $token) => ! $token->isIgnorable()),
        );
        foreach ($tokens as $index => $token) {
            $name = ltrim($token->text, '\\');
            $before = $tokens[max(0, $index - 1)]->text;
            $called
                = ($tokens[$index + 1] ?? null)?->text === '('
                && ! in_array($before, ['->', '?->', '::', 'function', 'new'], true);
            if ($token->is(T_VARIABLE) && str_starts_with($token->text, '$_')) {
                $faults[] = "superglobal {$token->text}";
            } elseif ($token->is([T_STRING, T_NAME_QUALIFIED, T_NAME_FULLY_QUALIFIED])) {
                if (preg_match(self::IMPURE_NAMES, $token->text) || ($called && in_array($name, self::IMPURE, true))) {
                    $faults[] = "impure $name";
                } elseif (preg_match('/^InkyCard\\\\(\w+)\\\\/', $name, $match) && $before !== 'namespace'
                    && ! self::mayUse($folder, $match[1])) {
                    $faults[] = "$folder uses {$match[1]}";
                }
            }
        }

        return $faults;
    }

    private static function mayUse(string $folder, string $other): bool
    {
        return $folder === $other || (isset(self::GROUND[$folder])
            ? in_array($other, self::GROUND[$folder], true)
            : array_search($other, self::ORDER, true) < array_search($folder, self::ORDER, true));
    }
}
