<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class LoadDiodeMissingFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $valveDiode = static fn(bool $fitted): Edit => new StateSafety(['L3'], loadDiode: $fitted);
        yield 'valve behind a contact without its diode' => Planted::in(
            'mains.no-load-diode',
            'L3',
            Severity::Broken,
            '',
            $valveDiode(false),
            $valveDiode(true),
            Starts::valveLine(),
            says: '“Valve” is a coil on direct current behind a contact, and nothing takes over its current when the contact opens.',
            proposes: ['Fit a diode across the appliance, its cathode to the positive side'],
        );
    }
}
