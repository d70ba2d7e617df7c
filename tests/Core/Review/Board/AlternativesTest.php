<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review\Board;

use IronLatch\Core\Build\PriceList;
use IronLatch\Core\Review\Board\Alternative;
use IronLatch\Core\Review\Board\Alternatives;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use IronLatch\Tests\Support\TestBoards;
use IronLatch\Tests\Support\WiredBoards;
use PHPUnit\Framework\TestCase;

/** Other parts for a row of the parts list, each tried on the whole board. */
final class AlternativesTest extends TestCase
{
    public function testACubeRelayIsNoneForWhatStaysReinforced(): void
    {
        $others = self::others('K11');
        $cube = $others['cube-5v'];
        self::assertFalse($cube->isSound());
        self::assertStringContainsString('whose insulation is basic', implode(' ', $cube->worse));
        self::assertEqualsWithDelta(1.1, $cube->price?->euros, 0.6);
        self::assertArrayNotHasKey('reinforced-12v', $others, 'Its coil is made for another rail.');
        self::assertArrayNotHasKey('reinforced-5v', $others, 'That is what it has.');
        $after = $cube->edit->apply(WiredBoards::demos()['utility-room']);
        self::assertSame('cube-5v', $after->actuators()['A8']->relay);
    }

    public function testATransistorGoesIntoEveryDriverAlike(): void
    {
        $others = self::others('Q11');
        self::assertSame(['npn-bc547b'], array_keys($others), 'A PNP is no other NPN.');
        $after = $others['npn-bc547b']->edit->apply(WiredBoards::demos()['utility-room']);
        foreach ($after->actuators() as $id => $actuator) {
            self::assertSame('npn-bc547b', $actuator->driver->parts()[0]->id, $id);
            self::assertSame(470.0, get_object_vars($actuator->driver)['baseOhms'] ?? 0.0, 'Its resistors stay.');
        }
        self::assertTrue($others['npn-bc547b']->isSound(), '91 mA at the most, of the 100 mA that it bears.');
    }

    public function testASmallerSupplySaysWhatStandsAgainstIt(): void
    {
        $others = self::others('G11');
        self::assertTrue($others['module-5v-15w']->isSound() || [] !== $others['module-5v-15w']->worse);
        self::assertStringContainsString('for good', implode(' ', $others['module-5v-3w']->worse));
        self::assertArrayNotHasKey('adapter-5v-2a', $others, 'An adapter is another form.');
        self::assertSame([], self::others('R11'), 'Nothing of the catalogue stands for it.');
        self::assertSame([], self::others('X12'));
    }

    public function testThePriceListCounts(): void
    {
        $others = self::others('Q11', new PriceList(PriceList::of([['part', 'price'], ['npn-bc547b', '9.99']])->prices));
        self::assertSame(9.99, $others['npn-bc547b']->price?->euros);
    }

    /** @return array<string, Alternative> by part id */
    private static function others(string $designator, PriceList $prices = new PriceList()): array
    {
        $inspection = new Inspection(WiredBoards::demos()['utility-room'], TestBoards::catalogue(), $prices);
        $row = $inspection->partsList()->rowOf($designator);
        self::assertNotNull($row);
        $all = [];
        foreach (Alternatives::of($inspection, Inspector::withRuleBook()->inspect($inspection), $row) as $one) {
            $all[$one->part->identity()->id] = $one;
        }
        ksort($all);

        return $all;
    }
}
