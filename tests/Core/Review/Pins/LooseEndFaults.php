<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Functions\AttachDevice;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class LooseEndFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $bus = new AddGroup(GroupKind::I2c, 'Bus');
        yield 'bus with nothing on it' => Planted::in(
            'pins.loose-end',
            'G1',
            Severity::Hint,
            '',
            $bus,
            Planted::both($bus, new AttachDevice(TestBoards::part('small-display', Device::class), 'Display', null, null, 'F6')),
            says: 'Nothing hangs on “Bus”: its wires end in the air.',
            proposes: ['Take it off the board'],
        );
    }
}
