<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Drive;

use IronLatch\Core\Board\CouplerDriver;
use IronLatch\Core\Board\HighSidePair;
use IronLatch\Core\Board\InvertingPair;
use IronLatch\Core\Board\MosfetHighSide;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Catalogue\BridgeDriver;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\PMosfet;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Circuit\ArraySwitch;
use IronLatch\Core\Drive\Circuit\BridgeSwitch;
use IronLatch\Core\Drive\Circuit\CouplerSwitch;
use IronLatch\Core\Drive\Circuit\HighSideSwitch;
use IronLatch\Core\Drive\Circuit\InvertingSwitch;
use IronLatch\Core\Drive\Circuit\MosfetHighSideSwitch;
use IronLatch\Core\Drive\Circuit\MosfetSwitch;
use IronLatch\Core\Drive\Circuit\NpnSwitch;
use IronLatch\Core\Drive\Circuit\SwitchCircuit;
use IronLatch\Core\Drive\Netlist\Diode;
use IronLatch\Core\Drive\Netlist\Netlist;
use IronLatch\Core\Drive\Netlist\Resistor;
use IronLatch\Core\Drive\Netlist\Solver;
use IronLatch\Core\Drive\Netlist\SolverCode;
use IronLatch\Core\Drive\Netlist\VoltageSource as Source;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What holds of every driver circuit, whatever its values: laws of circuits, and what a corner promises. */
final class CircuitPropertiesTest extends TestCase
{
    /**
     * @return iterable<string, array{SwitchCircuit}>
     */
    public static function circuits(): iterable
    {
        $pin = TestBoards::part('esp32', Chip::class)->electrics;
        $relay = TestBoards::part('cube-5v', Relay::class);
        $rail = TestBoards::part('module-5v-10w', Supply::class)->output;
        $twelve = TestBoards::part('reinforced-12v', Relay::class);
        $twelveVolts = TestBoards::part('module-12v-10w', Supply::class)->output;
        $npn = TestBoards::part('npn-2n2222', Transistor::class);
        $pnp = TestBoards::part('pnp-2n2907', Transistor::class);
        yield 'NPN' => [new NpnSwitch($pin, $relay, $rail, new NpnLowSide('npn-2n2222', 560.0, 10e3), $npn)];
        yield 'NPN with too little drive' => [new NpnSwitch($pin, $relay, $rail, new NpnLowSide('npn-2n2222', 4.7e3, 10e3), $npn)];
        yield 'NPN without a resistor across its base' => [new NpnSwitch(
            $pin,
            $twelve,
            $twelveVolts,
            new NpnLowSide('npn-2n2222', 1e3, null),
            $npn,
        )];
        yield 'MOSFET' => [new MosfetSwitch(
            $pin,
            $relay,
            $rail,
            new MosfetLowSide('mosfet-2v5', 100.0, 10e3),
            TestBoards::part('mosfet-2v5', Mosfet::class),
        )];
        yield 'MOSFET that is hardly on' => [new MosfetSwitch(
            $pin,
            $relay,
            $rail,
            new MosfetLowSide('mosfet-10v', 100.0, 10e3),
            TestBoards::part('mosfet-10v', Mosfet::class),
        )];
        yield 'array' => [new ArraySwitch($pin, $relay, $rail, TestBoards::part('uln2003a', DarlingtonArray::class))];
        yield 'high side' => [new HighSideSwitch($pin, $twelve, $twelveVolts, new HighSidePair('n', 'p', 4.7e3, 2.2e3), $npn, $pnp)];
        yield 'MOSFET high side' => [new MosfetHighSideSwitch(
            $pin,
            $twelve,
            $twelveVolts,
            new MosfetHighSide('n', 'm', 4.7e3),
            $npn,
            TestBoards::part('p-mosfet-10v', PMosfet::class),
        )];
        yield 'inverting' => [new InvertingSwitch($pin, $relay, $rail, new InvertingPair('p', 'n', 4.7e3, 470.0), $pnp, $npn)];
        yield 'coupler' => [new CouplerSwitch(
            $pin,
            $relay,
            $rail,
            new CouplerDriver('c', 'n', 390.0, 470.0),
            TestBoards::part('pc817c', OptoCoupler::class),
            $npn,
        )];
        yield 'bridge' => [new BridgeSwitch($pin, $relay, $rail, TestBoards::part('drv8837', BridgeDriver::class))];
    }

