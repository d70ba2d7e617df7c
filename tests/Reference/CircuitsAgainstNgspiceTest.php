<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Board\CouplerDriver;
use IronLatch\Core\Board\HighSidePair;
use IronLatch\Core\Board\InvertingPair;
use IronLatch\Core\Board\MosfetHighSide;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\PMosfet;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Drive\Circuit\ArraySwitch;
use IronLatch\Core\Drive\Circuit\BridgeSwitch;
use IronLatch\Core\Drive\Circuit\CouplerSwitch;
use IronLatch\Core\Drive\Circuit\HighSideSwitch;
use IronLatch\Core\Drive\Circuit\InvertingSwitch;
use IronLatch\Core\Drive\Circuit\MosfetHighSideSwitch;
use IronLatch\Core\Drive\Circuit\MosfetSwitch;
use IronLatch\Core\Drive\Circuit\NpnSwitch;
use IronLatch\Core\Drive\Circuit\SwitchCircuit;
use IronLatch\Core\Drive\Netlist\Resistor;
use IronLatch\Core\Drive\Netlist\VoltageSource as Source;
use IronLatch\Tests\Support\Ngspice;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Operating points of generated driver circuits of every kind, on and off and at their corners, against ngspice (Debian
 * package) run on our own netlists: node voltages within 1 % or 10 mV, currents within 1 % or 1 µA.
 */
final class CircuitsAgainstNgspiceTest extends TestCase
{
    /**
     * @return iterable<string, array{string, int}>
     */
    public static function circuits(): iterable
    {
        foreach (['npn', 'mosfet', 'array', 'high side', 'inverting', 'coupler', 'bridge', 'MOSFET high side'] as $kind) {
            foreach (range(1, 11) as $seed) {
                yield $kind . ' ' . $seed => [$kind, $seed];
            }
        }
    }

    #[DataProvider('circuits')]
    public function testNodesAndCurrentsAgree(string $kind, int $seed): void
    {
        $dice = new Randomizer(new Mt19937($seed));
        $circuit = self::circuit($kind, $dice);
        $values = [];
        foreach ($circuit->parameters() as $name => $parameter) {
            $values[$name] = $parameter->spread->min + ($parameter->spread->max - $parameter->spread->min)
                * ($dice->getInt(0, 1000) / 1000);
        }
        foreach ([$circuit->typical(), $circuit->worst(), $circuit->best(), $values] as $corner) {
            $isHigh = 'inverting' !== $kind;
            $this->agrees($circuit, $corner, $isHigh ? $corner['pinVolts'] : 0.0, $corner['pinOhms']);
        }
        // A weak pull, as at reset: half on, where every mistake shows.
        $this->agrees($circuit, $values, $values['pinVolts'] * $dice->getInt(100, 900) / 1000, 30e3);
    }

    /**
     * @param array<string, float> $values
     */
    private function agrees(SwitchCircuit $circuit, array $values, float $volts, float $ohms): void
    {
        $point = $circuit->at($values, $volts, $ohms);
        $netlist = $circuit->netlist($values, $volts, $ohms);
        $nodes = [];
        foreach ($netlist->elements as $element) {
            foreach ($element instanceof Source
                ? [$element->node]
                : ($element instanceof Resistor ? [$element->from, $element->to] : []) as $node) {
                $nodes[$node] = true;
            }
        }
        unset($nodes['gnd']);
        $lines = [];
        foreach ($netlist->elements as $name => $element) {
            array_push($lines, ...explode("\n", $element->spice($name)));
        }
        $spice = Ngspice::operatingPoint(
            $lines,
            [...array_map(static fn(string $node): string => "v($node)", array_keys($nodes)),
                'vsource#branch',
                'vrail#branch',
            ],
        );
        foreach (array_intersect_key($point->nodes, $nodes) as $node => $mine) {
            self::assertEqualsWithDelta(
                $spice["v($node)"],
                $mine,
                max(0.01, 0.01 * abs($spice["v($node)"])),
                $circuit->title() . ' ' . $node,
            );
        }
        self::assertEqualsWithDelta(
            -$spice['vsource#branch'],
            $point->pinAmps,
            max(1e-6, 0.01 * abs($spice['vsource#branch'])),
            $circuit->title() . ' pin current',
        );
        $winding = $netlist->elements['coil'];
        self::assertInstanceOf(Resistor::class, $winding);
        $coil = $spice["v($winding->from)"] - ('gnd' === $winding->to ? 0.0 : $spice["v($winding->to)"]);
        self::assertEqualsWithDelta($coil, $point->coilVolts, max(0.01, 0.01 * abs($coil)), $circuit->title() . ' coil');
        self::assertEqualsWithDelta(
            $coil / $values['coilOhms'],
            $point->coilAmps,
            max(1e-6, 0.01 * abs($coil / $values['coilOhms'])),
            $circuit->title() . ' coil current',
        );
    }

