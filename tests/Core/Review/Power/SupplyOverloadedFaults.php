<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Edit\Controller\StateRadio;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class SupplyOverloadedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $six = TestBoards::withLines(6);
        yield 'six coils on 3 W' => Planted::in(
            'power.supply-overloaded',
            'R1',
            Severity::Broken,
            '993 mA',
            new ChooseSupply('R1', TestBoards::part('module-5v-3w', Supply::class)),
            new ChooseSupply('R1', TestBoards::part('module-5v-5w', Supply::class)),
            $six,
            says: 'With all relays on, the rail 5 V carries 703 mA for good and 993 mA at peak; Mains module 5 V, 3 W gives 600 mA in air '
                    . 'at 40 °C, of which 80 % for good.',
            proposes: ['Feed 5 V from Mains module 5 V, 5 W'],
        );

        $eight = TestBoards::edited(TestBoards::withLines(8), new StateRadio(false));
        yield 'eight coils on 5 W, no radio' => Planted::in(
            'power.supply-overloaded',
            'R1',
            Severity::Weak,
            '897 mA',
            new ChooseSupply('R1', TestBoards::part('module-5v-5w', Supply::class)),
            new ChooseSupply('R1', TestBoards::part('module-5v-10w', Supply::class)),
            $eight,
            says: 'With all relays on, the rail 5 V carries 897 mA for good and 897 mA at peak; Mains module 5 V, 5 W gives 1 A in air at '
                    . '40 °C, of which 80 % for good.',
            proposes: ['Feed 5 V from Mains module 5 V, 10 W'],
        );
    }
}
