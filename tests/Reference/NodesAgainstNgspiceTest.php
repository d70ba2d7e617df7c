<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Drivers\DriveByTransistor;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Circuit\OptoInput;
use IronLatch\Core\Drive\Netlist\SolverCode;
use IronLatch\Core\Pins\Seating;
use IronLatch\Tests\Support\Ngspice;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Module inputs and strapped nodes against ngspice (Debian package): the whole node as a netlist, with the facts of the part files. */
final class NodesAgainstNgspiceTest extends TestCase
{
    private const VT = SolverCode::THERMAL_VOLTS;

    /**
     * @return iterable<string, array{float, float, int, float, float}>
     */
    public static function inputs(): iterable
    {
        yield 'pin low' => [5.0, 3.05, 2, 0.0, 10.0];
        yield 'pin at 3.3 V' => [5.0, 3.05, 2, 3.3, 20.0];
        yield 'no LED in series, pin at 3.3 V' => [5.0, 1.15, 1, 3.3, 20.0];
        yield 'pin pulled down by 45 kΩ' => [5.0, 3.05, 2, 0.0, 45e3];
        yield 'carrier pulls down by 12 kΩ' => [5.0, 3.05, 2, 0.0, 12e3];
        yield 'highest supply, lowest LEDs' => [5.1, 2.8, 2, 3.2, 12.0];
    }

    #[DataProvider('inputs')]
    public function testModuleInputCurrents(float $supply, float $ledVolts, int $leds, float $node, float $ohms): void
    {
        $each = $ledVolts / $leds;
        $chain = 1 === $leds ? ['D1 a n led'] : ['D1 a m led', 'D2 m n led'];
        $spice = Ngspice::operatingPoint([
            sprintf('Vs s 0 %.9g', $supply),
            'Rs s a 1000',
            ...$chain,
            sprintf('Rn n p %.9g', $ohms),
            sprintf('Vp p 0 %.9g', $node),
            self::led($each),
        ], ['vs#branch', 'v(n)']);
        $amps = OptoInput::amps($supply, 1000.0, $ledVolts, $leds, $node, $ohms);
        self::assertEqualsWithDelta(-$spice['vs#branch'], $amps, max(1e-9, 0.003 * $amps));
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function strapped(): iterable
    {
        foreach (['module on 12', 'module on 2', 'base on 0', 'base with resistor on 0', 'pull-up on 12', 'LED on 0'] as $case) {
            yield $case => [$case];
        }
    }

    #[DataProvider('strapped')]
    public function testStrappedNodes(string $case): void
    {
        $sound = TestBoards::sound();
        $transistor = TestBoards::part('npn-2n2222', Transistor::class);
        $module = new DriveByModule(['A1'], TestBoards::part('opto-module-low', OptoModule::class));
        // Supply and pulls of the chip, coil and transistor at their typical values, from the part files.
        $up = ['Vdd dd 0 3.3', 'Rup dd n 45000'];
        $down = ['Rdown n 0 45000'];
        $opto = ['Vs s 0 5', 'Rs s a 1000', 'D1 a m ind', 'D2 m n opto', self::led(1.9, 'ind'), self::led(1.15, 'opto')];
        $base = ['Rb n b 1000', 'Vr r 0 5', 'Rc r c 62', 'Q1 c b 0 tr', '.model tr NPN(IS=1.4e-14 BF=200 BR=4 RC=0.6)'];
        $one = match ($case) {
            'module on 12' => [TestBoards::edited($sound, $module, new SeatFunction('F1', '12')), [...$down, ...$opto]],
            'module on 2' => [TestBoards::edited($sound, $module, new SeatFunction('F1', '2')), [...$down, ...$opto]],
            'base on 0' => [
                TestBoards::edited($sound, new DriveByTransistor(['A1'], $transistor, 1000.0), new SeatFunction('F1', '0')),
                [...$up, ...$base],
            ],
            'base with resistor on 0' => [
                TestBoards::edited($sound, new DriveByTransistor(['A1'], $transistor, 1000.0, 10e3), new SeatFunction('F1', '0')),
                [...$up, ...$base, 'Rbe b 0 10000'],
            ],
            'pull-up on 12' => [
                TestBoards::edited($sound, new FitPull('F3', PullDirection::Up, 10e3), new SeatFunction('F3', '12')),
                [...$down, 'Vdd dd 0 3.3', 'Rext dd n 10000'],
            ],
            'LED on 0' => [
                TestBoards::edited($sound, new AddFunction(FunctionKind::StatusLed, 'Light'), new SeatFunction('F6', '0')),
                [...$up, 'D1 n m led', 'Rl m 0 470', self::led(1.9)],
            ],
            default => throw new \LogicException($case),
        };
        $nodes = array_values(Seating::of($one[0])->strappedNodes);
        self::assertCount(1, $nodes);
        self::assertEqualsWithDelta(Ngspice::operatingPoint($one[1], ['v(n)'])['v(n)'], $nodes[0]->volts, 0.005);
    }

    /** A diode with emission coefficient 2 through the given voltage at 2 mA. */
    private static function led(float $volts, string $name = 'led'): string
    {
        return sprintf('.model %s D(IS=%.9g N=2)', $name, 2e-3 / (exp($volts / (2 * self::VT)) - 1));
    }
}
