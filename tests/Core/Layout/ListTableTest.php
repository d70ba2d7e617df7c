<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Layout;

use IronLatch\Core\Layout\FileKind;
use IronLatch\Core\Layout\ListColumn;
use IronLatch\Core\Layout\ListTable;
use IronLatch\Core\Layout\NetTable;
use IronLatch\Core\Layout\PartWords;
use IronLatch\Core\Layout\TableText;
use IronLatch\Core\Layout\Unreadable;
use IronLatch\Core\Wiring\DeviceKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lists in the dialects of many desks, written from descriptions of their headings (common practice, no source). */
final class ListTableTest extends TestCase
{
    private const WANTED = ['R11', '470', '0805', 'T', '90'];

    /**
     * @return iterable<string, array{string}>
     */
    public static function dialects(): iterable
    {
        yield 'commas' => ["Designator,Comment,Footprint,Layer,Rotation\nR11,470,0805,T,90\n"];
        yield 'semicolons and quotes' => ["\"Ref\";\"Val\";\"Package\";\"Side\";\"Rot\"\n\"R11\";\"470\";\"0805\";\"T\";\"90\"\n"];
        yield 'tabs, other order' => ["Rotate\tSide\tPattern\tValue\tRefDes\n90\tT\t0805\t470\tR11\n"];
        yield 'a mark of order and lines of a Mac' => ["\xEF\xBB\xBFReference,Value,Footprint,Side,Angle\rR11,470,0805,T,90\r"];
        yield 'bars' => ["Ref Des|Part Value|PCB Footprint|Mount Side|Orientation\nR11|470|0805|T|90\n"];
        yield 'columns by blanks, a preface' => [
            "### made somewhere\n## units = mm\n# Ref     Val       Package     PosX   PosY   Rot  Side\n"
                . "R11  470  0805  1.0 2.0 90  T\n## end\n",
        ];
        yield 'a preface of several lines' => ["Board,x\nDate,today\n\nDesignator,Value,Footprint,TB,Rotation\nR11,470,0805,T,90\n"];
        yield 'headings with units' => ["Designator,Value,Footprint,Mid X (mm),Mid Y (mm),Layer,Rotation [deg]\nR11,470,0805,1,2,T,90\n"];
        yield 'sides known by their looks' => ["Designator,Value,Footprint,where,Rotation\nR11,470,0805,T,90\n"];
        yield 'designators known by their looks' => ["who,Value,Footprint,Layer,Rotation\nR11,470,0805,T,90\n"];
        yield 'UTF-16' => [mb_convert_encoding("\u{FEFF}Designator,Value,Footprint,Layer,Rotation\nR11,470,0805,T,90\n", 'UTF-16LE')];
        yield 'remarks at the end' => ["Designator,Value,Footprint,Layer,Rotation\nR11,470,0805,T,90\nThat is all of it\n"];
    }

    #[DataProvider('dialects')]
    public function testADialectIsRead(string $bytes): void
    {
        $table = ListTable::read(TableText::of($bytes));
        $row = (int) array_key_first($table->rows);
        self::assertCount(1, $table->rows);
        self::assertSame(self::WANTED, array_map(
            static fn(ListColumn $column): string => $table->cell($row, $column),
            [ListColumn::Designator, ListColumn::Value, ListColumn::Package, ListColumn::Side, ListColumn::Rotation],
        ));
    }

    public function testTheSurestHeadingIsTaken(): void
    {
        $table = ListTable::read("Ref X,Ref Y,Mid X,Mid Y,Designator,Rotation\n1,2,3,4,R1,0\n");
        self::assertSame(['3', '4'], [$table->cell(2, ListColumn::X), $table->cell(2, ListColumn::Y)]);
        self::assertSame('“Mid X” says the same', $table->how[0]);
        self::assertSame(FileKind::Placement, FileKind::of($table));
    }

    public function testTheMakerPutsAColumnRight(): void
    {
        $text = "Part,Description,Code\nR1,something,10k\n";
        self::assertSame('something', ListTable::read($text)->cell(2, ListColumn::Value));
        $put = ListTable::read($text, ['Code' => 'value']);
        self::assertSame(['10k', 'as you have put it'], [$put->cell(2, ListColumn::Value), $put->how[2]]);
        self::assertSame(ListColumn::Nothing, $put->columns[1]);
        self::assertSame(FileKind::Parts, FileKind::of($put));
    }

