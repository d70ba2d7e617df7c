<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\Margin;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Whoever reads a formula finds every figure that went into it beside it. */
#[Group('properties')]
final class FormulaInputsTest extends TestCase
{
    /** A symbol of a formula: a letter or two with an index, such as I_rated or V_drop-out. */
    private const SYMBOL = '/(?<![\p{L}_])(\p{L}{1,2}_[\p{L}\p{N}\-]+)/u';

    public function testEverySymbolOfAFormulaIsAmongItsInputs(): void
    {
        $missing = [];
        $seen = 0;
        foreach (RuleFixtures::all() as $name => $fixture) {
            $inspection = new Inspection($fixture['fault'], TestBoards::catalogue());
            $figures = self::within([
                $inspection->drive,
                $inspection->power->rails,
                $inspection->power->heat,
                $inspection->power->dips,
                $inspection->power->headrooms,
                $inspection->mains,
                $inspection->pinCurrents,
            ]);
            foreach (Inspector::withRuleBook()->inspect($inspection)->findings as $finding) {
                array_push($figures, ...$finding->figures);
            }
            foreach ($figures as $figure) {
                preg_match_all(self::SYMBOL, $figure->formula, $symbols);
                foreach (array_unique($symbols[1]) as $symbol) {
                    ++$seen;
                    if (
                        !str_contains(implode(' ', $figure->inputs), $symbol . ' =')
                        && !str_starts_with($figure->formula, $symbol . ' =')
                    ) {
                        $missing[$figure->formula . ' lacks ' . $symbol] = $name;
                    }
                }
            }
        }
        self::assertGreaterThan(5000, $seen);
        self::assertSame([], $missing);
    }

    /**
     * @return list<Figure>
     */
    private static function within(mixed $value, int $depth = 0): array
    {
        if ($value instanceof Figure) {
            return [$value];
        }
        if (
            $depth > 6
            || !is_object($value) && !is_array($value)
            || is_object($value) && !str_starts_with($value::class, 'IronLatch\Core\\')
            || $value instanceof Board
        ) {
            return [];
        }
        $figures = [];
        foreach (is_object($value) && !$value instanceof Margin ? get_object_vars($value) : (array) $value as $one) {
            array_push($figures, ...self::within($one, $depth + 1));
        }

        return $figures;
    }
}