    /**
     * No copy within the spreads is worse than the worst corner, or better than the best; nor does any draw more from its pin than
     * stated.
     */
    #[DataProvider('circuits')]
    public function testTheCornersEncloseEveryCopy(SwitchCircuit $circuit): void
    {
        $worst = $circuit->on($circuit->worst())->coilVolts;
        $best = $circuit->on($circuit->best())->coilVolts;
        self::assertLessThanOrEqual($best, $worst);
        $dice = new Randomizer(new Mt19937(5));
        foreach (range(1, 60) as $ignored) {
            $values = [];
            foreach ($circuit->parameters() as $name => $parameter) {
                // Half of them lie at an end, where the corners are.
                $where = [0.0, 1.0, $dice->getInt(0, 1000) / 1000, $dice->getInt(0, 1000) / 1000][$dice->getInt(0, 3)];
                $values[$name] = $parameter->spread->min + ($parameter->spread->max - $parameter->spread->min) * $where;
            }
            $point = $circuit->on($values);
            self::assertGreaterThanOrEqual($worst - 1e-6, $point->coilVolts);
            self::assertLessThanOrEqual($best + 1e-6, $point->coilVolts);
            self::assertLessThanOrEqual($circuit->greatestPinAmps() + 1e-9, abs($point->pinAmps));
        }
    }

    /** What is closed in the hand calculation and what Newton’s method finds are the same point. */
    #[DataProvider('circuits')]
    public function testTheNetlistHasTheSamePoint(SwitchCircuit $circuit): void
    {
        foreach ([$circuit->typical(), $circuit->worst(60.0), $circuit->best()] as $values) {
            $source = Level::High === $circuit->activeLevel() ? $values['pinVolts'] : 0.0;
            $mine = $circuit->at($values, $source, $values['pinOhms']);
            $solved = Solver::solve($circuit->netlist($values, $source, $values['pinOhms']));
            foreach (array_intersect_key($mine->nodes, $solved->volts) as $node => $volts) {
                self::assertEqualsWithDelta($solved->at($node), $volts, 2e-3, $circuit->title() . ' ' . $node);
            }
        }
    }

    /** The coil’s voltage and the switch’s make up the rail, and Ohm’s law holds for the coil. */
    #[DataProvider('circuits')]
    public function testVoltagesAddUp(SwitchCircuit $circuit): void
    {
        foreach ([$circuit->typical(), $circuit->worst(), $circuit->best()] as $values) {
            foreach ([$circuit->on($values), $circuit->off($values)] as $point) {
                self::assertEqualsWithDelta($point->coilAmps * $values['coilOhms'], $point->coilVolts, 1e-6);
                self::assertGreaterThan(-1e-6, $point->coilVolts);
                self::assertLessThan($values['railVolts'] + 1e-6, $point->coilVolts);
            }
            self::assertGreaterThanOrEqual($circuit->off($values)->coilVolts, $circuit->on($values)->coilVolts);
        }
    }

    /** A hot coil has more resistance, so it draws less and gets a little more of the rail; 40 K make 15.6 %. */
    #[DataProvider('circuits')]
    public function testAHotCoilDrawsLess(SwitchCircuit $circuit): void
    {
        $cold = $circuit->worst(20.0);
        $hot = $circuit->worst(60.0);
        self::assertEqualsWithDelta(1.156, $hot['coilOhms'] / $cold['coilOhms'], 1e-9);
        self::assertLessThanOrEqual($circuit->on($cold)->coilAmps * (1 + 1e-12), $circuit->on($hot)->coilAmps);
        self::assertGreaterThanOrEqual($circuit->on($cold)->coilVolts, $circuit->on($hot)->coilVolts);
    }

    /** The netlist is text that names each of its elements once, with source, rail and an analysis to run. */
    #[DataProvider('circuits')]
    public function testTheNetlistIsComplete(SwitchCircuit $circuit): void
    {
        $values = $circuit->typical();
        $text = $circuit->netlist($values, 3.3, 20.0)->spice();
        preg_match_all('/^([RDQMSFV]\S+) /m', $text, $names);
        self::assertSame(array_unique($names[1]), $names[1]);
        self::assertMatchesRegularExpression('/^Vsource source (0|gnd) DC 3\.3/m', $text);
        self::assertMatchesRegularExpression('/^\.op$/m', $text);
        self::assertStringEndsWith(".end\n", $text);
    }

    /** Two resistors and a diode, worked by hand: 5 V, 1 kΩ, and what is left over a junction of 1 fA at about 4.3 mA. */
    public function testADiodeBehindAResistor(): void
    {
        $point = Solver::solve(new Netlist(
            'diode',
            ['v' => new Source('in', 5.0), 'r' => new Resistor('in', 'a', 1e3), 'd' => new Diode('a', 'gnd', 1e-15, 1.0)],
        ));
        $amps = $point->through('in', 'a', 1e3);
        self::assertEqualsWithDelta(SolverCode::THERMAL_VOLTS * log($amps / 1e-15 + 1), $point->at('a'), 1e-6);
        self::assertEqualsWithDelta(4.25e-3, $amps, 0.02e-3);
    }

    public function testAnUnloadedDividerIsExact(): void
    {
        $point = Solver::solve(new Netlist(
            'divider',
            ['v' => new Source('in', 10.0), 'a' => new Resistor('in', 'm', 3e3), 'b' => new Resistor('m', 'gnd', 2e3)],
        ));
        self::assertEqualsWithDelta(4.0, $point->at('m'), 1e-8);
    }
}
