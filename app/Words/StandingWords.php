<?php

namespace App\Words;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Scalar\String_;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitorAbstract;

/**
 * Words that stand in code as data: labels, steps, sentences of checks. What looks like words is listed to be said in
 * other languages, whether or not a page shows it.
 */
final class StandingWords extends NodeVisitorAbstract
{
    /** Of what no page shows, or in languages of their own. */
    private const APART = '~core/(?:Import|Markup|Compose/(?!Gauges)|Layout|Feed|Letter/LetterT|Type/Metrics'
        .'|Card/Starter/starters|Card/Kind/(?:words|ReadyWords)|Verification/quotes|Handover/Formats/S'
        .'|Handover/install)'
        .'|app/(?:Api|Console|Database|Jmap|StandIns|Words)/~';

    /** Functions whose texts are none to be read. */
    private const CODE = '/^(?:preg_|str_|sprintf|json_|in_array|array_|implode|explode|iconv|mb_|hash|DB|Cache|Log)/';

    /** Methods that say in one word what something is called. */
    private const CALLS = ['label', 'says', 'words', 'title', 'labels', 'about', 'purpose', 'choices', 'names'];

    /** @var list<string> */
    private array $found = [];

    /** @var list<Node> */
    private array $within = [];

    /** @return list<string> */
    public static function in(string $path, string $source): array
    {
        if (preg_match(self::APART, $path) === 1) {
            return [];
        }
        $visitor = new self;
        (new NodeTraverser($visitor))->traverse(PhpWords::parsed($source));

        return $visitor->found;
    }

    public function enterNode(Node $node): ?int
    {
        if ($node instanceof Node\Attribute || $node instanceof Expr\Throw_ || $this->isCode($node)) {
            return self::DONT_TRAVERSE_CHILDREN;
        }
        $this->found = [...$this->found, ...$this->beside($node)];
        $words = $node instanceof Expr\BinaryOp\Concat || $node instanceof String_ ? PhpWords::constant($node) : null;
        if ($words !== null) {
            $this->isKey($node) || ! $this->isWords($words) || $this->found[] = $words;

            return self::DONT_TRAVERSE_CHILDREN;
        }
        $this->within[] = $node;

        return null;
    }

    public function leaveNode(Node $node): null
    {
        if (end($this->within) === $node) {
            array_pop($this->within);
        }

        return null;
    }

    /** @return list<string> what stands in one list with words is words, a single one in small letters too */
    private function beside(Node $node): array
    {
        $values = match (true) {
            $node instanceof Expr\Array_ => array_column($node->items, 'value'),
            $node instanceof Expr\Match_ => array_column($node->arms, 'body'),
            $node instanceof Expr\Ternary => [$node->if, $node->else],
            default => [],
        };
        $said = array_values(array_filter(array_map(PhpWords::constant(...), $values), is_string(...)));

        return array_filter($said, $this->isWords(...)) === [] ? []
            : array_values(preg_grep('/^\p{L}[\p{L}\p{N} ,+-]*$/u', $said) ?: []);
    }

    private function isCode(Node $node): bool
    {
        $name = match (true) {
            $node instanceof Expr\FuncCall && $node->name instanceof Node\Name => (string) $node->name,
            $node instanceof Expr\StaticCall && $node->class instanceof Node\Name => $node->class->getLast(),
            default => '',
        };

        return preg_match(self::CODE, $name) === 1;
    }

    private function isKey(Node $node): bool
    {
        $around = end($this->within);

        // Names of a list of ours are its keys; others are what things are found by.
        $isList = array_filter($this->within, fn (Node $one) => $one instanceof Node\Stmt\ClassConst) !== [];

        $isName = $isList && preg_match('/^\p{Lu}/u', (string) PhpWords::constant($node)) === 1;

        return ($around instanceof Node\ArrayItem && $around->key === $node && ! $isName)
            || ($around instanceof Node\MatchArm && $around->body !== $node)
            || $around instanceof Expr\BinaryOp\Identical || $around instanceof Expr\BinaryOp\NotIdentical
            || $around instanceof Expr\ArrayDimFetch;
    }

    private function isWords(string $text): bool
    {
        if (preg_match('~[<>{}$\\\\=`|]|://|\(\?|^/|^[\W\d]*$|\b(?:select|coalesce|count)\b.*\(~u', $text) === 1) {
            return false;
        }
        foreach ($this->within as $node) {
            if ($node instanceof Node\Stmt\ClassMethod && in_array((string) $node->name, self::CALLS, true)) {
                return true;
            }
        }

        return preg_match('/^\p{Lu}[\p{L}’\'-]*(?:[ ,:.…(].+)?$/us', $text) === 1
            || preg_match('/\p{L}{2,}[,:]? \p{Ll}{2,}/u', $text) === 1;
    }
}
