<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Board\UsualFacts;
use IronLatch\Core\Record\Fact;
use IronLatch\Tests\Support\BenchDesk;
use PHPUnit\Framework\TestCase;

/** What is taken where nobody has said it: of each field its own. */
final class UsualFactsTest extends TestCase
{
    public function testTheConductorOfADcApplianceIsTakenAndThatOfOneAtMainsIsNot(): void
    {
        $board = BenchDesk::demo('utility-room');
        $of = static fn(string $line, string $field): ?Fact => UsualFacts::of($board, $board->lines[$line], $field);
        self::assertSame(SwitchedConductor::DcPositive, $of('L4', 'conductor')?->value);
        self::assertEquals(Fact::unknown(), $of('L1', 'conductor'));
        self::assertNotEquals($of('L4', 'conductor'), $of('L4', 'watts'));
        self::assertNull($of('L4', 'hoursPerDay'));
    }
}
