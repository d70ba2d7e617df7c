<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\House\StateHouseCable;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class LowVoltageWithMainsFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        yield 'bell wire beside mains' => Planted::in(
            'mains.low-voltage-with-mains',
            'J1',
            Severity::Danger,
            '×0.217',
            new StateHouseCable(['J1'], mains: 3, insulationVolts: 50.0),
            new StateHouseCable(['J1'], mains: 3, insulationVolts: 300.0),
            Starts::hall(),
            says: 'The cable “Hall to The box” carries mains of 230 V beside extra-low voltage, and its cores are insulated for 50 V.',
            proposes: ['Pull a cable of 2 cores for the extra-low voltage alone'],
        );
    }
}
