<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BridgeOutput;
use IronLatch\Core\Board\CouplerDriver;
use IronLatch\Core\Board\DirectDrive;
use IronLatch\Core\Board\Driver;
use IronLatch\Core\Board\DriverSchool;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Relays\AddSecondWinding;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Relays\SwitchDirectly;
use IronLatch\Core\Board\Edit\Whole\SetHouseRules;
use IronLatch\Core\Board\HighSidePair;
use IronLatch\Core\Board\InvertingPair;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Board\PartUse;
use IronLatch\Core\Catalogue\BridgeDriver;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Edits of driver circuits: what they change, what they refuse, and in which words. */
final class DriverEditsTest extends TestCase
{
    /**
     * @return iterable<string, array{Driver, Level, ?string, list<string>}> circuit, active level, part that switches, parts
     */
    public static function drivers(): iterable
    {
        yield 'none' => [new DirectDrive(), Level::High, null, []];
        yield 'NPN' => [new NpnLowSide('q', 470.0), Level::High, 'q', ['q']];
        yield 'MOSFET' => [new MosfetLowSide('m', 100.0, 10e3), Level::High, 'm', ['m']];
        yield 'array' => [new ArrayChannel('a'), Level::High, 'a', ['a']];
        yield 'high side' => [new HighSidePair('n', 'p', 4.7e3, 1e3), Level::High, 'p', ['n', 'p']];
        yield 'inverting' => [new InvertingPair('p', 'n', 4.7e3, 470.0), Level::Low, 'n', ['p', 'n']];
        yield 'coupler' => [new CouplerDriver('c', 'n', 390.0, 470.0), Level::High, 'n', ['c', 'n']];
        yield 'bridge' => [new BridgeOutput('b'), Level::High, 'b', ['b']];
        yield 'module, active low' => [new OptoModuleInput('o', Level::Low), Level::Low, null, ['o']];
        yield 'module, jumper set to high' => [new OptoModuleInput('o', Level::High), Level::High, null, ['o']];
    }

    /**
     * @param list<string> $parts
     */
    #[DataProvider('drivers')]
    public function testACircuitKnowsItsLevelAndItsParts(Driver $driver, Level $level, ?string $switch, array $parts): void
    {
        self::assertSame([$level, $switch, $parts], [
            $driver->inherentActiveLevel(),
            $driver->switchPart(),
            array_map(static fn(PartUse $use): string => $use->id, $driver->parts()),
        ]);
        self::assertEquals($driver, $driver->withValue('noSuchOhms', 1e3), 'A resistor that it does not have changes nothing.');
    }

    /**
     * @return iterable<string, array{Driver, string}> circuit and the resistor of it that is changed
     */
    public static function resistors(): iterable
    {
        yield 'base' => [new NpnLowSide('q', 470.0, 10e3), 'baseOhms'];
        yield 'base to emitter' => [new NpnLowSide('q', 470.0, 10e3), 'baseEmitterOhms'];
        yield 'gate' => [new MosfetLowSide('m', 100.0, 10e3), 'gateOhms'];
        yield 'gate pull-down' => [new MosfetLowSide('m', 100.0, 10e3), 'pullDownOhms'];
        yield 'base of the high side' => [new HighSidePair('n', 'p', 4.7e3, 1e3), 'baseOhms'];
        yield 'coupling of the high side' => [new HighSidePair('n', 'p', 4.7e3, 1e3), 'couplingOhms'];
        yield 'emitter to base of the high side' => [new HighSidePair('n', 'p', 4.7e3, 1e3), 'emitterBaseOhms'];
        yield 'input of the inverting pair' => [new InvertingPair('p', 'n', 4.7e3, 470.0), 'inputOhms'];
        yield 'coupling of the inverting pair' => [new InvertingPair('p', 'n', 4.7e3, 470.0), 'couplingOhms'];
        yield 'LED of the coupler' => [new CouplerDriver('c', 'n', 390.0, 470.0), 'ledOhms'];
        yield 'coupling of the coupler' => [new CouplerDriver('c', 'n', 390.0, 470.0), 'couplingOhms'];
    }

