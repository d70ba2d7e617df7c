<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Lines\SenseState;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Drive\Netlist\Coupler;
use IronLatch\Core\Drive\Netlist\Diode;
use IronLatch\Core\Drive\Netlist\Netlist;
use IronLatch\Core\Drive\Netlist\Resistor;
use IronLatch\Core\Drive\Netlist\VoltageSource;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Mains\Sensing;
use IronLatch\Tests\Support\Ngspice;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The coupler that hears a state, at the peak of the mains, against ngspice: where the margin says that the pin falls, it falls. */
final class StateSenseAgainstNgspiceTest extends TestCase
{
    #[TestWith([10e3, true])]
    #[TestWith([2.2e3, true])]
    #[TestWith([680.0, false])]
    public function testThePinFallsWhereTheMarginSaysSo(float $pullOhms, bool $falls): void
    {
        $coupler = TestBoards::part('pc817', OptoCoupler::class);
        $board = TestBoards::edited(
            TestBoards::sound(),
            new SenseState('L2', $coupler),
            new SeatFunction('F6', '27'),
            new FitPull('F6', PullDirection::Up, $pullOhms),
        );
        $sense = $board->lines['L2']->sense;
        self::assertNotNull($sense);
        self::assertSame([94e3, 2], [$sense->seriesOhms, $sense->resistors]);
        $heard = Sensing::of(new Inspection($board), $board->lines['L2'])?->heard;
        self::assertNotNull($heard);
        self::assertSame($falls, $heard->nominal->value >= 1);
        $led = Diode::dropping('led', 'gnd', $coupler->ledVolts->typ, 5e-3);
        $netlist = new Netlist('state', [
            'mains' => new VoltageSource('peak', M_SQRT2 * 230.0),
            'series' => new Resistor('peak', 'led', $sense->seriesOhms),
            'supply' => new VoltageSource('vdd', 3.3),
            'pull' => new Resistor('vdd', 'pin', $pullOhms),
            'oc' => new Coupler('led', 'gnd', 'pin', 'gnd', $led->saturationAmps, $led->emission, $coupler->transferRatio->typ),
        ]);
        $lines = [];
        foreach ($netlist->elements as $name => $element) {
            array_push($lines, ...explode("\n", str_replace(' gnd', ' 0', $element->spice($name))));
        }
        $pin = Ngspice::operatingPoint($lines, ['v(pin)'])['v(pin)'];
        // Below a quarter of the supply it is read as low.
        self::assertSame($falls, $pin < 0.25 * 3.3, sprintf('%.2f V', $pin));
    }
}
