<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Power;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Power\ProtectRail;
use IronLatch\Core\Board\Edit\Power\StateAmbient;
use IronLatch\Core\Catalogue\Protection;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class ProtectionRatingFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $protect = static fn(string $rail, string $id): Edit => new ProtectRail($rail, TestBoards::part($id, Protection::class));
        yield 'six coils behind a resettable fuse' => Planted::in(
            'power.protection-rating',
            'R1',
            Severity::Broken,
            '703 mA',
            $protect('R1', 'ptc-500ma'),
            $protect('R1', 'ptc-1a1'),
            TestBoards::withLines(6),
            says: 'The rail 5 V carries 703 mA for good; resettable fuse of 500 mA bears 432 mA in air of 40 °C.',
            proposes: ['Fit resettable fuse of 1.1 A in its place'],
        );

        yield 'resettable fuse in a warm box' => Planted::in(
            'power.protection-rating',
            'R1',
            Severity::Weak,
            '412 mA',
            Planted::both(new StateAmbient(70.0), $protect('R1', 'ptc-500ma')),
            Planted::both(new StateAmbient(40.0), $protect('R1', 'ptc-500ma')),
            TestBoards::withLines(3),
            says: 'The rail 5 V carries 412 mA for good; resettable fuse of 500 mA bears 312 mA in air of 70 °C.',
            proposes: ['Fit resettable fuse of 1.1 A in its place'],
        );

        yield 'surge clamp at the rail’s own voltage' => Planted::in(
            'power.protection-rating',
            'R1',
            Severity::Broken,
            '5.1 V',
            $protect('R1', 'tvs-5v'),
            $protect('R1', 'tvs-6v'),
            says: 'The rail 5 V reaches 5.1 V; surge clamp for 5 V conducts from there on for good.',
            proposes: ['Fit surge clamp for 6 V in its place'],
        );
    }
}
