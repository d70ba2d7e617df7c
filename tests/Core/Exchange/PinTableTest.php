<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Exchange;

use IronLatch\Board\PinTableForm;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Board\Seat;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Exchange\PinTable;
use IronLatch\Core\Exchange\PinTableEntry;
use IronLatch\Core\Exchange\PinTableImport;
use IronLatch\Core\Exchange\PinTableRow;
use IronLatch\Core\Review\Inspection;
use IronLatch\Demo\DemoBoards;
use IronLatch\Export\Exports;
use IronLatch\Export\Handover;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PinTableTest extends TestCase
{
    /**
     * @return iterable<string, array{string, list<array{string, ?string, FunctionKind}>}>
     */
    public static function texts(): iterable
    {
        yield 'two columns, with a heading' => [
            "name,pin\nLamp relay,D1\n\"Fan, upper\",GPIO14\n",
            [['Lamp relay', 'GPIO5', FunctionKind::RelayOutput], ['Fan, upper', 'GPIO14', FunctionKind::RelayOutput]],
        ];
        yield 'pin first, semicolons' => ["D5;pump\n", [['Pump', 'GPIO14', FunctionKind::RelayOutput]]];
        yield 'running number before the pin' => [
            "1\tHall light\tD2\n2\tDoor reed\tD7",
            [['Hall light', 'GPIO4', FunctionKind::RelayOutput], ['Door reed', 'GPIO13', FunctionKind::ReedContact]],
        ];
        yield 'defines' => [
            "#define PUMP_PIN 12 // the pump\n#define IR_RECEIVER (14)",
            [['Pump', 'GPIO12', FunctionKind::RelayOutput], ['IR receiver', 'GPIO14', FunctionKind::InfraredReceiver]],
        ];
        yield 'constants' => [
            "const int kWallSwitch = D2;\nstatic const uint8_t BTN1 = GPIO_NUM_13;\nconstexpr int buzzer{12};",
            [
                ['Wall Switch', 'GPIO4', FunctionKind::MaintainedSwitch],
                ['BTN 1', 'GPIO13', FunctionKind::Button],
                ['Buzzer', 'GPIO12', FunctionKind::Buzzer],
            ],
        ];
        yield 'an array' => [
            'int relays[] = {4, 5, 12};',
            [
                ['Relays 1', 'GPIO4', FunctionKind::RelayOutput],
                ['Relays 2', 'GPIO5', FunctionKind::RelayOutput],
                ['Relays 3', 'GPIO12', FunctionKind::RelayOutput],
            ],
        ];
        yield 'name and number' => ['Lamp relay = 12', [['Lamp relay', 'GPIO12', FunctionKind::RelayOutput]]];
        yield 'like YAML' => [
            "relays:\n  - heater: GPIO16\n  leak_probe: D6",
            [['Heater', 'GPIO16', FunctionKind::RelayOutput], ['Leak probe', 'GPIO12', FunctionKind::LeakProbe]],
        ];
        yield 'like JSON' => ["{\n  \"status_led\": 2,\n}", [['Status led', 'GPIO2', FunctionKind::StatusLed]]];
        yield 'copied from a page' => [
            "| Relay | Pin |\n|---|---|\n| Airing fan | D1 |",
            [['Airing fan', 'GPIO5', FunctionKind::RelayOutput]],
        ];
        yield 'an arrow' => ['push button  →  D3', [['Push button', 'GPIO0', FunctionKind::Button]]];
        yield 'an analogue pin decides the kind' => ['temp: A0', [['Temp', 'ADC0', FunctionKind::AnalogueSensor]]];
        yield 'comments and blank lines are no rows' => [
            "/* pins\n of the board */\n\n// none\n# note\n;\nfan = 5",
            [['Fan', 'GPIO5', FunctionKind::RelayOutput]],
        ];
    }

    /**
     * @param list<array{string, ?string, FunctionKind}> $expected
     */
    #[DataProvider('texts')]
    public function testReads(string $text, array $expected): void
    {
        $rows = array_values(array_filter(
            PinTable::read($text, self::board()->controller()),
            static fn(PinTableRow $row): bool => null !== $row->reading?->best(),
        ));
        self::assertSame(
            $expected,
            array_map(static fn(PinTableRow $row): array => [$row->name, $row->reading?->best()?->name(), $row->kind], $rows),
        );
    }

    public function testWhatCannotBeReadIsShownAndNotDropped(): void
    {
        $rows = PinTable::read("lamp = 5\nhello there\nfan = 77\nthing: 12\nsw, D4", self::board()->controller());
        self::assertCount(5, $rows);
        self::assertSame([2, 'hello there', ''], [$rows[1]->line, $rows[1]->text, $rows[1]->name]);
        self::assertStringContainsString('in no form that is known', $rows[1]->doubt);
        self::assertStringContainsString('leads out no pin called “77”', $rows[2]->doubt);
        self::assertSame('The name does not tell what it is: choose its kind, and tick it.', $rows[3]->doubt);
        self::assertSame('“D4” is the print of GPIO2 and the number of GPIO4.', $rows[4]->doubt);
    }

    public function testRefusesWhatIsNoTable(): void
    {
        foreach ([
            '' => 'no row',
            "// only\n// comments" => 'no row',
            "\xff\xfe" => 'UTF-8',
            str_repeat('x', PinTable::GREATEST_BYTES + 1) => 'kB',
            str_repeat("fan = 5\n", 300) => '200 rows',
        ] as $text => $why) {
            try {
                PinTable::read($text, self::board()->controller());
                self::fail($why);
            } catch (\InvalidArgumentException $fault) {
                self::assertStringContainsString($why, $fault->getMessage());
            }
        }
    }

    public function testABoardIsMadeOfItAndTheSameTableChangesNothing(): void
    {
        $entries = [
            self::entry('Lamp relay', FunctionKind::RelayOutput, 'GPIO5'),
            self::entry('Pump', FunctionKind::RelayOutput, ''),
            self::entry('Hall switch', FunctionKind::MaintainedSwitch, 'D5'),
        ];
        $board = PinTableImport::edit(self::board(), $entries)->apply(self::board());
        self::assertSame(['Lamp', 'Pump'], array_values(array_map(static fn($line): string => $line->name, $board->lines)));
        self::assertSame(['F1' => 'GPIO5', 'F3' => 'GPIO14'], array_map(static fn($seat): string => $seat->pin, $board->seats));
        self::assertNotNull(TestBoards::inspect($board)->finding('pins.no-pin:F2'));

        $again = PinTableImport::edit($board, $entries)->apply($board);
        self::assertEquals($board->seats, $again->seats);
        self::assertSame(array_keys($board->functions), array_keys($again->functions));
        $moved = PinTableImport::edit(
            $board,
            [self::entry('lamp', FunctionKind::RelayOutput, 'GPIO4'), self::entry('hall-switch', FunctionKind::Button, 'GPIO14')],
        )->apply($board);
        self::assertSame(['GPIO4', FunctionKind::Button], [$moved->seats['F1']->pin, $moved->functions['F3']->kind]);
    }

    public function testARefusedRowIsNamed(): void
    {
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage('Row 2, “Fan”: The ESP8266 carrier, D labels, 30 pins leads out no pin called “99”.');
        PinTableImport::edit(
            self::board(),
            [self::entry('Lamp', FunctionKind::RelayOutput, 'D1'), self::entry('Fan', FunctionKind::RelayOutput, '99')],
        );
    }

    public function testTwoRowsOfOneNameAreRefused(): void
    {
        $this->expectExceptionMessage('Rows 1 and 2 both bear the name “LAMP”.');
        PinTableImport::edit(
            self::board(),
            [self::entry('Lamp', FunctionKind::RelayOutput, 'D1'), self::entry('LAMP', FunctionKind::RelayOutput, 'D2')],
        );
    }

    private static function board(): Board
    {
        return TestBoards::bare('esp8266-carrier-30', 'esp8266');
    }

    private static function entry(string $name, FunctionKind $kind, string $pin): PinTableEntry
    {
        return new PinTableEntry($name, $kind, $pin, TestBoards::part('led-lamp', Appliance::class));
    }

    /** Each list that Iron Latch writes comes back whole: every function, its kind where it says so, and its pin, and nothing else. */
    public function testOurOwnListsAreReadWhole(): void
    {
        $exports = new Exports();
        foreach ((new DemoBoards(TestBoards::catalogue()))->all() as $name => $board) {
            $handover = new Handover(new Inspection($board, TestBoards::catalogue()), '2026-01-02');
            $pins = array_map(static fn(Seat $seat): string => $seat->pin, array_values($board->seats));
            sort($pins);
            foreach (['pins', 'constants.h', 'constants.env', 'constants.json'] as $what) {
                $rows = PinTable::read($exports->file($handover, $what)->text ?? '', $board->controller());
                $read = array_map(static fn(PinTableRow $row): string => $row->reading?->best()?->name() ?? $row->text, $rows);
                sort($read);
                self::assertSame(array_values(array_unique($pins)), array_values(array_unique($read)), "$name $what");
            }
            $kinds = array_map(
                static fn(PinTableRow $row): string => $row->name . ' ' . $row->kind->value,
                PinTable::read($exports->file($handover, 'pins')->text ?? '', $board->controller()),
            );
            self::assertSame(
                array_values(array_map(static fn(PinFunction $one): string => $one->name . ' ' . $one->kind->value, $board->functions)),
                $kinds,
                $name,
            );
        }
    }

    /** What is no pin is not ticked: a rate or a delay among the constants of somebody’s program. */
    public function testWhatNobodyKnowsIsNotTicked(): void
    {
        $rows = (new PinTableForm(TestBoards::catalogue()))->read(
            "#define LAMP_RELAY 23\nconst int CONSOLE_RATE = 9600; // bits\nconst int THING = 25;\n",
            TestBoards::bare()->controller(),
        );
        self::assertSame([true, false, false], array_column($rows, 'take'));
        self::assertStringContainsString('choose its kind, and tick it', $rows[2]['doubt']);
    }

    public function testASwitchAndARelayOfOneNumberAreAPair(): void
    {
        $form = new PinTableForm(TestBoards::catalogue());
        $rows = $form->read("Relay 1 = 23\nRelay 2 = 22\nSwitch 2 = 25\nButton 7 = 26\n", TestBoards::bare()->controller());
        self::assertSame(['', '', 'Relay 2', ''], array_column($rows, 'operates'));
        $board = PinTableImport::edit(TestBoards::bare(), $form->entries($rows))->apply(TestBoards::bare());
        self::assertSame(
            [[], ['wall switch F3']],
            array_values(array_map(static fn(Line $line): array => array_values(array_map(
                static fn(Surface $surface): string => $surface->kind->value . ' ' . $surface->function,
                $line->surfaces,
            )), $board->lines)),
        );
        self::assertEquals($board, PinTableImport::edit($board, $form->entries($rows))->apply($board), 'Read again, it changes nothing.');
        $rows = array_map(static fn(array $row): array => [...$row, 'operates' => 'Switch 2' === $row['name'] ? 'Relay 9' : ''], $rows);
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage('“Relay 9” is no relay that it could operate');
        PinTableImport::edit(TestBoards::bare(), $form->entries($rows));
    }
}
