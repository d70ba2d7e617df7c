<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;

final class AddressSharedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $broker = TestBoards::edited(TestBoards::sound(), Starts::channel('message-broker'));
        $radio = TestBoards::edited(TestBoards::sound(), Starts::channel('serial-radio-text'));
        yield 'two lines on one topic' => Planted::in(
            'controls.address-shared',
            'S4',
            Severity::Broken,
            '',
            Planted::both(new TellSurface('S3', address: 'home/lamp'), new TellSurface('S4', address: 'home/lamp')),
            new TellSurface('S3', address: 'home/lamp'),
            $broker,
            says: '“Lamp” and “Airer” have one topic on “Far”: home/lamp.',
            proposes: ['Use the derived one for “Airer”'],
        );

        yield 'line that is called as a group is' => Planted::in(
            'controls.address-shared',
            'K1',
            Severity::Broken,
            '',
            Planted::both(new AddLineGroup(LineGroupKind::Room, 'Hall', ['L1', 'L2'], ['C1'], false), new TellSurface('S3', address: 'G1')),
            Planted::both(new AddLineGroup(LineGroupKind::Room, 'Hall', ['L1', 'L2'], ['C1'], false), new TellSurface('S3', address: 'G2')),
            $radio,
            says: 'The group “Hall” and “Lamp” have one text command on “Far”: G1.',
            proposes: ['Use the derived one for “Lamp”'],
        );
    }
}