    public function testDesignatorsInOneCell(): void
    {
        $table = ListTable::read("Designator,Quantity\n\"R1, R2\",2\n\"R3 R4;R5/R6\",4\n\"C7-C9, D1-D3\",6\nR1-R900,1\n");
        self::assertSame(['R1', 'R2'], $table->designators(2));
        self::assertSame(['R3', 'R4', 'R5', 'R6'], $table->designators(3));
        self::assertSame(['C7', 'C8', 'C9', 'D1', 'D2', 'D3'], $table->designators(4));
        self::assertSame(['R1-R900'], $table->designators(5), 'Nobody has so many in a row.');
    }

    public function testANetlistAsATable(): void
    {
        $byPin = NetTable::read(ListTable::read("net;part;pin\nGND;K11;A2\nN/C;K11;12\n"));
        self::assertSame(['GND', ''], [$byPin->netOf('K11', 'A2'), $byPin->netOf('K11', '12')]);
        self::assertFalse($byPin->hasPlaces());
        $byNet = NetTable::read(ListTable::read("Net,Pins\nGND,K11.A2 Q11-1\n5V,\"K11.A1, D11:K\"\n"));
        self::assertSame(['GND', 'GND', '5V', '5V'], [
            $byNet->netOf('K11', 'A2'), $byNet->netOf('Q11', '1'), $byNet->netOf('K11', 'A1'), $byNet->netOf('D11', 'K'),
        ]);
        $this->expectException(Unreadable::class);
        NetTable::read(ListTable::read("Net,Part,Pin\nGND,,\n"));
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function refused(): iterable
    {
        yield 'nothing' => ['', 'is empty'];
        yield 'packed' => ["PK\x03\x04\x00\x01", 'is no text'];
        yield 'prose' => ["This board is fine.\nBuild it.\n", 'No row of this file names two columns'];
        yield 'too large' => [str_repeat('x', TableText::MOST_BYTES + 1), 'more than 4 MB'];
        yield 'too many rows' => ["Designator,Value\n" . str_repeat("R1,1\n", ListTable::MOST_ROWS + 1), 'at most'];
    }

    #[DataProvider('refused')]
    public function testWhatCannotBeReadIsSaid(string $bytes, string $why): void
    {
        $this->expectException(Unreadable::class);
        $this->expectExceptionMessage($why);
        ListTable::read(TableText::of($bytes));
    }

    /**
     * @return iterable<string, array{DeviceKind, string, string, ?bool}>
     */
    public static function values(): iterable
    {
        foreach (['10k', '10K', '10 kOhm', '10kΩ 1%', '10.0k', '10000', '10k/0.25W'] as $same) {
            yield 'resistor ' . $same => [DeviceKind::Resistor, '10 kΩ', $same, true];
        }
        foreach (['1k', '100k', '4k7', '10R'] as $other) {
            yield 'resistor ' . $other => [DeviceKind::Resistor, '10 kΩ', $other, false];
        }
        yield 'a resistor that says nothing' => [DeviceKind::Resistor, '10 kΩ', 'see drawing', null];
        yield 'capacitor' => [DeviceKind::Capacitor, 'reservoir 470 µF', '470uF 16V', true];
        yield 'capacitor in nF' => [DeviceKind::Capacitor, '100 nF', '0.1uF', true];
        yield 'another capacitor' => [DeviceKind::Capacitor, '100 nF', '10nF', false];
        yield 'transistor' => [DeviceKind::Transistor, 'NPN 2N2222A class', 'MMBT2222A', true];
        yield 'another transistor' => [DeviceKind::Transistor, 'NPN 2N2222A class', 'BC337-40', false];
        yield 'a relay is not told by its words' => [DeviceKind::Relay, 'Relay 5 V', 'anything', null];
    }

    #[DataProvider('values')]
    public function testValuesInOtherWords(DeviceKind $kind, string $ours, string $theirs, ?bool $same): void
    {
        self::assertSame($same, PartWords::sameValue($kind, $ours, $theirs));
    }

    public function testPackagesInOtherWords(): void
    {
        $same = static fn(string $ours, string $theirs): ?bool => PartWords::samePackage($ours, $theirs);
        self::assertSame([true, false, null], [$same('0805', 'R_0805_2012Metric'), $same('0805', '0603'), $same('0805', 'CUSTOM_PAD')]);
        self::assertSame([true, false], [$same('SOT-23', 'SOT23-3'), $same('SOT-23', 'TO-92')]);
        self::assertSame([true, false, null], [$same('SMA', 'DO-214AC'), $same('SMA', 'D_SMB'), $same('', '0805')]);
        self::assertSame([true, true], [$same('SO', 'SOIC-18W'), $same('DIP', 'PDIP-18')]);
    }
}
