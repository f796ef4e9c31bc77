<?php

namespace App\Words;

use InkyCard\Said;
use PhpParser\Error;
use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Scalar\InterpolatedString;
use PhpParser\Node\Scalar\String_;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/**
 * Words in PHP: those an expression comes out as, and those that are named to be said, by `__('…')`, `trans_choice`,
 * `Words::of`, `Refusal::because` or `Said::of`.
 */
final class PhpWords
{
    /** Functions that give what they are given, in another shape. */
    private const SAME = ['ucfirst', 'lcfirst', 'trim', 'lower', 'limit', 'ucwords'];

    /** @param  \Closure(string): string  $say */
    private function __construct(private readonly string $source, private readonly \Closure $say)
    {
    }

    /**
     * An expression whose words are others: literals it can come out as, joined ones as one message.
     *
     * @param  \Closure(string): string  $say
     */
    public static function rewritten(string $expression, \Closure $say): string
    {
        $open = '<?php return ';
        try {
            $parsed = self::parsed("$open$expression;")[0] ?? null;
        } catch (Error) {
            return $expression;
        }
        if (! $parsed instanceof Node\Stmt\Return_ || $parsed->expr === null) {
            return $expression;
        }
        $rewriting = new self("$open$expression;", $say);
        $node = $parsed->expr;

        return substr_replace(
            $expression, $rewriting->out($node), $node->getStartFilePos() - strlen($open),
            $node->getEndFilePos() - $node->getStartFilePos() + 1,
        );
    }

    /** @return list<string> what a file names to be said */
    public static function named(string $source): array
    {
        $named = [];
        foreach ((new NodeFinder)->find(self::parsed($source), self::isSaying(...)) as $call) {
            /** @var Expr\FuncCall|Expr\StaticCall $call */
            $words = self::constant($call->getArgs()[0]->value ?? null);
            $words === null || $named[] = $words;
        }

        return $named;
    }

    private static function isSaying(Node $node): bool
    {
        $called = fn (Node $name): string => $name instanceof Node\Name ? $name->getLast()
            : ($name instanceof Node\Identifier ? $name->name : '');

        return ($node instanceof Expr\FuncCall && in_array($called($node->name), ['__', 'trans_choice'], true))
            || ($node instanceof Expr\StaticCall && in_array(
                $called($node->class).'::'.$called($node->name), ['Refusal::because', 'Said::of', 'Words::of'], true,
            ));
    }

    /** A literal, or several joined; null for what is worked out. */
    public static function constant(?Node $node): ?string
    {
        if ($node instanceof String_) {
            return $node->value;
        }
        if ($node instanceof Expr\BinaryOp\Concat) {
            [$left, $right] = [self::constant($node->left), self::constant($node->right)];

            return $left === null || $right === null ? null : $left.$right;
        }

        return null;
    }

    /** @return array<Node\Stmt> */
    public static function parsed(string $source): array
    {
        return (new ParserFactory)->createForNewestSupportedVersion()->parse($source) ?? [];
    }

    private function out(Expr $node): string
    {
        return match (true) {
            $node instanceof String_, $node instanceof InterpolatedString,
            $node instanceof Expr\BinaryOp\Concat => $this->joined($node),
            $node instanceof Expr\Ternary => $this->with($node, array_filter([$node->if, $node->else])),
            $node instanceof Expr\BinaryOp\Coalesce => $this->with($node, [$node->left, $node->right]),
            $node instanceof Expr\Match_ => $this->with($node, array_column($node->arms, 'body')),
            $node instanceof Expr\FuncCall, $node instanceof Expr\StaticCall => $this->shaped($node),
            default => $this->of($node),
        };
    }

    private function shaped(Expr\FuncCall|Expr\StaticCall $node): string
    {
        $name = $node->name instanceof Node\Name ? $node->name->getLast()
            : ($node->name instanceof Node\Identifier ? $node->name->name : '');
        $first = $node->args[0] ?? null;

        return in_array($name, self::SAME, true) && $first instanceof Node\Arg ? $this->with($node, [$first->value])
            : $this->of($node);
    }

    /** @param  array<Expr>  $within */
    private function with(Expr $node, array $within): string
    {
        $out = $this->of($node);
        $said = array_map($this->out(...), $within);
        foreach (array_reverse($within, true) as $at => $part) {
            $start = $part->getStartFilePos() - $node->getStartFilePos();
            $out = substr_replace($out, $said[$at], $start, strlen($this->of($part)));
        }

        return $out;
    }

    /** What is joined is one message. */
    private function joined(Expr $node): string
    {
        $message = '';
        $slots = [];
        foreach (self::flat($node) as $part) {
            $slot = is_string($part) ? null : ':'.(count($slots) + 1);
            $message .= $slot ?? $part;
            if ($slot !== null) {
                $slots[$slot] = $node instanceof InterpolatedString ? $this->within($part) : $this->out($part);
            }
        }
        if (preg_match('/\p{L}/u', (string) preg_replace('/:\d+/', '', $message)) !== 1) {
            return $this->with($node, $node instanceof InterpolatedString ? []
                : array_values(array_filter(self::flat($node), fn (string|Expr $part) => $part instanceof Expr)));
        }
        $words = trim($message);
        $lead = substr($message, 0, strlen($message) - strlen(ltrim($message)));
        $said = $lead.($this->say)($words).substr($message, strlen($lead.$words));
        $parts = $slots === [] ? [$said] : preg_split('/(:\d+)/', $said, -1, PREG_SPLIT_DELIM_CAPTURE);

        return '('.implode('.', array_map(
            fn (string $part) => isset($slots[$part]) ? "($slots[$part])" : self::literal($part),
            array_filter($parts ?: [], fn (string $part) => $part !== ''),
        )).')';
    }

    /** A literal that may stand in an echo and in an attribute: signs a template would read are made where it runs. */
    private static function literal(string $text): string
    {
        $made = array_map(fn (string $sign): string => "'.chr(".ord($sign).").'", ['{', '}', '@', '<', '"']);

        return strtr(var_export($text, true), array_combine(['{', '}', '@', '<', '"'], $made));
    }

    /** What stands in a string as `$of[key]` is `$of['key']` outside of it. */
    private function within(Expr $part): string
    {
        $source = $this->of($part);

        return $part instanceof Expr\ArrayDimFetch && $part->dim instanceof String_ && ! str_contains($source, "'")
            ? $this->of($part->var)."['{$part->dim->value}']" : $source;
    }

    /** @return list<string|Expr> literals and what stands between them */
    private static function flat(Expr $node): array
    {
        if ($node instanceof String_) {
            return [$node->value];
        }
        if ($node instanceof Expr\BinaryOp\Concat) {
            return [...self::flat($node->left), ...self::flat($node->right)];
        }
        if ($node instanceof InterpolatedString) {
            return array_map(
                fn (Node $part): string|Expr => $part instanceof Expr ? $part : $part->value,
                array_values($node->parts),
            );
        }

        return [$node];
    }

    private function of(Node $node): string
    {
        return substr($this->source, $node->getStartFilePos(), $node->getEndFilePos() - $node->getStartFilePos() + 1);
    }
}
