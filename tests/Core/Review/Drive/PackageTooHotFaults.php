<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Drive;

use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Catalogue\PartIdentity;
use IronLatch\Core\Review\Severity;
use IronLatch\Tests\Core\Review\Planted;
use IronLatch\Tests\Core\Review\PlantedFaults;
use IronLatch\Tests\Support\TestBoards;

final class PackageTooHotFaults implements PlantedFaults
{
    public static function all(): iterable
    {
        $array = TestBoards::part('uln2803a', DarlingtonArray::class);
        $nine = TestBoards::withLines(9);
        $all = static fn(int $count): array => array_map(static fn(int $line): string => 'A' . $line, range(1, $count));
        yield 'nine relays on eight channels' => Planted::in(
            'drive.package-heat',
            'A1',
            Severity::Broken,
            '',
            new ChooseDriver($all(9), new ArrayChannel('uln2803a'), [$array]),
            new ChooseDriver($all(8), new ArrayChannel('uln2803a'), [$array]),
            $nine,
            says: '9 relays hang on the package U1, which has 8 channels.',
            proposes: ['Use 2 packages'],
        );

        // No array in the catalogue is so small a package: these are made for the test.
        $tiny = static fn(float $kelvin): DarlingtonArray => new DarlingtonArray(
            new PartIdentity('array-test', 1, 'Array in a small package', Basis::CommonPractice, 'test'),
            8,
            $array->inputOhms,
            $array->gain,
            $array->saturationCurrent,
            $array->collectorResistance,
            0.5,
            50.0,
            $kelvin,
            150.0,
        );
        yield 'eight relays on a package that sheds little heat' => Planted::in(
            'drive.package-heat',
            'A1',
            Severity::Broken,
            '×0.983',
            new ChooseDriver($all(8), new ArrayChannel('array-test'), [$tiny(240.0)]),
            new ChooseDriver($all(8), new ArrayChannel('uln2803a'), [$array]),
            $nine,
            says: 'With its 8 relays on, the package U1 reaches 152 °C inside; it bears 150 °C.',
            proposes: ['Use 2 packages'],
        );

        yield 'eight relays on a package that sheds just enough' => Planted::in(
            'drive.package-heat',
            'A1',
            Severity::Weak,
            '×0.867',
            new ChooseDriver($all(8), new ArrayChannel('array-test'), [$tiny(210.0)]),
            new ChooseDriver($all(8), new ArrayChannel('array-test'), [$tiny(120.0)]),
            $nine,
            says: 'With its 8 relays on, the package U1 reaches 167 °C inside at its hottest; it bears 150 °C.',
            proposes: ['Use 2 packages'],
        );
    }
}
