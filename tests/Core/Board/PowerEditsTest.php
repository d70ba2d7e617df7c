<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Board;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\CouplerDriver;
use IronLatch\Core\Board\Edit\Controller\ChooseController;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Drivers\DriveByTransistor;
use IronLatch\Core\Board\Edit\Drivers\DriveDirectly;
use IronLatch\Core\Board\Edit\Drivers\HoldCoils;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Functions\AttachDevice;
use IronLatch\Core\Board\Edit\Functions\RemoveDevice;
use IronLatch\Core\Board\Edit\Functions\RemoveFunction;
use IronLatch\Core\Board\Edit\Lines\RemoveLine;
use IronLatch\Core\Board\Edit\Lines\StateHours;
use IronLatch\Core\Board\Edit\Power\AddCarrierRail;
use IronLatch\Core\Board\Edit\Power\AddConvertedRail;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\AddScenario;
use IronLatch\Core\Board\Edit\Power\ChooseEntry;
use IronLatch\Core\Board\Edit\Power\ChooseSupply;
use IronLatch\Core\Board\Edit\Power\ConvertRail;
use IronLatch\Core\Board\Edit\Power\FeedController;
use IronLatch\Core\Board\Edit\Power\FeedDevice;
use IronLatch\Core\Board\Edit\Power\FeedRailFromCarrier;
use IronLatch\Core\Board\Edit\Power\FitHeatSink;
use IronLatch\Core\Board\Edit\Power\ProtectRail;
use IronLatch\Core\Board\Edit\Power\RemoveRail;
use IronLatch\Core\Board\Edit\Power\RemoveScenario;
use IronLatch\Core\Board\Edit\Power\RenameRail;
use IronLatch\Core\Board\Edit\Power\RunCable;
use IronLatch\Core\Board\Edit\Power\StateCapacitors;
use IronLatch\Core\Board\Edit\Power\StateGround;
use IronLatch\Core\Board\Edit\Power\StateReservoir;
use IronLatch\Core\Board\Edit\Power\StateSocket;
use IronLatch\Core\Board\Edit\Power\StateUsbTogether;
use IronLatch\Core\Board\Edit\Power\UnprotectRail;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\Edit\Whole\SetHouseRules;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Catalogue\JackPolarity;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\Protection;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Record\Knowledge;
use IronLatch\Core\Record\RecordReader;
use IronLatch\Core\Record\RecordWriter;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What can be changed about rails, what feeds them and what hangs on them. */
final class PowerEditsTest extends TestCase
{
    /**
     * @return iterable<string, array{Edit, \Closure(Board): mixed, mixed}>
     */
    public static function simple(): iterable
    {
        $buck = TestBoards::part('buck-5v-2a', Converter::class);
        $twelve = new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class));
        $adapter = new AddRail('12 V', TestBoards::part('adapter-12v-1a', Supply::class));
        $linear = new AddConvertedRail('Logic', TestBoards::part('reg-7805', Converter::class), 'R1');
        $both = static fn(Edit ...$edits): Edit => new Sequence('both', array_values($edits));
        $display = new AttachDevice(TestBoards::part('small-display', Device::class), 'Display', null, null, 'F5');
        yield 'converted rail' => [
            new AddConvertedRail('Logic', $buck, 'R1'),
            static fn(Board $b) => [$b->rails['R2']->from, $b->railVolts('R2')->typ, $b->source('R2')],
            ['R1', 5.0, null],
        ];
        yield 'carrier rail' => [
            new AddCarrierRail('3.3 V'),
            static fn(Board $b) => [$b->feeder('R2')->identity->id, $b->railVolts('R2')->typ],
            ['esp32-carrier-38', 3.3],
        ];
        yield 'rail converted' => [
            $both($twelve, new ConvertRail('R1', $buck, 'R2')),
            static fn(Board $b) => [$b->rails['R1']->from, $b->rails['R1']->supply],
            ['R2', 'buck-5v-2a'],
        ];
        yield 'rail from the carrier' => [
            $both($twelve, new FeedRailFromCarrier('R2')),
            static fn(Board $b) => $b->railVolts('R2')->typ,
            3.3,
        ];
        yield 'diode fitted' => [
            new ProtectRail('R1', TestBoards::part('schottky-3a', Protection::class)),
            static fn(Board $b) => [round($b->railVolts('R1')->min, 3), round($b->railVolts('R1')->max, 3)],
            [4.4, 4.85],
        ];
        yield 'diode taken away' => [
            $both(new ProtectRail('R1', TestBoards::part('schottky-3a', Protection::class)), new UnprotectRail('R1', 'schottky-3a')),
            static fn(Board $b) => $b->railVolts('R1')->min,
            4.9,
        ];
        yield 'cable' => [
            new RunCable('R1', 5.0, 0.5e-6),
            static fn(Board $b) => [
                round($b->rails['R1']->cable?->ohms()->typ ?? 0.0, 4),
                round($b->rails['R1']->cable?->ohms()->max ?? 0.0, 4),
            ],
            [0.3448, 0.39],
        ];
        yield 'cable removed' => [
            $both(new RunCable('R1', 5.0, 0.5e-6), new RunCable('R1', 0.0, 0.5e-6)),
            static fn(Board $b) => $b->rails['R1']->cable,
            null,
        ];
        yield 'reservoir' => [
            new StateReservoir('R1', 1e-3),
            static fn(Board $b) => [$b->rails['R1']->reservoir()->value, $b->rails['R1']->reservoirOhms()->knowledge],
            [1e-3, Knowledge::Assumed],
        ];
        yield 'ground' => [
            $both($twelve, new StateGround('R2', false)),
            static fn(Board $b) => $b->rails['R2']->groundJoined?->value,
            false,
        ];
        yield 'socket' => [
            $both($adapter, new StateSocket('R2', JackPolarity::CentreNegative)),
            static fn(Board $b) => $b->rails['R2']->socket,
            JackPolarity::CentreNegative,
        ];
        yield 'another adapter keeps the socket' => [
            $both(
                $adapter,
                new StateSocket('R2', JackPolarity::CentreNegative),
                new ChooseSupply('R2', TestBoards::part('adapter-12v-2a', Supply::class)),
            ),
            static fn(Board $b) => $b->rails['R2']->socket,
            JackPolarity::CentreNegative,
        ];
        yield 'a module has no socket' => [
            $both(
                $adapter,
                new StateSocket('R2', JackPolarity::CentreNegative),
                new ChooseSupply('R2', TestBoards::part('module-12v-10w', Supply::class)),
            ),
            static fn(Board $b) => $b->rails['R2']->socket,
            null,
        ];
        yield 'capacitors' => [
            $both($linear, new StateCapacitors('R2', true)),
            static fn(Board $b) => $b->rails['R2']->capacitorsFitted?->value,
            true,
        ];
        yield 'heat sink' => [
            $both($linear, new FitHeatSink('R2', 24.0)),
            static fn(Board $b) => $b->rails['R2']->heatSinkKelvinPerWatt,
            24.0,
        ];
        yield 'heat sink off' => [
            $both($linear, new FitHeatSink('R2', 24.0), new FitHeatSink('R2')),
            static fn(Board $b) => $b->rails['R2']->heatSinkKelvinPerWatt,
            null,
        ];
        yield 'rail renamed' => [new RenameRail('R1', 'Logic'), static fn(Board $b) => $b->nameOf('R1'), 'Logic'];
        yield 'USB beside it' => [new StateUsbTogether(true), static fn(Board $b) => $b->mcu->usbTogether?->value, true];
        yield 'device' => [$display, static fn(Board $b) => [$b->nameOf('D1'), $b->devices['D1']->function], ['Display', 'F5']];
        yield 'device fed from a pin, by its print' => [
            $both($display, new FeedDevice('D1', null, '25')),
            static fn(Board $b) => $b->devices['D1']->pin,
            'GPIO25',
        ];
        yield 'device removed' => [$both($display, new RemoveDevice('D1')), static fn(Board $b) => $b->devices, []];
        yield 'device whose function goes' => [
            $both($display, new RemoveFunction('F5')),
            static fn(Board $b) => [isset($b->devices['D1']), $b->devices['D1']->function],
            [true, null],
        ];
        yield 'scenario' => [
            new AddScenario('Evening', ['L1', 'L1'], true),
            static fn(Board $b) => [$b->nameOf('P1'), $b->scenarios['P1']->lines],
            ['Evening', ['L1']],
        ];
        yield 'scenario whose line goes' => [
            $both(new AddScenario('Evening', ['L1', 'L2']), new RemoveLine('L1')),
            static fn(Board $b) => $b->scenarios['P1']->lines,
            ['L2'],
        ];
        yield 'scenario removed' => [$both(new AddScenario('Evening'), new RemoveScenario('P1')), static fn(Board $b) => $b->scenarios, []];
        yield 'hours' => [
            new StateHours(['L1', 'L2'], 2.5),
            static fn(Board $b) => [$b->lines['L1']->hoursPerDay?->value, $b->lines['L2']->hoursPerDay?->value],
            [2.5, 2.5],
        ];
        yield 'held' => [
            new HoldCoils(['A1'], 0.5),
            static fn(Board $b) => [$b->actuator('A1')->holdRatio, $b->actuator('A2')->holdRatio],
            [0.5, null],
        ];
        yield 'held, then another transistor' => [
            $both(new HoldCoils(['A1'], 0.5), new DriveByTransistor(['A1'], TestBoards::part('npn-2n2222', Transistor::class), 470.0)),
            static fn(Board $b) => $b->actuator('A1')->holdRatio,
            0.5,
        ];
        yield 'held, then straight on its pin' => [
            $both(new HoldCoils(['A1'], 0.5), new DriveDirectly(['A1'])),
            static fn(Board $b) => $b->actuator('A1')->holdRatio,
            null,
        ];
        yield 'held, then by a circuit that cannot be switched fast' => [
            $both(new HoldCoils(['A1'], 0.5), new ChooseDriver(
                ['A1'],
                new CouplerDriver('pc817', 'npn-2n2222', 390.0, 470.0),
                [TestBoards::part('pc817', OptoCoupler::class)],
            )),
            static fn(Board $b) => $b->actuator('A1')->holdRatio,
            null,
        ];
        yield 'price of energy' => [
            new SetHouseRules(20.0, 0.8, energyPrice: 0.4),
            static fn(Board $b) => $b->houseRules->energyPrice,
            0.4,
        ];
    }

    /**
     * @param \Closure(Board): mixed $read
     */
    #[DataProvider('simple')]
    public function testDoesWhatItSays(Edit $edit, \Closure $read, mixed $expected): void
    {
        $sound = TestBoards::sound();
        self::assertSame($expected, $read($edit->apply($sound)));
        $data = json_decode(json_encode(RecordWriter::writeVariant(Edit::class, $edit), JSON_THROW_ON_ERROR), true);
        self::assertEquals(
            $edit->apply($sound),
            RecordReader::forFiles()->read(Edit::class, $data)->apply($sound),
            'It means the same when it is read again.',
        );
        $json = BoardJson::write($edit->apply($sound));
        self::assertSame($json, BoardJson::write(BoardJson::read($json)), 'The board file says it as well.');
    }

    /**
     * @return iterable<string, array{Edit, string}>
     */
    public static function refused(): iterable
    {
        $buck = TestBoards::part('buck-5v-2a', Converter::class);
        $both = static fn(Edit ...$edits): Edit => new Sequence('both', array_values($edits));
        $logic = new AddConvertedRail('Logic', $buck, 'R1');
        yield 'rail that would feed itself' => [new ConvertRail('R1', $buck, 'R1'), 'would be fed by itself in the end'];
        yield 'the same the long way round' => [$both($logic, new ConvertRail('R1', $buck, 'R2')), 'would be fed by itself in the end'];
        yield 'the controller’s rail from the carrier' => [new FeedRailFromCarrier('R1'), 'would be fed by itself in the end'];
        yield 'controller from a rail of the carrier' => [
            $both(new AddCarrierRail('3.3 V'), new FeedController('R2')),
            'comes from the carrier itself',
        ];
        yield 'mains module in the socket' => [
            new ChooseSupply('R1', TestBoards::part('module-5v-10w', Supply::class), true),
            'Only a source with a USB plug',
        ];
        yield 'protection that is not there' => [new UnprotectRail('R1', 'fuse-1a'), 'does not protect the rail 5 V any more'];
        yield 'own ground kept apart' => [new StateGround('R1', false), 'is its ground'];
        yield 'ground of a converter kept apart' => [$both($logic, new StateGround('R2', false)), 'has its ground through what feeds it'];
        yield 'socket of a module' => [new StateSocket('R1', JackPolarity::CentrePositive), 'has no adapter with a round plug'];
        yield 'capacitors of a source' => [new StateCapacitors('R1', true), 'has no converter'];
        yield 'heat sink on a board' => [$both($logic, new FitHeatSink('R2', 20.0)), 'takes no heat sink'];
        yield 'pin that takes no supply' => [new ChooseEntry('GPIO4'), 'The carrier takes its supply at: 5V'];
        yield 'pin that is not there' => [
            new AttachDevice(TestBoards::part('small-display', Device::class), 'Display', null, 'GPIO77'),
            'leads out no pin “GPIO77”',
        ];
        yield 'fed twice' => [
            new AttachDevice(TestBoards::part('small-display', Device::class), 'Display', 'R1', '25'),
            'from a rail or from a pin',
        ];
        yield 'more hours than a day has' => [new StateHours(['L1'], 25.0), 'A day has 24 hours'];
        yield 'coil straight on a pin, held' => [$both(new DriveDirectly(['A1']), new HoldCoils(['A1'], 0.5)), 'cannot be held with less'];
        yield 'rail that feeds a converter' => [
            $both(
                new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
                new ConvertRail('R1', $buck, 'R2'),
                new RemoveRail('R2'),
            ),
            'still feeds something',
        ];
        yield 'carrier without an output' => [
            $both(
                new AddCarrierRail('3.3 V'),
                new ChooseController(
                    TestBoards::part('atmega328p-carrier-30', Carrier::class),
                    TestBoards::part('atmega328p', Chip::class),
                ),
            ),
            'leads none out',
        ];
    }

    #[DataProvider('refused')]
    public function testIsRefusedInPlainWords(Edit $edit, string $words): void
    {
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage($words);
        $edit->apply(TestBoards::sound());
    }

    /** The carrier of another make takes the place of the old one on the rails that came from it. */
    public function testARailOfTheCarrierFollowsToTheNextCarrier(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddCarrierRail('3.3 V'),
            new ChooseController(TestBoards::part('esp8266-carrier-30', Carrier::class), TestBoards::part('esp8266', Chip::class)),
        );
        self::assertSame('esp8266-carrier-30', $board->feeder('R2')->identity->id);
    }

    #[TestWith([0.1])]
    #[TestWith([1.0])]
    public function testACoilIsHeldWithAShare(float $ratio): void
    {
        $this->expectException(\InvalidArgumentException::class);
        (new HoldCoils(['A1'], $ratio))->apply(TestBoards::sound());
    }
}
