<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Wiring\ChooseChannel;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\Tests\Support\WiredBoards;

final class PackageChannelFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $array = new ChooseDriver(['A1'], new ArrayChannel('uln2003a'), [TestBoards::part('uln2003a', DarlingtonArray::class)]);
        yield 'eighth channel of seven' => Planted::in(
            'drive.package-channel',
            'A1',
            Severity::Broken,
            '',
            Planted::both($array, new ChooseChannel('A1', 8)),
            Planted::both($array, new ChooseChannel('A1', 7)),
            says: '“Lamp” is wired to channel 8, but the ULN2003A, 7 channels has 7.',
            proposes: ['Wire it to channel 1'],
        );
        $module = WiredBoards::generated()['module'];
        yield 'two relays on one channel' => Planted::in(
            'drive.package-channel',
            'A1',
            Severity::Broken,
            '',
            new ChooseChannel('A3', 4),
            new ChooseChannel('A2', 4),
            $module->with(wiring: Copy::of($module->wiring, ['channels' => ['A1' => 3, 'A2' => 3]])),
            says: '“Line 1” is wired to channel 3, and so is “Line 2”.',
            proposes: ['Wire it to channel 1'],
        );
    }
}