    private static function circuit(string $kind, Randomizer $dice): SwitchCircuit
    {
        $one = static fn(array $of): mixed => $of[$dice->getInt(0, count($of) - 1)];
        $ohms = static fn(float $least, float $greatest): float => $least * ($greatest / $least) ** ($dice->getInt(0, 1000) / 1000);
        $chip = $one(['esp32', 'esp8266', 'atmega328p', 'rp2040']);
        $pin = TestBoards::part(is_string($chip) ? $chip : '', Chip::class)->electrics;
        $is12 = 0 === $dice->getInt(0, 1) || str_ends_with($kind, 'high side');
        $relay = TestBoards::part($is12 ? 'reinforced-12v' : 'cube-5v', Relay::class);
        $rail = TestBoards::part($is12 ? 'module-12v-10w' : 'module-5v-10w', Supply::class)->output;
        $npn = $one(['npn-2n2222', 'npn-bc547b']);
        $npn = TestBoards::part(is_string($npn) ? $npn : '', \IronLatch\Core\Catalogue\Transistor::class);
        $pnp = TestBoards::part('pnp-2n2907', \IronLatch\Core\Catalogue\Transistor::class);
        $mosfet = $one(['mosfet-2v5', 'mosfet-4v5', 'mosfet-10v']);
        $coupler = $one(['pc817', 'pc817c']);

        return match ($kind) {
            'npn' => new NpnSwitch(
                $pin,
                $relay,
                $rail,
                new NpnLowSide($npn->identity->id, $ohms(220.0, 47e3), 0 === $dice->getInt(0, 1) ? null : $ohms(1e3, 100e3)),
                $npn,
            ),
            'mosfet' => new MosfetSwitch(
                $pin,
                $relay,
                $rail,
                new MosfetLowSide('m', $ohms(10.0, 10e3), 0 === $dice->getInt(0, 1) ? null : $ohms(4.7e3, 1e6)),
                TestBoards::part(is_string($mosfet) ? $mosfet : '', \IronLatch\Core\Catalogue\Mosfet::class),
            ),
            'bridge' => new BridgeSwitch($pin, $relay, $rail, TestBoards::part('drv8837', \IronLatch\Core\Catalogue\BridgeDriver::class)),
            'array' => new ArraySwitch($pin, $relay, $rail, TestBoards::part('uln2003a', \IronLatch\Core\Catalogue\DarlingtonArray::class)),
            'high side' => new HighSideSwitch(
                $pin,
                $relay,
                $rail,
                new HighSidePair('n', 'p', $ohms(470.0, 47e3), $ohms(220.0, 22e3), $ohms(1e3, 47e3), $ohms(1e3, 100e3)),
                $npn,
                $pnp,
            ),
            'MOSFET high side' => new MosfetHighSideSwitch(
                $pin,
                $relay,
                $rail,
                new MosfetHighSide('n', 'm', $ohms(470.0, 47e3), $ohms(10.0, 22e3), $ohms(2.2e3, 100e3), $ohms(1e3, 100e3)),
                $npn,
                TestBoards::part(0 === $dice->getInt(0, 1) ? 'p-mosfet-4v5' : 'p-mosfet-10v', PMosfet::class),
            ),
            'inverting' => new InvertingSwitch(
                $pin,
                $relay,
                $rail,
                new InvertingPair('p', 'n', $ohms(470.0, 47e3), $ohms(100.0, 10e3), $ohms(1e3, 47e3), $ohms(1e3, 100e3)),
                $pnp,
                $npn,
            ),
            default => new CouplerSwitch(
                $pin,
                $relay,
                $rail,
                new CouplerDriver('c', 'n', $ohms(100.0, 4.7e3), $ohms(47.0, 10e3), $ohms(1e3, 100e3)),
                TestBoards::part(is_string($coupler) ? $coupler : '', \IronLatch\Core\Catalogue\OptoCoupler::class),
                $npn,
            ),
        };
    }
}
