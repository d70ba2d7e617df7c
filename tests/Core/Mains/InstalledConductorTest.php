<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Mains;

use IronLatch\Core\Catalogue\CordTable;
use IronLatch\Core\Mains\InstalledConductor;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The tables once more, figure by figure: IEC 60364-5-52, table B.52.2, columns A1 and C; NEC 240.4(D) and table 310.16; from memory. */
final class InstalledConductorTest extends TestCase
{
    #[TestWith([CordTable::Iec60335, 1.0, 11.0, 15.0])]
    #[TestWith([CordTable::Iec60335, 1.5, 14.5, 19.5])]
    #[TestWith([CordTable::Iec60335, 2.5, 19.5, 27.0])]
    #[TestWith([CordTable::Iec60335, 4.0, 26.0, 36.0])]
    #[TestWith([CordTable::Iec60335, 6.0, 34.0, 46.0])]
    #[TestWith([CordTable::Iec60335, 10.0, 46.0, 63.0])]
    #[TestWith([CordTable::Iec60335, 16.0, 61.0, 85.0])]
    #[TestWith([CordTable::Nec400, 2.08, 15.0, 15.0])]
    #[TestWith([CordTable::Nec400, 3.30, 20.0, 20.0])]
    #[TestWith([CordTable::Nec400, 5.26, 30.0, 30.0])]
    #[TestWith([CordTable::Nec400, 8.37, 40.0, 40.0])]
    #[TestWith([CordTable::Nec400, 13.3, 55.0, 55.0])]
    public function testEachRowIsAsTheTableHasIt(CordTable $table, float $squareMillimetres, float $least, float $most): void
    {
        $area = $squareMillimetres * 1e-6;
        self::assertSame([$least, $most], [InstalledConductor::leastAmps($area, $table), InstalledConductor::mostAmps($area, $table)]);
        self::assertLessThan($most, InstalledConductor::mostAmps(0.98 * $area, $table), 'Between two rows the lesser one counts.');
        self::assertSame($most, InstalledConductor::mostAmps(1.02 * $area, $table));
    }

    public function testBelowTheTableNothingIsBorne(): void
    {
        self::assertSame(0.0, InstalledConductor::leastAmps(0.75e-6, CordTable::Iec60335));
        self::assertStringStartsWith('NEC 240.4(D)', InstalledConductor::source(CordTable::Nec400));
        self::assertStringStartsWith('IEC 60364-5-52', InstalledConductor::source(CordTable::Iec60335));
    }
}
