<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\AssignCode;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\InfraredEncoding;
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
            proposes: ['Take the key away here'],
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
            proposes: ['Take the key away here'],
        );
    }
}
