<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Mains;

use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Lines\DuplicateLine;
use IronLatch\Core\Board\Edit\Lines\MakeTwoWay;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Relays\AddGuard;
use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Board\Edit\Relays\RemoveRelay;
use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Mains\FaultOutcome;
use IronLatch\Core\Mains\SingleFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

final class SingleFaultsTest extends TestCase
{
    public function testAGuardOpensWhereOneRelayFailsAndNotWhereTheProgramDoes(): void
    {
        $guarded = (new AddGuard('L2'))->apply(TestBoards::sound());
        self::assertSame('Airer, guard', $guarded->nameOf('A3'));
        self::assertSame('A2', $guarded->actuator('A3')->guards);
        $after = static fn(FaultOutcome $relay, FaultOutcome $program): array => [
            'its contact welds' => $relay,
            'its driver shorts' => $relay,
            'its pin stays at the level for on' => $relay,
            'the program hangs' => $program,
        ];
        self::assertSame($after(FaultOutcome::Off, FaultOutcome::Limited), SingleFaults::of($guarded)->outcomes['L2']);
        $one = TestBoards::sound();
        self::assertSame($after(FaultOutcome::Limited, FaultOutcome::Limited), SingleFaults::of($one)->outcomes['L2']);
        self::assertSame($after(FaultOutcome::On, FaultOutcome::On), SingleFaults::of($one)->outcomes['L1'], 'A lamp has no cut-out.');
        $twoWay = (new MakeTwoWay('L1'))->apply($one);
        self::assertSame($after(FaultOutcome::AtTheSwitch, FaultOutcome::AtTheSwitch), SingleFaults::of($twoWay)->outcomes['L1']);
        $bare = (new StateSafety(['L2'], cutOut: false))->apply($one);
        self::assertSame($after(FaultOutcome::On, FaultOutcome::On), SingleFaults::of($bare)->outcomes['L2']);
    }

    public function testALostSensorDoesWhatTheProgramSays(): void
    {
        $after = static fn(?LostSensor $lost): FaultOutcome => SingleFaults::of(Starts::warm(19.0, 20.0, $lost)->apply(TestBoards::sound()))
            ->outcomes['L1']['its sensor is lost'];
        self::assertSame(
            [FaultOutcome::Off, FaultOutcome::On, FaultOutcome::Unknown],
            [$after(LostSensor::Off), $after(LostSensor::Stays), $after(null)],
        );
    }

    public function testAGuardGoesWithItsRelayAndIsCopiedWithItsLine(): void
    {
        $guarded = (new AddGuard('L2'))->apply(TestBoards::sound());
        self::assertSame([], (new RemoveRelay('A2'))->apply($guarded)->lines['L2']->actuators);
        self::assertSame(['A2'], array_keys((new RemoveRelay('A3'))->apply($guarded)->lines['L2']->actuators));
        $copy = (new DuplicateLine('L2', 'Second airer'))->apply($guarded)->lines['L3']->actuators;
        self::assertSame(['A4' => null, 'A5' => 'A4'], array_map(static fn($one): ?string => $one->guards, $copy));
        foreach ([$guarded, (new AddRelay('L2'))->apply(TestBoards::sound())] as $board) {
            try {
                (new AddGuard('L2'))->apply($board);
                self::fail('It has two relays already.');
            } catch (EditRefused $refused) {
                self::assertStringContainsString('“Airer”', $refused->getMessage());
            }
        }
    }
}
