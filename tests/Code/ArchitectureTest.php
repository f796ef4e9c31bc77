<?php

namespace Tests\Code;

use InkyCard\Limits;
use PhpParser\Node\Expr;
use PhpParser\Node\Name;
use PhpParser\Node\Scalar;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The rules of docs/architecture.md: a pure core, arrows that point one way, thresholds said once. */
final class ArchitectureTest extends TestCase
{
    private const IMPURE = [
        'env', 'config', 'now', 'app', 'time', 'microtime', 'hrtime', 'date', 'strtotime', 'mktime',
        'file_get_contents', 'file_put_contents', 'fopen', 'file', 'glob', 'scandir', 'readfile', 'unlink', 'curl_init',
        'fsockopen', 'getenv', 'putenv', 'exec', 'shell_exec', 'proc_open', 'rand', 'mt_rand', 'random_int',
        'random_bytes', 'shuffle', 'array_rand', 'uniqid', 'header', 'session_start', 'tempnam', 'sys_get_temp_dir',
    ];

    private const IMPURE_NAMES = '/^(Illuminate|App|Carbon|Symfony\\\\Component\\\\(HttpFoundation|Process))\\\\'
        .'|^(DateTime|DateTimeImmutable|PDO|Carbon)$/';

    /** Where thresholds are applied: none of theirs is written there again. */
    private const HELD = ['core/Proof', 'core/Compose', 'app/Bench'];

