<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Power\AddCarrierRail;
use IronLatch\Core\Board\Edit\Power\ChooseEntry;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** A carrier’s own regulated pin as the source of a rail. */
final class CarrierOutputTest extends TestCase
{
    /** Fed at VIN, its regulator makes 5 V at the pin 5V: a coil there passes through it, and its heat is that of (9 V − 5 V) · I. */
    public function testAPinThatIsAnOutputOnlyWhenItsCarrierIsFedElsewhere(): void
    {
        $board = TestBoards::edited(
            TestBoards::bare('atmega328p-carrier-30', 'atmega328p'),
            new AddLine('Lamp', TestBoards::part('led-lamp', Appliance::class)),
        );
        self::assertRefuses(
            'leads out no voltage of its own as it is fed',
            static fn(): mixed => (new AddCarrierRail('Coils'))->apply($board),
        );

        $fed = TestBoards::edited(
            $board,
            new ChooseSupply('R1', TestBoards::part('adapter-9v-1a', Supply::class)),
            new ChooseEntry('VIN'),
            new AddCarrierRail('Coils'),
        );
        $before = (new Inspection($fed))->power->heat->at('board')->watts->value ?? 0.0;
        $coils = TestBoards::edited($fed, new FeedCoils(['A1'], 'R2'));
        $power = (new Inspection($coils))->power;
        self::assertEqualsWithDelta(5.15 / 56, $power->rails['R2']->continuous->value, 1e-6);
        $highest = $coils->railVolts('R1')->max;
        self::assertEqualsWithDelta(($highest - 4.85) * 5.15 / 56, ($power->heat->at('board')->watts->value ?? 0.0) - $before, 1e-6);

        self::assertRefuses('Feed that rail from something else first', static fn(): mixed => (new ChooseEntry('5V'))->apply($coils));
    }

    private static function assertRefuses(string $words, \Closure $edit): void
    {
        try {
            $edit();
            self::fail('It was taken.');
        } catch (EditRefused $refusal) {
            self::assertStringContainsString($words, $refusal->getMessage());
        }
    }
}
