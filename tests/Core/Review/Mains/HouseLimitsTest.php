<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Mains\ChooseMains;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class HouseLimitsTest extends TestCase
{
    /** The next breaker that is made and fits, for every row of the tables. */
    #[TestWith(['mains-230', 1.0, '10 A'])]
    #[TestWith(['mains-230', 1.5, '13 A'])]
    #[TestWith(['mains-230', 2.5, '16 A'])]
    #[TestWith(['mains-230', 4.0, '25 A'])]
    #[TestWith(['mains-230', 6.0, '32 A'])]
    #[TestWith(['mains-230', 10.0, '40 A'])]
    #[TestWith(['mains-120', 2.08, '15 A'])]
    #[TestWith(['mains-120', 3.30, '20 A'])]
    #[TestWith(['mains-120', 5.26, '30 A'])]
    #[TestWith(['mains-120', 8.37, '40 A'])]
    public function testTheBreakerThatFits(string $mains, float $squareMillimetres, string $fits): void
    {
        $board = self::on($mains, new StatePlace(['H1'], breakerAmps: 100.0, squareMetres: $squareMillimetres * 1e-6));
        $finding = TestBoards::inspect($board)->finding('mains.breaker-too-large:H1');
        self::assertSame(Severity::Danger, $finding?->severity);
        self::assertSame(
            ["Have a breaker of $fits fitted"],
            array_map(static fn(Remedy $remedy): string => $remedy->title, $finding->remedies()),
        );
    }

    /** Four fifths of a breaker for hours in North America, all of it elsewhere. */
    #[TestWith(['mains-120', 15.0, 1420.0, true])]
    #[TestWith(['mains-120', 15.0, 1395.0, false])]
    #[TestWith(['mains-230', 10.0, 2270.0, true])]
    #[TestWith(['mains-230', 10.0, 2260.0, false])]
    public function testWhatACircuitLetsPassForHours(string $mains, float $breaker, float $watts, bool $isTooMuch): void
    {
        $board = self::on($mains, new StatePlace(['H1'], breakerAmps: $breaker), new StateLoad('L2', $watts));
        self::assertSame($isTooMuch, null !== TestBoards::inspect($board)->finding('mains.circuit-overloaded:H1'));
    }

    /** Behind a plug nobody is asked what only the distribution knows. */
    public function testAPlugAsksNothingOfTheHouse(): void
    {
        $asked = static fn(InletKind $inlet): array => array_values(array_filter(
            array_map(
                static fn(NotChecked $one): string => $one->rule->id,
                TestBoards::inspect(TestBoards::edited(TestBoards::sound(), new StateBox(inlet: $inlet)))->notChecked,
            ),
            static fn(string $rule): bool => str_starts_with($rule, 'mains.'),
        ));
        self::assertSame([], $asked(InletKind::Polarised));
        self::assertSame(
            ['mains.no-neutral', 'mains.dimmer-before', 'mains.breaker-too-large', 'mains.no-residual-device'],
            $asked(InletKind::Fixed),
        );
    }

    private static function on(string $mains, StatePlace|StateLoad ...$edits): Board
    {
        return TestBoards::edited(Starts::house(), new ChooseMains(TestBoards::part($mains, MainsSystem::class)), ...$edits);
    }
}
