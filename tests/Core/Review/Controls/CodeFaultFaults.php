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

final class CodeFaultFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $key = static fn(string $surface, string $code): Edit => new AssignCode($surface, $code);
        $raw = static fn(string $surface, string $code): Edit => new AssignCode($surface, $code, InfraredEncoding::Raw, 12);
        yield 'code with a slip in its last byte' => Planted::in(
            'controls.code-fault',
            'S3',
            Severity::Broken,
            '',
            $key('S3', '0BF430CE'),
            $key('S3', '0BF430CF'),
            Starts::remote(),
            says: '0x0BF430CE fails its complement: two of its bytes do not belong together.',
            proposes: ['Read it as 0x0BF430CF', 'Take the key away here'],
        );

        yield 'repeat frame taken for a key' => Planted::in(
            'controls.code-fault',
            'S4',
            Severity::Broken,
            '',
            $key('S4', 'FFFFFFFF'),
            $key('S4', '0BF418E7'),
            Starts::remote(),
            says: '0xFFFFFFFF is no key but the sign that the last one is still held.',
            proposes: ['Take the key away here'],
        );

        yield 'two raw codes that differ in one digit' => Planted::in(
            'controls.code-fault',
            'S4',
            Severity::Weak,
            '',
            Planted::both($raw('S3', 'A90'), $raw('S4', 'A91')),
            Planted::both($raw('S3', 'A90'), $raw('S4', 'B52')),
            Starts::remote(),
            says: '0xA91 differs from the key of “Lamp” in one digit, and carries no complement that would show a slip. Read it again.',
            proposes: ['Take the key away here'],
        );

        $night = Planted::both(
            new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], [], false),
            new AddGroupKey('K1', SurfaceKind::InfraredKey),
        );
        yield 'repeat as the key of a group' => Planted::in(
            'controls.code-fault',
            'S5',
            Severity::Broken,
            '',
            Planted::both($night, new AssignCode('S5', 'FFFFFFFF')),
            Planted::both($night, new AssignCode('S5', '0BF430CF')),
            Starts::remote(),
            says: '0xFFFFFFFF is no key but the sign that the last one is still held.',
            proposes: ['Take the key away here'],
        );

        yield 'slip in the key of a group' => Planted::in(
            'controls.code-fault',
            'S5',
            Severity::Broken,
            '',
            Planted::both($night, new AssignCode('S5', '0BF430CE')),
            Planted::both($night, new AssignCode('S5', '0BF430CF')),
            Starts::remote(),
            says: '0x0BF430CE fails its complement: two of its bytes do not belong together.',
            proposes: ['Read it as 0x0BF430CF', 'Take the key away here'],
        );
    }
}
