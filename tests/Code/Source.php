<?php

namespace Tests\Code;

use PhpParser\Node;
use PhpParser\NodeFinder;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor\NameResolver;
use PhpParser\ParserFactory;

/** A file of code, as the rules of docs/architecture.md look at it. */
final readonly class Source
{
    /**
     * @param  string  $path  from the root
     * @param  ?string  $class  it declares, with its namespace
     * @param  list<string>  $names  classes and functions it names, with their namespaces
     * @param  array<Node>  $tree
     */
    private function __construct(public string $path, public ?string $class, public array $names, private array $tree)
    {
    }

    public static function of(string $path, string $code): self
    {
        static $parser = null;
        $parser ??= (new ParserFactory)->createForNewestSupportedVersion();
        $tree = (new NodeTraverser(new NameResolver))->traverse($parser->parse($code) ?? []);
        $finder = new NodeFinder;
        $class = $finder->findFirst($tree, fn (Node $node) => $node instanceof Node\Stmt\ClassLike
            && $node->name !== null);
        $names = array_map(strval(...), $finder->findInstanceOf($tree, Node\Name\FullyQualified::class));

        return new self(
            $path, $class instanceof Node\Stmt\ClassLike ? (string) $class->namespacedName : null,
            array_values(array_unique($names)), $tree,
        );
    }

    /** @return array<string, self> by path, of a folder of the application */
    public static function in(string $folder): array
    {
        static $read = [];
        $root = dirname(__DIR__, 2);
        if (! isset($read[$folder])) {
            $read[$folder] = [];
            $files = new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator("$root/$folder", \FilesystemIterator::SKIP_DOTS),
            );
            foreach ($files as $file) {
                if (str_ends_with((string) $file, '.php')) {
                    $path = substr((string) $file, strlen($root) + 1);
                    $read[$folder][$path] = self::of($path, (string) file_get_contents((string) $file));
                }
            }
            ksort($read[$folder]);
        }

        return $read[$folder];
    }

    /** The room of the core a class is in, such as Card/Kind; null for what stands at the door of all, and others. */
    public static function room(string $class): ?string
    {
        if (preg_match('/^InkyCard\\\\(\w+)\\\\(?:(\w+)\\\\)?/', $class, $part) !== 1) {
            return null;
        }

        return $part[1] === 'Card' && isset($part[2]) ? "Card/$part[2]" : $part[1];
    }

    /**
     * @template T of Node
     *
     * @param  class-string<T>  $type
     * @return list<T>
     */
    public function nodes(string $type): array
    {
        return array_values((new NodeFinder)->findInstanceOf($this->tree, $type));
    }

    /** @return iterable<string, array{int, int}> its methods: lines, and paths through them (McCabe 1976) */
    public function methods(): iterable
    {
        foreach ($this->nodes(Node\Stmt\ClassMethod::class) as $method) {
            if ($method->stmts !== null) {
                $forks = (new NodeFinder)->find($method->stmts, self::forks(...));
                yield "$this->path $method->name" => [
                    $method->getEndLine() - $method->getStartLine() + 1, 1 + count($forks),
                ];
            }
        }
    }

    private static function forks(Node $node): bool
    {
        return match (true) {
            $node instanceof Node\Stmt\Case_ => $node->cond !== null,
            $node instanceof Node\MatchArm => $node->conds !== null,
            default => in_array($node::class, [
                Node\Stmt\If_::class, Node\Stmt\ElseIf_::class, Node\Stmt\For_::class, Node\Stmt\Foreach_::class,
                Node\Stmt\While_::class, Node\Stmt\Do_::class, Node\Stmt\Catch_::class, Node\Expr\Ternary::class,
                Node\Expr\BinaryOp\BooleanAnd::class, Node\Expr\BinaryOp\BooleanOr::class,
                Node\Expr\BinaryOp\Coalesce::class, Node\Expr\AssignOp\Coalesce::class,
                Node\Expr\NullsafeMethodCall::class, Node\Expr\NullsafePropertyFetch::class,
            ], true),
        };
    }
}
