<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\StateAmbient;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class SwitchesItselfOffFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $supply = static fn(string $id): Supply => TestBoards::part($id, Supply::class);
        $small = TestBoards::edited(TestBoards::bare('atmega328p-carrier-30', 'atmega328p'), new ChooseSupply('R1', $supply('power-bank')));
        yield 'small controller on a power bank' => Planted::in(
            'power.switches-itself-off',
            'R1',
            Severity::Weak,
            '20 mA',
            new StateAmbient(40.0),
            Planted::both(Starts::device('character-display'), Starts::device('character-display')),
            $small,
            says: 'With all relays off the rail 5 V takes 20 mA; Power bank 5 V, 2 A, 10 Ah at 3.7 V switches itself off below 80 mA.',
            proposes: ['Feed 5 V from Mains module 5 V, 3 W'],
        );
    }
}
