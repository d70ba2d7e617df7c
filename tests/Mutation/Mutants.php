<?php

declare(strict_types=1);

namespace IronLatch\Tests\Mutation;

use PhpParser\Node;
use PhpParser\Node\Expr\BinaryOp;
use PhpParser\Node\Scalar;
use PhpParser\NodeFinder;
use PhpParser\ParserFactory;

/**
 * Every mutant of a file: each number of a class constant taken a tenth smaller and a tenth greater, and each comparison negated
 * (DeMillo, Lipton, Sayward: Hints on test data selection, 1978).
 */
final class Mutants
{
    private const NEGATED = [
        BinaryOp\Smaller::class => ['<', '>='],
        BinaryOp\SmallerOrEqual::class => ['<=', '>'],
        BinaryOp\Greater::class => ['>', '<='],
        BinaryOp\GreaterOrEqual::class => ['>=', '<'],
        BinaryOp\Identical::class => ['===', '!=='],
        BinaryOp\NotIdentical::class => ['!==', '==='],
    ];

    /**
     * @return list<Mutant>
     */
    public static function of(string $file): array
    {
        $code = (string) file_get_contents($file);
        $tree = (new ParserFactory())->createForHostVersion()->parse($code) ?? [];
        $finder = new NodeFinder();
        $mutants = [];
        foreach ($finder->findInstanceOf($tree, Node\Stmt\ClassConst::class) as $constants) {
            $numbers = [
                ...$finder->findInstanceOf($constants, Scalar\Int_::class),
                ...$finder->findInstanceOf($constants, Scalar\Float_::class),
            ];
            foreach ($numbers as $number) {
                array_push($mutants, ...0.0 === (float) $number->value ? [] : self::scaled($file, $code, $number));
            }
        }
        foreach ($finder->findInstanceOf($tree, BinaryOp::class) as $comparison) {
            $mutant = self::negated($file, $code, $comparison);
            if (null !== $mutant) {
                $mutants[] = $mutant;
            }
        }

        return $mutants;
    }

    /**
     * @return list<Mutant>
     */
    private static function scaled(string $file, string $code, Scalar\Int_|Scalar\Float_ $number): array
    {
        $mutants = [];
        foreach ([0.9, 1.1] as $factor) {
            $becomes = $number instanceof Scalar\Int_
                ? (string) ($number->value + ($factor < 1 ? -1 : 1) * max(1, (int) round(0.1 * $number->value)))
                : var_export($number->value * $factor, true);
            $mutants[] = self::at(
                $file,
                $code,
                $number->getStartFilePos(),
                $number->getEndFilePos() + 1,
                $number->getStartLine(),
                $becomes,
            );
        }

        return $mutants;
    }

    private static function negated(string $file, string $code, BinaryOp $comparison): ?Mutant
    {
        [$sign, $becomes] = self::NEGATED[$comparison::class] ?? ['', ''];
        if ('' === $sign) {
            return null;
        }
        $from = strpos($code, $sign, $comparison->left->getEndFilePos() + 1);

        return false === $from || $from >= $comparison->right->getStartFilePos()
            ? null
            : self::at($file, $code, $from, $from + strlen($sign), $comparison->getStartLine(), $becomes);
    }

    private static function at(string $file, string $code, int $from, int $to, int $line, string $becomes): Mutant
    {
        return new Mutant($file, $line, $from, $to, substr($code, $from, $to - $from), $becomes);
    }
}