    #[DataProvider('resistors')]
    public function testOneResistorIsChangedAndTheOthersStay(Driver $driver, string $name): void
    {
        $changed = get_object_vars($driver->withValue($name, 2.2e3));
        self::assertSame(2.2e3, $changed[$name]);
        self::assertEquals([...get_object_vars($driver), $name => 2.2e3], $changed);
        try {
            $driver->withValue($name, 1e9);
            self::fail('1 GΩ was taken.');
        } catch (\InvalidArgumentException $refused) {
            self::assertMatchesRegularExpression(
                '/ lies between [\d.]+ k?Ω and [\d.]+ [kM]?Ω\. Usual (is|are) .+\.$/u',
                $refused->getMessage(),
            );
        }
    }

    /**
     * @return iterable<string, array{Board, Edit, string}>
     */
    public static function refusals(): iterable
    {
        $board = TestBoards::sound();
        $mosfet = TestBoards::edited(
            $board,
            new ChooseDriver(['A1'], new MosfetLowSide('mosfet-2v5', 100.0, 10e3), [TestBoards::part('mosfet-2v5', Mosfet::class)]),
        );
        $two = TestBoards::edited($board, new ChooseRelay(['A1'], TestBoards::part('bistable-5v-two', Relay::class)));
        yield 'resistor of another circuit' => [
            $mosfet,
            new SetDriverValue(['A1'], 'baseOhms', 560.0),
            'The driver of “Lamp relay” has no base resistor. Choose that driver first.',
        ];
        yield 'no such resistor' => [
            $board,
            new SetDriverValue(['A1'], 'magicOhms', 560.0),
            'No driver circuit has a resistor of this name. Load the page again.',
        ];
        yield 'part that is missing' => [
            $board,
            new ChooseDriver(['A1'], new MosfetLowSide('mosfet-2v5', 100.0, 10e3), []),
            'The facts of the part “mosfet-2v5” (driver of relay A1) are missing from the board.',
        ];
        yield 'part of another kind' => [
            $board,
            new ChooseDriver(['A1'], new BridgeOutput('npn-2n2222'), [TestBoards::part('npn-2n2222', Transistor::class)]),
            'The part “npn-2n2222” cannot be the driver of relay A1.',
        ];
        yield 'NPN where a PNP belongs' => [
            $board,
            new ChooseDriver(
                ['A1'],
                new InvertingPair('npn-2n2222', 'npn-2n2222', 4.7e3, 470.0),
                [TestBoards::part('npn-2n2222', Transistor::class)],
            ),
            'The transistor “npn-2n2222” of relay A1 must be a PNP.',
        ];
        yield 'PNP where an NPN belongs' => [
            $board,
            new ChooseDriver(['A1'], new NpnLowSide('pnp-2n2907', 470.0), [TestBoards::part('pnp-2n2907', Transistor::class)]),
            'The transistor “pnp-2n2907” of relay A1 must be an NPN.',
        ];
        foreach ([
            'high side' => new HighSidePair('pnp-2n2907', 'pnp-2n2907', 4.7e3, 1e3),
            'inverting' => new InvertingPair('pnp-2n2907', 'pnp-2n2907', 4.7e3, 470.0),
        ] as $name => $pair) {
            yield 'PNP as the NPN of a pair: ' . $name => [
                $board,
                new ChooseDriver(['A1'], $pair, [TestBoards::part('pnp-2n2907', Transistor::class)]),
                'The transistor “pnp-2n2907” of relay A1 must be an NPN.',
            ];
        }
        yield 'PNP behind a coupler' => [
            $board,
            new ChooseDriver(
                ['A1'],
                new CouplerDriver('pc817', 'pnp-2n2907', 390.0, 470.0),
                [TestBoards::part('pnp-2n2907', Transistor::class), TestBoards::part('pc817', OptoCoupler::class)],
            ),
            'The transistor “pnp-2n2907” of relay A1 must be an NPN.',
        ];
        yield 'opening of a relay that opens by itself' => [
            $board,
            new AddSecondWinding('A1'),
            'The relay of “Lamp” opens by itself. Fit a bistable relay first.',
        ];
        yield 'opening of one winding without a bridge' => [
            TestBoards::edited($board, new ChooseRelay(['A1'], TestBoards::part('bistable-5v-one', Relay::class))),
            new AddSecondWinding('A1'),
            'The relay of “Lamp” has one winding, whose current must be turned round to open. Drive it by a full bridge first.',
        ];
        yield 'opening twice' => [
            TestBoards::edited($two, new AddSecondWinding('A1')),
            new AddSecondWinding('A1'),
            'The opening of “Lamp” is driven already.',
        ];
        yield 'mains without a relay' => [
            $board,
            new SwitchDirectly(['A2']),
            '“Airer” runs from the mains, and only a relay may switch the mains.',
        ];
        yield 'relay that is gone' => [
            $board,
            new SwitchDirectly(['A9']),
            'The relay A9 is not on this board any more. Look at the newest revision.',
        ];
        yield 'forced gain of nothing' => [
            $board,
            new SetHouseRules(0.5, 0.8),
            'The forced gain of the house rules lies between 1 and 100. Usual are 10 and 20.',
        ];
    }

