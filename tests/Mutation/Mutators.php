<?php

declare(strict_types=1);

namespace Tests\Mutation;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Expr\BinaryOp;
use PhpParser\Node\Scalar;
use PhpParser\Node\Stmt;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;

/** Finds every place of a file where one small fault can be put: a limit moved, a sign turned, a call left out. */
final class Mutators extends NodeVisitorAbstract
{
    private const SWAPS = [
        BinaryOp\Smaller::class => '<=',
        BinaryOp\SmallerOrEqual::class => '<',
        BinaryOp\Greater::class => '>=',
        BinaryOp\GreaterOrEqual::class => '>',
        BinaryOp\Identical::class => '!==',
        BinaryOp\NotIdentical::class => '===',
        BinaryOp\BooleanAnd::class => '||',
        BinaryOp\BooleanOr::class => '&&',
        BinaryOp\Plus::class => '-',
        BinaryOp\Minus::class => '+',
        BinaryOp\Mul::class => '/',
        BinaryOp\Div::class => '*',
    ];
    private const TWINS = ['max' => 'min', 'min' => 'max', 'ceil' => 'floor', 'floor' => 'ceil', 'round' => 'floor'];
    /** Their third argument, that alike is not enough, is a habit: what is compared there is of one type. */
    private const STRICT = ['in_array', 'array_search', 'array_keys'];
    private const STYLE = 'style';

    /** @var list<Mutant> */
    private array $found = [];
    private int $outside = 0;
    private string $source = '';

    private function __construct(private readonly string $file) {}

    /** @return list<Mutant> in the order of the file */
    public static function of(string $file): array
    {
        $visitor = new self($file);
        $visitor->source = (string) file_get_contents($file);
        $tree = (new ParserFactory())->createForHostVersion()->parse($visitor->source) ?? [];
        (new NodeTraverser($visitor))->traverse($tree);

        return $visitor->found;
    }

    public function enterNode(Node $node): ?int
    {
        // Nobody hangs a test on the words of a fault that cannot happen, nor on what PHP is told about the file.
        if ($node instanceof Stmt\Declare_ || $node instanceof Expr\Throw_ || $node instanceof Node\Attribute) {
            return NodeVisitor::DONT_TRAVERSE_CHILDREN;
        }
        if (self::standsOutside($node)) {
            ++$this->outside;
        }
        if ($node instanceof Expr\FuncCall && \in_array((string) self::called($node), self::STRICT, true)) {
            ($node->getArgs()[2] ?? null)?->value->setAttribute(self::STYLE, true);
        }
        foreach ($this->faults($node) as [$from, $to, $becomes]) {
            $this->found[] = new Mutant(
                $this->file,
                '' === $this->source ? 0 : substr_count($this->source, "\n", 0, $from) + 1,
                max(0, $from),
                $to,
                $becomes,
                0 === $this->outside,
            );
        }

        return $node instanceof Expr\Match_ && $node->cond instanceof Expr\ConstFetch
            ? $this->skipSubject($node)
            : null;
    }

    public function leaveNode(Node $node): null
    {
        if (self::standsOutside($node)) {
            --$this->outside;
        }

        return null;
    }

    /** "match (true)" is a form of speech: its subject is no fault to be made. */
    private function skipSubject(Expr\Match_ $match): null
    {
        $match->cond = new Scalar\String_('');

        return null;
    }

    /** Constants and defaults run on no line of their own: every test of the file counts for them. */
    private static function standsOutside(Node $node): bool
    {
        return $node instanceof Stmt\ClassConst || $node instanceof Node\Param || $node instanceof Stmt\Property;
    }

    /** @return iterable<array{int, int, string}> from, up to, and what stands there then */
    private function faults(Node $node): iterable
    {
        [$start, $end] = [$node->getStartFilePos(), $node->getEndFilePos() + 1];
        if ($node instanceof BinaryOp\Coalesce) {
            yield [$start, $end, '(' . $this->text($node->right) . ')'];
        } elseif ($node instanceof BinaryOp && isset(self::SWAPS[$node::class])) {
            $swap = self::SWAPS[$node::class];
            yield [$start, $end, "(({$this->text($node->left)}) $swap ({$this->text($node->right)}))"];
        } elseif ($node instanceof Expr\BooleanNot) {
            yield [$start, $end, "({$this->text($node->expr)})"];
        } elseif ($node instanceof Expr\UnaryMinus) {
            yield [$start, $end, "({$this->text($node->expr)})"];
        } elseif ($node instanceof Expr\Ternary && null !== $node->if) {
            yield [
                $start,
                $end,
                "({$this->text($node->cond)}) ? ({$this->text($node->else)}) : ({$this->text($node->if)})",
            ];
        } elseif ($node instanceof Scalar\Int_) {
            yield [$start, $end, (string) ($node->value + 1)];
        } elseif ($node instanceof Scalar\Float_) {
            yield [$start, $end, \sprintf('%.12F', $node->value * 1.05 + 0.001)];
        } elseif (
            $node instanceof Expr\ConstFetch &&
            !$node->getAttribute(self::STYLE, false) &&
            \in_array($node->name->toLowerString(), ['true', 'false'], true)
        ) {
            yield [$start, $end, 'true' === $node->name->toLowerString() ? 'false' : 'true'];
        } elseif ($node instanceof Expr\FuncCall && $node->name instanceof Node\Name) {
            $twin = self::TWINS[self::called($node)] ?? null;
            if (null !== $twin && !$node->isFirstClassCallable()) {
                yield [$start, $node->name->getEndFilePos() + 1, "\\$twin"];
            }
        } elseif (
            $node instanceof Stmt\Expression &&
            ($node->expr instanceof Expr\MethodCall || $node->expr instanceof Expr\AssignOp)
        ) {
            yield [$start, $end, ';'];
        } elseif ($node instanceof Stmt\If_ && null === $node->else && [] === $node->elseifs) {
            yield [$node->cond->getStartFilePos(), $node->cond->getEndFilePos() + 1, 'false'];
        }
    }

    private static function called(Expr\FuncCall $call): ?string
    {
        return $call->name instanceof Node\Name ? $call->name->toLowerString() : null;
    }

    private function text(Node $node): string
    {
        return substr($this->source, $node->getStartFilePos(), $node->getEndFilePos() - $node->getStartFilePos() + 1);
    }
}
