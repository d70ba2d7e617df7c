<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controller\ChooseController;
use IronLatch\Core\Board\Edit\Controller\StateRadio;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\RemoveSurface;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Board\Edit\Drivers\DriveDirectly;
use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\ChangeFunctionKind;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Functions\RemoveFunction;
use IronLatch\Core\Board\Edit\Functions\RemovePull;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\DescribeAppliance;
use IronLatch\Core\Board\Edit\Lines\DuplicateLine;
use IronLatch\Core\Board\Edit\Lines\RemoveLine;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Board\Edit\Lines\SetDefaultRelay;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Mains\ChooseMains;
use IronLatch\Core\Board\Edit\Pins\LockSeat;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Pins\SwapSeats;
use IronLatch\Core\Board\Edit\Pins\UnseatFunction;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\FeedAppliance;
use IronLatch\Core\Board\Edit\Power\FeedCoils;
use IronLatch\Core\Board\Edit\Power\RemoveRail;
use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Board\Edit\Relays\RemoveRelay;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\MainsSystem;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Record\Knowledge;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordShape;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EditsTest extends TestCase
{
    public function testALineComesWithTheUsualRelayAndItsOutput(): void
    {
        $board = TestBoards::edited(TestBoards::bare(), new AddLine('Kettle', TestBoards::part('iron', Appliance::class)));
        $line = $board->lines['L1'];
        self::assertSame([Knowledge::Assumed, 2200.0], [$line->watts->knowledge, $line->watts->value]);
        self::assertSame(Knowledge::Unknown, $line->conductor->knowledge, 'Which conductor is switched must be stated by the maker.');
        self::assertSame('Kettle relay', $board->functions['F1']->name);
        self::assertSame(
            ['reinforced-5v', 'F1', 'R1', Level::High],
            [
                $line->actuators['A1']->relay,
                $line->actuators['A1']->function,
                $line->actuators['A1']->rail,
                $line->actuators['A1']->activeLevel->value,
            ],
        );
        self::assertSame(['A' => 1, 'F' => 1, 'H' => 1, 'L' => 1, 'R' => 1], $board->lastIds);
    }

    public function testIdsAreNeverGivenTwice(): void
    {
        $lamp = TestBoards::part('led-lamp', Appliance::class);
        $board = TestBoards::edited(
            TestBoards::bare(),
            new AddLine('One', $lamp),
            new AddLine('Two', $lamp),
            new RemoveLine('L2'),
            new AddLine('Three', $lamp),
        );
        self::assertSame(['L1', 'L3'], array_keys($board->lines));
        self::assertSame(['F1', 'F3'], array_keys($board->functions));
    }

    public function testRemovingALineKeepsWhatOthersShare(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddSurface('L1', SurfaceKind::InfraredKey),
            new AddSurface('L2', SurfaceKind::InfraredKey),
        );
        $receiver = array_key_last($board->functions);
        self::assertSame(FunctionKind::InfraredReceiver, $board->functions[$receiver]->kind);
        $board = TestBoards::edited($board, new RemoveLine('L1'));
        self::assertArrayHasKey($receiver, $board->functions);
        self::assertSame(
            ['F2', 'F4', 'F5', $receiver],
            array_keys($board->functions),
            'Output and switch of the line are gone, with their seats.',
        );
        self::assertSame(['F2', 'F4', 'F5'], array_keys($board->seats));
        self::assertArrayNotHasKey($receiver, TestBoards::edited($board, new RemoveLine('L2'))->functions);
    }

    public function testDuplicatingALineGivesItFunctionsOfItsOwn(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddSurface('L1', SurfaceKind::InfraredKey),
            new DuplicateLine('L1', 'Second lamp'),
        );
        $copy = $board->lines['L3'];
        self::assertSame(['Second lamp', SwitchedConductor::Live], [$copy->name, $copy->conductor->value]);
        $functions = array_map(static fn($surface): string => $surface->function, array_values($copy->surfaces));
        self::assertNotContains('F3', $functions, 'A wall switch is not shared');
        self::assertContains('F6', $functions, 'but the receiver is.');
        self::assertArrayNotHasKey($copy->actuators['A3']->function, $board->seats);
    }

    public function testRenamingALineRenamesItsOutputUnlessNamedByHand(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new RenameLine('L1', 'Hall'));
        self::assertSame('Hall relay', $board->functions['F1']->name);
    }

    public function testAnotherApplianceForgetsWhatWasSaidOfTheWiring(): void
    {
        $valve = new ChooseAppliance('L1', TestBoards::part('shut-off-valve', Appliance::class));
        $board = TestBoards::edited(TestBoards::sound(), new ChooseAppliance('L1', TestBoards::part('filament-lamp', Appliance::class)));
        self::assertSame(SwitchedConductor::Live, $board->lines['L1']->conductor->value);
        $board = TestBoards::edited($board, $valve, new FeedAppliance('L1', 'R1'));
        self::assertSame([SwitchedConductor::DcPositive, 'R1'], [$board->lines['L1']->conductor->value, $board->lines['L1']->feed]);
        $board = TestBoards::edited($board, new ChooseAppliance('L1', TestBoards::part('led-lamp', Appliance::class)));
        self::assertSame([Knowledge::Unknown, null], [$board->lines['L1']->conductor->knowledge, $board->lines['L1']->feed]);
    }

    public function testAnotherControllerKeepsTheSeatsThatItHas(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new SeatFunction('F1', '4'),
            new ChooseController(TestBoards::part('esp8266-carrier-30', Carrier::class), TestBoards::part('esp8266', Chip::class)),
        );
        self::assertSame(['F1' => 'GPIO4'], array_map(static fn($seat): string => $seat->pin, $board->seats));
        self::assertSame('D2', $board->controller()->pins['GPIO4']->label());
    }

    public function testTheRadioIsAssumedAnewWithTheController(): void
    {
        $esp32 = new ChooseController(TestBoards::part('esp32-carrier-38', Carrier::class), TestBoards::part('esp32', Chip::class));
        $atmega = new ChooseController(
            TestBoards::part('atmega328p-carrier-30', Carrier::class),
            TestBoards::part('atmega328p', Chip::class),
        );
        $board = TestBoards::bare('atmega328p-carrier-30', 'atmega328p');
        self::assertSame([Knowledge::Assumed, false], [$board->program->radioUsed->knowledge, $board->program->radioUsed->value]);
        $board = TestBoards::edited($board, $esp32);
        self::assertSame(
            [Knowledge::Assumed, true],
            [$board->program->radioUsed->knowledge, $board->program->radioUsed->value],
            'or a converter that the radio takes would pass for good',
        );
        // What is inside a module is said of that module: another one is asked about anew, and the summary says so.
        $modern = TestBoards::edited(TestBoards::bare(), $atmega);
        self::assertNull($modern->mcu->innerMemory);
        self::assertNotNull(TestBoards::edited(TestBoards::bare(), $esp32)->mcu->innerMemory, 'The same controller keeps it.');
        self::assertStringContainsString('inner memory (no)', $atmega->summary(TestBoards::bare()));
        $board = TestBoards::edited(
            $board,
            new StateRadio(false),
            new ChooseController(TestBoards::part('esp8266-carrier-30', Carrier::class), TestBoards::part('esp8266', Chip::class)),
        );
        self::assertSame(
            [Knowledge::Stated, false],
            [$board->program->radioUsed->knowledge, $board->program->radioUsed->value],
            'What the maker stated stays.',
        );
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage('has no radio');
        TestBoards::edited($board, $atmega, new StateRadio(true));
    }

    public function testADriverBringsItsActiveLevel(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new DriveByModule(['A1'], TestBoards::part('opto-module-low', OptoModule::class)));
        self::assertSame(Level::Low, $board->actuator('A1')->activeLevel->value);
    }

    public function testResistorsAreSetAndRemovedForSeveralRelays(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new SetDriverValue(['A1', 'A2'], 'baseOhms', 330.0),
            new SetDriverValue(['A2'], 'baseEmitterOhms', null),
        );
        $drivers = array_map(static fn(Actuator $actuator) => $actuator->driver, $board->actuators());
        self::assertEquals(
            ['A1' => new NpnLowSide('npn-2n2222', 330.0, 10e3), 'A2' => new NpnLowSide('npn-2n2222', 330.0, null)],
            $drivers,
        );
    }

    public function testSeatsMoveSwapAndStayLocked(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new SwapSeats('F1', 'F2'), new LockSeat('F1', true));
        self::assertSame(['GPIO22', 'GPIO23', true], [$board->seats['F1']->pin, $board->seats['F2']->pin, $board->seats['F1']->locked]);
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage('locked');
        (new SeatFunction('F1', '4'))->apply($board);
    }

    public function testAMultipleEditIsAllOrNothing(): void
    {
        $board = TestBoards::sound();
        try {
            (new Sequence('two', [new RenameLine('L1', 'Changed'), new RenameLine('L7', 'Lost')]))->apply($board);
            self::fail('Made although the second part cannot be.');
        } catch (EditRefused $refused) {
            self::assertSame('Lamp', $board->lines['L1']->name);
        }
    }

    /**
     * @return iterable<string, array{Edit, string}>
     */
    public static function refused(): iterable
    {
        yield 'no name' => [new AddLine(' ', TestBoards::part('led-lamp', Appliance::class)), 'Give it a name first.'];
        yield 'relay output by hand' => [new AddFunction(FunctionKind::RelayOutput, 'X'), 'comes with its relay'];
        yield 'relay output made a button' => [new ChangeFunctionKind('F1', FunctionKind::Button), 'Remove the relay instead'];
        yield 'relay output removed' => [new RemoveFunction('F1'), 'Remove the relay instead'];
        yield 'sensor rule without a sensor' => [new AddSurface('L1', SurfaceKind::SensorRule), 'add the sensor on Pins first'];
        yield 'button on a wall switch' => [
            new AddSurface('L1', SurfaceKind::PushButton, 'F3'),
            'is a maintained switch and cannot serve as a push button',
        ];
        yield 'rail in use' => [new RemoveRail('R1'), 'still feeds something'];
        yield 'appliance on mains fed from a rail' => [new FeedAppliance('L1', 'R1'), 'runs from the mains'];
        yield 'no such rail' => [new FeedCoils(['A1'], 'R9'), 'The rail R9 is not on this board any more'];
        yield 'nothing chosen' => [new DriveDirectly([]), 'Choose at least one relay'];
        yield 'resistor without a transistor' => [
            new Sequence('', [new DriveDirectly(['A1']), new SetDriverValue(['A1'], 'baseOhms', 470.0)]),
            'has no base resistor',
        ];
        yield 'seat that is not there' => [new UnseatFunction('F9'), 'The function F9 is not on this board any more'];
        yield 'too many watts' => [new StateLoad('L1', 99e3), 'above 0 W, up to 20 kW. Take the figure'];
        yield 'chip of another carrier' => [
            new ChooseController(TestBoards::part('esp8266-carrier-30', Carrier::class), TestBoards::part('esp32', Chip::class)),
            'does not carry that chip',
        ];
    }

    #[DataProvider('refused')]
    public function testIsRefusedInPlainWords(Edit $edit, string $words): void
    {
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage($words);
        $edit->apply(TestBoards::sound());
    }

    /**
     * @return iterable<string, array{Edit, \Closure(Board): mixed, mixed}>
     */
    public static function simple(): iterable
    {
        yield 'mains' => [
            new ChooseMains(TestBoards::part('mains-120', MainsSystem::class)),
            static fn(Board $b) => $b->system()->volts,
            120.0,
        ];
        yield 'supply' => [
            new ChooseSupply('R1', TestBoards::part('module-5v-3w', Supply::class)),
            static fn(Board $b) => $b->source('R1')?->ratedAmps,
            0.6,
        ];
        yield 'rail' => [
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            static fn(Board $b) => $b->nameOf('R2'),
            '12 V',
        ];
        yield 'pull fitted' => [
            new FitPull('F3', PullDirection::Up, 4700.0),
            static fn(Board $b) => $b->functions['F3']->pull?->ohms,
            4700.0,
        ];
        yield 'pull removed' => [
            new Sequence('', [new FitPull('F3', PullDirection::Up, 4700.0), new RemovePull('F3')]),
            static fn(Board $b) => $b->functions['F3']->pull,
            null,
        ];
        yield 'surface removed' => [
            new RemoveSurface('S1'),
            static fn(Board $b) => [array_keys($b->lines['L1']->surfaces), isset($b->functions['F3'])],
            [[], false],
        ];
        yield 'second relay' => [
            new AddRelay('L1'),
            static fn(Board $b) => [$b->nameOf('F6'), $b->nameOf('A3')],
            ['Lamp relay 2', 'Lamp relay 2'],
        ];
        yield 'relay removed' => [
            new RemoveRelay('A1'),
            static fn(Board $b) => [isset($b->functions['F1']), isset($b->seats['F1'])],
            [false, false],
        ];
        yield 'usual relay' => [
            new SetDefaultRelay(TestBoards::part('cube-5v', Relay::class)),
            static fn(Board $b) => $b->defaults->relay,
            'cube-5v',
        ];
        yield 'switch made a button' => [
            new ChangeFunctionKind('F3', FunctionKind::Button),
            static fn(Board $b) => $b->lines['L1']->surfaces['S1']->kind,
            SurfaceKind::PushButton,
        ];
    }

    /**
     * @param \Closure(Board): mixed $read
     */
    #[DataProvider('simple')]
    public function testDoesWhatItSays(Edit $edit, \Closure $read, mixed $expected): void
    {
        self::assertSame($expected, $read($edit->apply(TestBoards::sound())));
    }

    /** Every edit is kept as data with its revision, and must mean the same when read again. */
    public function testEveryEditComesBackFromItsData(): void
    {
        $edits = [
            ...array_column(iterator_to_array(self::simple()), 0),
            new RenameLine('L1', 'X'),
            new LockSeat('F1', true),
            new SetDriverValue(['A1'], 'baseEmitterOhms', null),
        ];
        foreach ($edits as $edit) {
            $data = json_decode(json_encode(RecordWriter::writeVariant(Edit::class, $edit), JSON_THROW_ON_ERROR), true);
            $again = RecordReader::forFiles()->read(Edit::class, $data);
            self::assertEquals($edit, $again);
            self::assertEquals($edit->apply(TestBoards::sound()), $again->apply(TestBoards::sound()));
        }
        // Every edit that there is can be described at all.
        foreach (RecordShape::variants(Edit::class)->classes as $class) {
            self::assertTrue(is_subclass_of($class, Edit::class));
            self::assertSame($class, RecordShape::of($class)->class);
            // Forms carry these beside the fields of their edit.
            self::assertSame([], array_intersect(['base', 'view', 'open', 'edit'], array_keys(RecordShape::of($class)->fields)), $class);
        }
    }

    public function testAnApplianceIsDescribedWithoutAPartFile(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new DescribeAppliance('L1', 'Kiln', LoadKind::Resistive, 1200.0, mustNotSelfStart: true, heats: true),
        );
        $line = $board->lines['L1'];
        self::assertSame(
            ['Kiln', 1200.0, 1.0],
            [$board->appliance($line)->identity->name, $line->watts->value, $board->appliance($line)->powerFactor],
        );
        self::assertTrue($line->watts->isStated());
        self::assertTrue($board->mustNotStart('L1'));
        self::assertNotNull(
            TestBoards::inspect($board)->finding('mains.no-cut-out:L1') ?? array_values(array_filter(
                TestBoards::inspect($board)->notChecked,
                static fn($gap): bool => 'mains.no-cut-out' === $gap->rule->id && 'L1' === $gap->subject,
            ))[0] ?? null,
            'It heats, so its cut-out is asked for.',
        );
        self::assertEquals($board->parts['described-l1'], BoardJson::read(BoardJson::write($board))->parts['described-l1']);
        $again = TestBoards::edited($board, new DescribeAppliance('L1', 'Kiln', LoadKind::Resistive, 900.0));
        $copied = TestBoards::edited(
            $board,
            new DuplicateLine('L1', 'Kiln 2'),
            new DescribeAppliance('L1', 'Lamp', LoadKind::Filament, 60.0),
        );
        self::assertSame(
            ['Lamp', 'Kiln'],
            [$copied->appliance($copied->lines['L1'])->identity->name, $copied->appliance($copied->lines['L3'])->identity->name],
            'A copy keeps what it switches.',
        );
        self::assertSame([2, false], [$again->parts['described-l1']->identity()->version, $again->mustNotStart('L1')]);
        foreach ([
            new DescribeAppliance('L1', ' ', LoadKind::Resistive, 60.0),
            new DescribeAppliance('L1', 'X', LoadKind::Resistive, 0.0),
            new DescribeAppliance('L1', 'X', LoadKind::Resistive, 60.0, 2.0),
            new DescribeAppliance('L1', 'X', LoadKind::Resistive, 60.0, dcVolts: 400.0),
        ] as $refused) {
            try {
                $refused->apply($board);
                self::fail('It was described.');
            } catch (EditRefused) {
            }
        }
    }
}