    #[DataProvider('refusals')]
    public function testIsRefusedInPlainWords(Board $board, Edit $edit, string $sentence): void
    {
        try {
            $edit->apply($board);
            self::fail('It was made.');
        } catch (EditRefused|\InvalidArgumentException $refused) {
            self::assertSame($sentence, $refused->getMessage());
        }
    }

    public function testEachEditSaysWhatItDoes(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new ChooseRelay(['A1'], TestBoards::part('bistable-5v-two', Relay::class)));
        $said = array_map(static fn(Edit $edit): string => $edit->summary($board), [
            new SetDriverValue(['A1', 'A2'], 'baseOhms', 560.0),
            new SetDriverValue(['A1'], 'baseEmitterOhms', null),
            new ChooseDriver(['A2'], new BridgeOutput('drv8837'), [TestBoards::part('drv8837', BridgeDriver::class)], 'a full bridge'),
            new AddSecondWinding('A1'),
            new SwitchDirectly(['A1']),
            new SetHouseRules(10.0, 0.8, 1.0, DriverSchool::SingleParts, Level::High),
        ]);
        self::assertSame([
            'Fit 560 Ω as base resistor for “Lamp”, “Airer”',
            'Take out the base–emitter resistor for “Lamp”',
            'Drive “Airer” by a full bridge',
            'Open the relay of “Lamp” from an output of its own',
            'Switch “Lamp” without a relay',
            'Judge by forced gain ×10, supply load ×0.8 and long cables from 1 m, prefer single parts, prefer active high',
        ], $said);
    }

    /** The circuit brings its active level, so that what is derived from it follows. */
    public function testAnInvertingPairMakesTheLineActiveLow(): void
    {
        $parts = [TestBoards::part('pnp-2n2907', Transistor::class), TestBoards::part('npn-2n2222', Transistor::class)];
        $board = TestBoards::edited(
            TestBoards::sound(),
            new ChooseDriver(['A1', 'A2'], new InvertingPair('pnp-2n2907', 'npn-2n2222', 4.7e3, 470.0), $parts),
        );
        foreach ($board->actuators() as $actuator) {
            self::assertSame(Level::Low, $actuator->activeLevel->value);
        }
        self::assertNull(TestBoards::inspect($board)->finding('drive.active-level:A1'));
    }
}
