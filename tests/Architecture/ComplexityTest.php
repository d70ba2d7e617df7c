<?php

declare(strict_types=1);

namespace IronLatch\Tests\Architecture;

use IronLatch\Tests\Support\Files;
use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Stmt;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;
use PHPUnit\Framework\TestCase;

/** One thought per method: what branches more than fifteen times says why it stands in one piece (cyclomatic complexity, McCabe 1976). */
final class ComplexityTest extends TestCase
{
    private const MOST = 15;
    private const REASON = 'In one piece: ';

    public function testWhatBranchesOftenSaysWhy(): void
    {
        $parser = (new ParserFactory())->createForHostVersion();
        $finder = new NodeFinder();
        $unexplained = $needless = [];
        foreach (['core', 'src'] as $folder) {
            foreach (Files::of($folder) as $file) {
                $tree = $parser->parse((string) file_get_contents($file)) ?? [];
                foreach ($finder->findInstanceOf($tree, Stmt\ClassMethod::class) as $method) {
                    $isExplained = str_contains((string) $method->getDocComment()?->getText(), self::REASON);
                    $isLong = 1 + count($finder->find($method->stmts ?? [], self::branches(...))) > self::MOST;
                    $name = basename($file, '.php') . '::' . $method->name;
                    if ($isLong && !$isExplained) {
                        $unexplained[] = $name;
                    } elseif (!$isLong && $isExplained) {
                        $needless[] = $name;
                    }
                }
            }
        }
        self::assertSame([], $unexplained);
        self::assertSame([], $needless);
    }

    public function testBranchesAreCounted(): void
    {
        $tree = (new ParserFactory())->createForHostVersion()->parse(
            '<?php if ($a && $b || $c) { foreach ($d ?? [] as $e) { $f = $g ? 1 : 2; } } match ($h) { 1 => 2, default => 3 };',
        );
        self::assertCount(7, (new NodeFinder())->find($tree ?? [], self::branches(...)));
    }

    private static function branches(Node $node): bool
    {
        return match (true) {
            $node instanceof Stmt\Case_ => null !== $node->cond,
            $node instanceof Node\MatchArm => null !== $node->conds,
            default => in_array($node::class, [
                Stmt\If_::class,
                Stmt\ElseIf_::class,
                Stmt\For_::class,
                Stmt\Foreach_::class,
                Stmt\While_::class,
                Stmt\Do_::class,
                Stmt\Catch_::class,
                Expr\Ternary::class,
                Expr\BinaryOp\BooleanAnd::class,
                Expr\BinaryOp\BooleanOr::class,
                Expr\BinaryOp\Coalesce::class,
            ], true),
        };
    }
}
