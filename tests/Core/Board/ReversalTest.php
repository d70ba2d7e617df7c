<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Lines\MakeTwoWay;
use IronLatch\Core\Board\Edit\Relays\AddDirection;
use IronLatch\Core\Board\Edit\Relays\StateReversal;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\Reversal;
use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ReversalTest extends TestCase
{
    public function testASecondRelayComesWithAGroupThatKeepsThemApart(): void
    {
        $blind = (new AddDirection('L1'))->apply(TestBoards::sound());
        self::assertSame([GroupKind::Directions, ['F1', 'F6']], [$blind->groups['G1']->kind, $blind->groups['G1']->functions]);
        self::assertSame([['F1', 'F6']], $blind->groups['G1']->keptApart());
        self::assertSame(['Lamp one way', 'Lamp other way'], [$blind->functions['F1']->name, $blind->functions['F6']->name]);
        self::assertNull($blind->groups['G1']->reversal, 'Nobody has said anything of the motor.');
    }

    public function testTheProgramIsToldHowLongItRunsAndRests(): void
    {
        $values = [];
        foreach (Constants::of(new Inspection(Starts::blind())) as $constant) {
            $values[$constant->name] = $constant->value;
        }
        self::assertSame([90000, 1000], [$values['LAMP_RUN_LIMIT_MS'] ?? null, $values['LAMP_TURN_PAUSE_MS'] ?? null]);
        self::assertArrayNotHasKey('AIRER_RUN_LIMIT_MS', $values);
    }

    public function testWhatCannotBeIsRefused(): void
    {
        $blind = Starts::blind();
        $this->refused('“Lamp” has 2.', static fn(): Board => (new AddDirection('L1'))->apply($blind));
        $twoWay = (new MakeTwoWay('L1'))->apply(TestBoards::sound());
        $this->refused('is in a two-way circuit.', static fn(): Board => (new AddDirection('L1'))->apply($twoWay));
        $this->refused('Only a mains line with one relay', static fn(): Board => (new MakeTwoWay('L1'))->apply($blind));
        $this->refused('Nothing was stated.', static fn(): Board => (new StateReversal('G1'))->apply($blind));
        $fan = Starts::fan();
        $this->refused('is no motor that runs both ways', static fn(): Board => (new StateReversal('G1', 60.0))->apply($fan));
        $this->refused('is in no two-way circuit', static fn(): Board => (new MakeTwoWay('L1', 0))->apply(TestBoards::sound()));
    }

    #[TestWith([0.09, 1, 'A motor runs between 0.1 s and an hour.'])]
    #[TestWith([3601.0, 1, 'A motor runs between 0.1 s and an hour.'])]
    #[TestWith([60.0, 0, 'Between 1 and 20 motors'])]
    #[TestWith([60.0, 21, 'Between 1 and 20 motors'])]
    public function testLimits(float $seconds, int $motors, string $words): void
    {
        self::assertSame(20, (new Reversal(Fact::stated(0.1), null, Fact::stated(20)))->motors?->value);
        self::assertSame(3600.0, (new Reversal(Fact::stated(3600.0), null, Fact::stated(1)))->runSeconds?->value);
        $this->expectException(\InvalidArgumentException::class);
        $this->expectExceptionMessage($words);
        new Reversal(Fact::stated($seconds), null, Fact::stated($motors));
    }

    /**
     * @param \Closure(): Board $make
     */
    private function refused(string $words, \Closure $make): void
    {
        try {
            $make();
            self::fail($words);
        } catch (EditRefused $refused) {
            self::assertStringContainsString($words, $refused->getMessage());
        }
    }
}
