<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Catalogue\CordTable;
use IronLatch\Core\Control\TopicName;
use IronLatch\Core\Mains\Ampacity;
use IronLatch\Core\Mains\InsulationTables;
use IronLatch\Core\Quantity\PreferredValues;
use PHPUnit\Framework\TestCase;

/**
 * Tables of standards, written down once more as they are printed there, row by row, and held against ours on both sides of each
 * limit. All from memory: compare with the standard.
 */
final class WholeTablesTest extends TestCase
{
    /** IEC 60664-1, tables F.1 and F.2: volts to neutral, then clearance in mm for categories I to IV, pollution degree 2. */
    private const CLEARANCE = '
         50   0.2  0.2  0.2  0.5
        100   0.2  0.2  0.5  1.5
        150   0.2  0.5  1.5  3.0
        300   0.5  1.5  3.0  5.5
        600   1.5  3.0  5.5  8.0';

    /**
     * IEC 60664-1, table F.4: nominal volts (230 and 277 count as 250 and 320, table F.3a), basic creepage in mm: degree 2, groups I to
     * III; 3.
     */
    private const CREEPAGE = '
         50   0.60  0.85  1.20  1.5  1.7  1.9
         63   0.63  0.90  1.25  1.6  1.8  2.0
        125   0.75  1.05  1.50  1.9  2.1  2.4
        200   1.00  1.40  2.00  2.5  2.8  3.2
        230   1.25  1.80  2.50  3.2  3.6  4.0
        277   1.60  2.20  3.20  4.0  4.5  5.0
        400   2.00  2.80  4.00  5.0  5.6  6.3
        500   2.50  3.60  5.00  6.3  7.1  8.0';

    public function testClearancesOfEveryCategory(): void
    {
        foreach (self::rows(self::CLEARANCE) as [$volts, $one, $two, $three, $four]) {
            foreach ([1 => $one, $two, $three, $four] as $category => $millimetres) {
                $ours = 1e3 * InsulationTables::clearance($volts, $category, 2, false);
                self::assertEqualsWithDelta($millimetres, $ours, 1e-9, "$volts V, category $category");
                // In damp air nothing is closer than 0.8 mm.
                $damp = 1e3 * InsulationTables::clearance($volts, $category, 3, false);
                self::assertEqualsWithDelta(max(0.8, $millimetres), $damp, 1e-9, "$volts V, category $category, damp");
            }
        }
    }

    public function testCreepageOfEveryGroup(): void
    {
        foreach (self::rows(self::CREEPAGE) as $row) {
            foreach ([2, 3] as $degree) {
                foreach ([1, 2, 3] as $group) {
                    $millimetres = $row[$group + 3 * ($degree - 2)];
                    self::assertEqualsWithDelta(
                        $millimetres,
                        1e3 * InsulationTables::creepage($row[0], 1, $degree, false, $group),
                        1e-9,
                        "$row[0] V, degree $degree, group $group",
                    );
                }
            }
        }
    }

    /** IEC 60335-1 and NEC 400.5(A)(1): a gauge a tenth thinner bears what the one below it does. */
    public function testCordsOnBothSidesOfEachGauge(): void
    {
        foreach ([
            [CordTable::Iec60335, [[0.5, 3], [0.75, 6], [1.0, 10], [1.5, 16], [2.5, 25], [4.0, 32]]],
            [CordTable::Nec400, [[0.82, 10], [1.30, 13], [2.08, 18], [3.30, 25], [5.26, 30]]],
        ] as [$table, $gauges]) {
            $below = 0.0;
            foreach ($gauges as [$squareMillimetres, $amps]) {
                self::assertSame((float) $amps, Ampacity::of(1e-6 * $squareMillimetres, $table));
                self::assertSame($below, Ampacity::of(0.98e-6 * $squareMillimetres, $table));
                $below = (float) $amps;
            }
        }
    }

    /** IEC 60063: the series for 20 %, 10 % and 5 %. */
    public function testPreferredSeries(): void
    {
        $twelve = '10 12 15 18 22 27 33 39 47 56 68 82';
        $twentyFour = '10 11 12 13 15 16 18 20 22 24 27 30 33 36 39 43 47 51 56 62 68 75 82 91';
        self::assertSame($twelve, implode(' ', array_reverse(PreferredValues::e12Between(10.0, 99.0))));
        self::assertSame($twentyFour, implode(' ', array_reverse(PreferredValues::e24Between(10.0, 99.0))));
        self::assertSame('10 15 22 33 47 68', implode(' ', array_reverse(PreferredValues::e6Between(10.0, 99.0))));
    }

    /** MQTT 3.1.1, section 1.5.3: a string has at most 65 535 bytes. */
    public function testTheLongestTopic(): void
    {
        self::assertNull(TopicName::fault(str_repeat('a', 65_535)));
        self::assertSame('it is longer than 65535 bytes', TopicName::fault(str_repeat('a', 65_536)));
    }

    /**
     * @return list<list<float>>
     */
    private static function rows(string $table): array
    {
        return array_map(
            static fn(string $row): array => array_map(floatval(...), (array) preg_split('/\s+/', trim($row))),
            explode("\n", trim($table)),
        );
    }
}
