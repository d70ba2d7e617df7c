<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AddGroupKey;
use IronLatch\Core\Board\Edit\Controls\AssignCode;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\InfraredEncoding;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Core\Review\Starts;

final class CodeSharedFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $key = static fn(string $surface, string $code): Edit => new AssignCode($surface, $code);
        yield 'one key printed in two orders of bits' => Planted::in(
            'controls.code-shared',
            'S4',
            Severity::Broken,
            '',
            Planted::both($key('S3', '0BF430CF'), $key('S4', 'F30C2FD0')),
            Planted::both($key('S3', '0BF430CF'), $key('S4', '0BF418E7')),
            Starts::remote(),
            says: '“Lamp” and “Airer” answer to the same key, 0xF30C2FD0.',
            proposes: ['Take the key away here', 'Let the key act on both, as a group'],
        );

        yield 'one key with both its toggle bits' => Planted::in(
            'controls.code-shared',
            'S4',
            Severity::Broken,
            '',
            Planted::both(
                new AssignCode('S3', '100C', InfraredEncoding::BiPhase, 13),
                new AssignCode('S4', '180C', InfraredEncoding::BiPhase, 13),
            ),
            Planted::both(
                new AssignCode('S3', '100C', InfraredEncoding::BiPhase, 13),
                new AssignCode('S4', '180D', InfraredEncoding::BiPhase, 13),
            ),
            Starts::remote(),
            says: '“Lamp” and “Airer” answer to the same key, 0x180C.',
            proposes: ['Take the key away here', 'Let the key act on both, as a group'],
        );

        $night = Planted::both(
            new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], [], false),
            new AddGroupKey('K1', SurfaceKind::InfraredKey),
            new AssignCode('S3', '0BF430CF'),
        );
        yield 'key of a line and of a group' => Planted::in(
            'controls.code-shared',
            'S5',
            Severity::Broken,
            '',
            Planted::both($night, new AssignCode('S5', '0BF430CF')),
            Planted::both($night, new AssignCode('S5', '0BF418E7')),
            Starts::remote(),
            says: '“Lamp, infrared key” and “Night, infrared key, off only” answer to the same key, 0x0BF430CF.',
            proposes: ['Take the key away here'],
        );
    }
}
