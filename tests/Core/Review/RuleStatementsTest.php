<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review;

use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Core\Review\Remedy;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** What every finding says to its reader, and what it proposes, word for word: both are read by people who wire mains. */
final class RuleStatementsTest extends TestCase
{
    public function testEveryPlantedFaultIsToldAndRepairedInTheseWords(): void
    {
        $said = $words = [];
        foreach (RuleFixtures::planted() as $name => $planted) {
            $finding = Inspector::withRuleBook()->inspect(new Inspection($planted->fault, TestBoards::catalogue()))
                ->finding($planted->rule . ':' . $planted->subject);
            $said[$name] = [
                $finding?->statement,
                array_map(static fn(Remedy $remedy): string => $remedy->title, $finding?->remedies() ?? []),
            ];
            $words[$name] = [$planted->says, $planted->proposes];
        }
        self::assertSame($words, $said);
    }

    /** Two faults of one name would hide each other. */
    public function testEachFaultHasItsOwnName(): void
    {
        $names = [];
        foreach (RuleFixtures::planted() as $name => $planted) {
            $names[] = $name;
        }
        self::assertSame(array_values(array_unique($names)), $names);
    }
}
