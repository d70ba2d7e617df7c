<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Control\PinNumbers;
use IronLatch\Core\Exchange\Constants;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/**
 * The numbers by which constants call pins: on the ATmega328P as Debian’s arduino-core-avr counts them
 * (variants/standard/pins_arduino.h), on the others by the number of the chip itself.
 */
final class PinNumbersTest extends TestCase
{
    private const HEADER = '/usr/share/arduino/hardware/arduino/avr/variants/standard/pins_arduino.h';

    #[TestWith(['atmega328p-carrier-30'])]
    public function testAnEightBitChipIsCountedAsItsCoreCountsIt(string $carrier): void
    {
        $header = (string) file_get_contents(self::HEADER);
        self::assertSame(1, preg_match('/digital_pin_to_port_PGM\\[\\] = \\{(.+?)\\};/s', $header, $ports));
        self::assertSame(1, preg_match('/digital_pin_to_bit_mask_PGM\\[\\] = \\{(.+?)\\};/s', $header, $masks));
        preg_match_all('/\\bP([B-D])\\b/', $ports[1], $port);
        preg_match_all('/_BV\\(([0-7])/', $masks[1], $bit);
        self::assertCount(20, $port[1]);
        $numbers = [];
        foreach ((new Controller(TestBoards::part($carrier, Carrier::class), TestBoards::part('atmega328p', Chip::class)))->pins as $pin) {
            $number = PinNumbers::ofProgram($pin);
            if (null !== $number) {
                $numbers[$pin->name()] = $number;
            }
        }
        foreach ($port[1] as $number => $letter) {
            $name = 'P' . $letter . $bit[1][$number];
            if (isset($numbers[$name])) {
                self::assertSame($number, $numbers[$name], $name);
            }
        }
        self::assertGreaterThanOrEqual(
            18,
            count(array_intersect_key(
                $numbers,
                array_flip(array_map(static fn(string $letter, string $at): string => 'P' . $letter . $at, $port[1], $bit[1])),
            )),
        );
    }

    #[TestWith(['esp32-carrier-38', 'esp32'])]
    #[TestWith(['esp8266-carrier-30', 'esp8266'])]
    #[TestWith(['rp2040-carrier-40', 'rp2040'])]
    #[TestWith(['esp32-c3-carrier-16', 'esp32-c3'])]
    #[TestWith(['esp32-s3-carrier-44', 'esp32-s3'])]
    public function testTheOthersAreCountedByTheChip(string $carrier, string $chip): void
    {
        $seen = [];
        foreach ((new Controller(TestBoards::part($carrier, Carrier::class), TestBoards::part($chip, Chip::class)))->pins as $pin) {
            $number = PinNumbers::ofProgram($pin);
            if (str_starts_with($pin->name(), 'GPIO')) {
                self::assertSame('GPIO' . $number, $pin->name());
                self::assertNotContains($number, $seen, 'No two pins bear one number.');
                $seen[] = $number;
            }
        }
        self::assertGreaterThan(10, count($seen));
    }
}