    /** Below this a number is a count or a share of something else. */
    private const TELLING = 100;

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        foreach (array_keys(Source::in('core')) as $path) {
            yield $path => [$path];
        }
    }

    #[DataProvider('files')]
    public function test_the_core_is_pure(string $path): void
    {
        $this->assertSame([], self::faults(Source::in('core')[$path]));
    }

    /** @return iterable<string, array{string}> */
    public static function offences(): iterable
    {
        yield 'framework' => ['use Illuminate\Support\Str; Str::of("");'];
        yield 'application' => ['$x = new \App\Models\StoredCard;'];
        yield 'superglobal' => ['$x = $_GET["a"];'];
        yield 'clock' => ['return time();'];
        yield 'disk' => ['return \file_get_contents("x");'];
        yield 'now' => ['return new \DateTimeImmutable;'];
        yield 'now in the room of time' => ['namespace InkyCard\Time; class X { function x() { new '
            .'\DateTimeImmutable; } }'];
    }

    /** The check itself finds what it is there to find. */
    #[DataProvider('offences')]
    public function test_offences_are_found(string $code): void
    {
        $this->assertCount(1, self::faults(Source::of('core/X.php', "<?php\n$code")));
    }

    public function test_rooms_use_each_other_as_the_map_draws_them_and_never_in_a_circle(): void
    {
        $drawn = self::map();
        $this->assertSame([], self::circles($drawn));
        $reached = array_map(fn (array $to) => self::reach($to, $drawn), $drawn);
        $used = [];
        foreach (Source::in('core') as $path => $source) {
            $room = self::roomOf($path);
            foreach (array_filter(array_map(Source::room(...), $source->names)) as $other) {
                $used[$room][$other] = true;
                $this->assertTrue(
                    $room === null || $room === $other || isset($reached[$room][$other]), "$path uses $other",
                );
            }
        }
        foreach ($drawn as $room => $others) {
            foreach (array_keys($others) as $other) {
                $this->assertArrayHasKey($other, $used[$room], "the map draws $room to $other, which nothing needs");
            }
        }
        $this->assertSame([], array_diff(array_filter(array_keys($used)), array_keys($drawn)), 'rooms the map lacks');
    }

    /** @return iterable<string, array{string}> */
    public static function folders(): iterable
    {
        yield 'core' => ['core'];
        yield 'app' => ['app'];
    }

    #[DataProvider('folders')]
    public function test_no_class_stands_in_a_circle_and_no_two_share_a_name(string $folder): void
    {
        $uses = $short = [];
        foreach (Source::in($folder) as $source) {
            // Relations of the database are told from both of their ends.
            if ($source->class !== null && ! str_starts_with($source->class, 'App\Models\\')) {
                $uses[$source->class] = array_diff_key(array_flip($source->names), [$source->class => 0]);
                $short[basename(strtr($source->class, '\\', '/'))][] = $source->class;
            }
        }
        $this->assertSame([], self::circles(array_map(fn (array $to) => array_intersect_key($to, $uses), $uses)));
        $this->assertSame([], array_filter($short, fn (array $classes) => count($classes) > 1));
    }

    public function test_thresholds_are_said_once(): void
    {
        $limits = [];
        foreach ((new \ReflectionClass(Limits::class))->getConstants() as $name => $value) {
            foreach ((array) $value as $number) {
                if ($number >= self::TELLING || fmod($number, 1) > 0) {
                    $limits[(string) $number] = $name;
                }
            }
        }
        $this->assertArrayHasKey((string) Limits::SHARP, $limits);
        $again = [];
        foreach (array_merge(...array_map(Source::in(...), self::HELD)) as $path => $source) {
            foreach ([...$source->nodes(Scalar\Int_::class), ...$source->nodes(Scalar\Float_::class)] as $number) {
                if (isset($limits[(string) $number->value])) {
                    $again[] = "$path:{$number->getStartLine()} {$limits[(string) $number->value]}";
                }
            }
        }
        $this->assertSame([], $again);
    }

    /** @return list<string> views, styles and scripts of pages */
    private static function resources(string $root): array
    {
        $files = [];
        foreach (['views', 'css', 'js'] as $kind) {
            $within = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(
                "$root/resources/$kind", \FilesystemIterator::SKIP_DOTS,
            ));
            foreach ($within as $file) {
                $files[] = substr($file->getPathname(), strlen($root) + 1);
            }
        }

        return $files;
    }

    /** The sniff of columns lets comments of one line pass, and looks at the language of the application alone. */
    public function test_comments_scripts_views_and_styles_fit_120_columns(): void
    {
        $root = dirname(__DIR__, 2);
        $long = [];
        $files = [
            'bin/bench', 'bin/lock', 'bin/setup', 'bin/start', 'bin/test',
            ...array_keys([...Source::in('core'), ...Source::in('app')]),
        ];
        // Of views, what is prose of a page, and a picture in a style.
        $free = '~^\s*content="|data:image|&gt;~';
        foreach ([...$files, ...self::resources($root)] as $file) {
            foreach (file("$root/$file") ?: [] as $number => $line) {
                $held = preg_match('~^(?:bin|resources)/~', $file) === 1 ? preg_match($free, $line) === 0
                    : str_starts_with(ltrim($line), '/**');
                if ($held && mb_strlen(rtrim($line)) > 120) {
                    $long[] = "$file:".($number + 1);
                }
            }
        }
        $this->assertSame([], $long);
    }

    /**
     * What reads single bytes takes letters for line ends and spaces: Århus, их and 本公司 have the byte 0x85. Patterns
     * with letters or white space beyond ASCII read characters.
     */
    public function test_patterns_read_letters_and_not_bytes(): void
    {
        $bytes = [];
        foreach ([...Source::in('core'), ...Source::in('app')] as $path => $source) {
            $texts = [...$source->nodes(Expr\BinaryOp\Concat::class), ...$source->nodes(Scalar\String_::class)];
            foreach ($texts as $node) {
                self::readsBytes(self::written($node)) && $bytes[] = "$path {$node->getStartLine()}";
            }
        }
        $this->assertSame([], $bytes);
        $this->assertTrue(self::readsBytes('/\R/') && self::readsBytes('~[^\h]+~i') && self::readsBytes('#é|x#'));
        $this->assertFalse(self::readsBytes('/\R/u') || self::readsBytes('/\s+/') || self::readsBytes('é'));
    }

    private static function readsBytes(string $text): bool
    {
        return preg_match('~^([/#\~]).*\1([a-zA-Z]*)$~s', $text, $pattern) === 1 && ! str_contains($pattern[2], 'u')
            && preg_match('/\\\\[RhHvVXNpP]|\\\\x\{|[^\x00-\x7f]/', $text) === 1;
    }

    /** A text as it is written in code, what is only known at run time left out. */
    private static function written(Expr $node): string
    {
        return match (true) {
            $node instanceof Expr\BinaryOp\Concat => self::written($node->left).self::written($node->right),
            $node instanceof Scalar\String_ => $node->value,
            default => '',
        };
    }

    public function test_methods_are_short_and_have_few_paths(): void
    {
        $lines = $paths = [];
        foreach ([...Source::in('core'), ...Source::in('app')] as $source) {
            foreach ($source->methods() as $name => [$length, $forks]) {
                $lines[$name] = $length;
                $paths[$name] = $forks;
            }
        }
        asort($lines);
        $this->assertLessThanOrEqual(19, array_values($lines)[(int) floor(0.9 * count($lines))]);
        $this->assertSame([], array_filter($lines, fn (int $length) => $length > 40));
        $many = count(array_filter($paths, fn (int $forks) => $forks > 10));
        $this->assertLessThanOrEqual(0.03, $many / count($paths));
        $this->assertSame([], array_filter($paths, fn (int $forks) => $forks > 20));
    }

    public function test_views_name_no_class_of_the_core_or_the_application(): void
    {
        $views = dirname(__DIR__, 2).'/resources/views';
        $naming = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($views)) as $file) {
            if (is_file((string) $file)
                && preg_match('/\\\\(?:InkyCard|App|Illuminate)\\\\/',
                    (string) file_get_contents((string) $file)) === 1) {
                $naming[] = substr((string) $file, strlen($views));
            }
        }
        $this->assertSame([], $naming);
    }

    public function test_one_place_escapes(): void
    {
        $places = [];
        foreach ([...Source::in('core'), ...Source::in('app')] as $path => $source) {
            foreach ($source->nodes(Expr\FuncCall::class) as $call) {
                if ($call->name instanceof Name && in_array((string) $call->name, ['htmlspecialchars', 'htmlentities'],
                    true)) {
                    $places[] = $path;
                }
            }
        }
        $this->assertSame(['core/Markup/Escape.php'], $places);
    }

    /** @return list<string> */
    private static function faults(Source $source): array
    {
        $faults = [];
        foreach ($source->nodes(Expr\Variable::class) as $variable) {
            if (is_string($variable->name) && str_starts_with($variable->name, '_')) {
                $faults[] = "superglobal $variable->name";
            }
        }
        foreach ($source->nodes(Expr\FuncCall::class) as $call) {
            if ($call->name instanceof Name && in_array(ltrim((string) $call->name, '\\'), self::IMPURE, true)) {
                $faults[] = "impure $call->name";
            }
        }
        $time = str_starts_with((string) $source->class, 'InkyCard\Time\\');
        foreach (preg_grep(self::IMPURE_NAMES, $source->names) ?: [] as $name) {
            // The room of time works with moments it is given.
            if (! $time || $name !== 'DateTimeImmutable') {
                $faults[] = "impure $name";
            }
        }
        foreach ($time ? $source->nodes(Expr\New_::class) : [] as $new) {
            if ($new->class instanceof Name && (string) $new->class === 'DateTimeImmutable' && $new->args === []) {
                $faults[] = 'reads the clock';
            }
        }

        return $faults;
    }

    /** @return array<string, array<string, int>> room => rooms it uses, as docs/architecture.md draws them */
    private static function map(): array
    {
        $page = (string) file_get_contents(dirname(__DIR__, 2).'/docs/architecture.md');
        preg_match('/```mermaid\n(.*?)```/s', $page, $graph);
        preg_match_all('~^\s*([\w/]+)(?:\s*-->\s*([\w/& ]+))?$~m', $graph[1] ?? '', $lines, PREG_SET_ORDER);
        $map = [];
        foreach ($lines as $line) {
            $map[$line[1]] ??= [];
            foreach (array_filter(array_map(trim(...), explode('&', $line[2] ?? ''))) as $other) {
                $map[$line[1]][$other] = 1;
                $map[$other] ??= [];
            }
        }

        return $map;
    }

    private static function roomOf(string $path): ?string
    {
        return Source::room('InkyCard\\'.strtr(substr($path, strlen('core/'), -strlen('.php')), '/', '\\'));
    }

    /**
     * @param  array<string, int>  $from
     * @param  array<string, array<string, int>>  $graph
     * @return array<string, int>
     */
    private static function reach(array $from, array $graph): array
    {
        $seen = [];
        while ($from !== []) {
            $seen += $from;
            $from = array_diff_key(array_merge([], ...array_map(fn ($one) => $graph[$one], array_keys($from))), $seen);
        }

        return $seen;
    }

    /**
     * @param  array<string, array<string, int>>  $graph
     * @return list<string> those from which a way leads back to them
     */
    private static function circles(array $graph): array
    {
        return array_values(
            array_filter(array_keys($graph), fn (string $one) => isset(self::reach($graph[$one], $graph)[$one])),
        );
    }
}
