<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Layout;

use IronLatch\Core\Layout\Face;
use IronLatch\Core\Layout\Ipc356;
use IronLatch\Core\Layout\Pad;
use IronLatch\Core\Layout\Unreadable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Records written by hand from the description of the columns of IPC-D-356A (from memory). */
final class Ipc356Test extends TestCase
{
    // Columns:               1  4             18 21    27   32    38  42     50     58   63   68  72
    private const THROUGH = '317GND              K11   -A2   D0394PA00X+012500Y-003750X0709Y0000R090 S0';
    private const SURFACE = '327NNAME00001       R186  -1          A01X 000100Y 000200X0400Y0300R045 S1';

    private static function pad(string $record, string $head = 'P  UNITS CUST 0'): Pad
    {
        return Ipc356::read($head . "\n" . $record . "\n999\n")->pads[0];
    }

    public function testTheColumnsOfARecord(): void
    {
        $pad = self::pad(self::THROUGH);
        self::assertSame(['GND', 'K11', 'A2', 2], [$pad->net, $pad->part, $pad->pin, $pad->line]);
        // 1.25 inch, −0.375 inch, a round pad of 0.0709 inch with a hole of 0.0394 inch.
        self::assertEqualsWithDelta([31.75e-3, -9.525e-3, 1.80086e-3, 0.0, 1.00076e-3, 90.0], [
            $pad->x, $pad->y, $pad->width, $pad->height, $pad->hole, $pad->degrees,
        ], 1e-9);
        self::assertSame([Face::Both, true, false], [$pad->face, $pad->isPlated, $pad->isSurface()]);
    }

    public function testASurfacePadWithALongName(): void
    {
        $pad = self::pad(self::SURFACE, "P  UNITS CUST 1\nP  NNAME00001  LED_OF_CONNECTION_LAMP");
        self::assertSame(['LED_OF_CONNECTION_LAMP', 'R186', '1'], [$pad->net, $pad->part, $pad->pin]);
        self::assertEqualsWithDelta([0.1e-3, 0.2e-3, 0.4e-3, 0.3e-3, 45.0, 0.0], [
            $pad->x, $pad->y, $pad->width, $pad->height, $pad->degrees, $pad->hole,
        ], 1e-9);
        self::assertSame([Face::Top, true], [$pad->face, $pad->isSurface()]);
    }

    /**
     * @return iterable<string, array{string, callable(Pad): mixed, mixed}>
     */
    public static function manners(): iterable
    {
        $through = self::THROUGH;
        yield 'pads on no net' => [str_replace('317GND  ', '317N/C  ', $through), static fn(Pad $pad): string => $pad->net, ''];
        yield 'a via' => [
            str_replace('K11   -A2 ', 'VIA   -   ', $through),
            static fn(Pad $pad): array => [$pad->part, $pad->pin],
            ['', ''],
        ];
        yield 'without plating' => [str_replace('PA00', 'UA00', $through), static fn(Pad $pad): bool => $pad->isPlated, false];
        yield 'signs left out' => [str_replace('X+0', 'X 0', $through), static fn(Pad $pad): float => round((float) $pad->x, 6), 31.75e-3];
        yield 'the mask in column 72' => [str_replace('R090 S0', 'R090S0', $through), static fn(Pad $pad): float => $pad->degrees, 90.0];
        yield 'a short line' => [
            substr($through, 0, 57),
            static fn(Pad $pad): array => [round((float) $pad->y, 6), $pad->width],
            [-9.525e-3, 0.0],
        ];
        yield 'no place' => [substr($through, 0, 41), static fn(Pad $pad): ?float => $pad->x, null];
        yield 'the bottom as 02' => [str_replace('A01', 'A02', self::SURFACE), static fn(Pad $pad): Face => $pad->face, Face::Bottom];
        yield 'the bottom as the last of four layers' => [
            str_replace('A01', 'A04', self::SURFACE),
            static fn(Pad $pad): Face => $pad->face,
            Face::Bottom,
        ];
        yield 'a face that is not said' => [str_replace('A01', '   ', self::SURFACE), static fn(Pad $pad): Face => $pad->face, Face::Both];
        yield 'a mid-point' => [substr_replace($through, 'M', 31, 1), static fn(Pad $pad): string => $pad->pin, 'A2'];
        yield 'what goes on' => ['017' . substr($through, 3), static fn(Pad $pad): string => $pad->part, 'K11'];
    }

    #[DataProvider('manners')]
    public function testWritersDiffer(string $record, callable $read, mixed $expected): void
    {
        self::assertSame($expected, $read(self::pad($record)));
    }

    public function testRadiansAreTakenInHundredths(): void
    {
        self::assertEqualsWithDelta(90.0, self::pad(str_replace('R090', 'R157', self::THROUGH), 'P  UNITS CUST 2')->degrees, 0.1);
    }

    public function testWhatGoesOnWithoutANameBelongsToTheNetBefore(): void
    {
        $read = Ipc356::read(self::THROUGH . "\n" . '017' . str_repeat(' ', 14) . substr(self::THROUGH, 17) . "\n999\n");
        self::assertSame(['GND', 'GND'], array_map(static fn(Pad $pad): string => $pad->net, $read->pads));
    }

    public function testWhatWasTakenAsUsualIsSaid(): void
    {
        $read = Ipc356::read("C  comment\r\n" . self::THROUGH . "\r\n378GND\r\n367\r\n");
        self::assertSame([
            'It names no unit: inches in ten-thousandths are taken, as is usual.',
            'It has no last line (999): if it was cut off, something is missing at its end.',
            '1 records of tracks are not measured: only pads are.',
        ], $read->notes);
        self::assertTrue($read->hasPlaces());
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function refused(): iterable
    {
        yield 'no pads' => ["P  UNITS CUST 0\n999\n", 'has no pads'];
        yield 'a unit that is none' => ["P  UNITS CUST 7\n" . self::THROUGH, 'names no unit'];
        yield 'a line of something else' => [self::THROUGH . "\nhello\n", 'Line 2 is no record'];
        yield 'no place that can be read' => [str_replace('X+012500', 'Xabcdefg', self::THROUGH), 'Line 1 says no place'];
        yield 'a unit that cannot be' => [
            self::THROUGH . "\n" . str_replace('X+012500', 'X+999999', self::THROUGH),
            'Its pads lie 2.5 m apart',
        ];
    }

    #[DataProvider('refused')]
    public function testWhatCannotBeReadIsSaid(string $text, string $why): void
    {
        $this->expectException(Unreadable::class);
        $this->expectExceptionMessage($why);
        Ipc356::read($text);
    }

    public function testItIsToldFromTables(): void
    {
        self::assertTrue(Ipc356::isOne(self::THROUGH));
        self::assertTrue(Ipc356::isOne("C  x\nP  JOB   board\n"));
        self::assertFalse(Ipc356::isOne("net,part,pin\n317,R1,1\n"));
    }
}
