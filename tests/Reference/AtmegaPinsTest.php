<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Catalogue\Ability;
use IronLatch\Core\Catalogue\BusSignal;
use IronLatch\Core\Catalogue\Carrier;
use IronLatch\Core\Catalogue\Chip;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/**
 * The ATmega328P carrier's pin table against the header files of Debian's package arduino-core-avr:
 * variants/standard/pins_arduino.h and variants/eightanaloginputs/pins_arduino.h.
 */
final class AtmegaPinsTest extends TestCase
{
    private const VARIANTS = '/usr/share/arduino/hardware/arduino/avr/variants/';

    private string $header;
    private Controller $controller;

    protected function setUp(): void
    {
        $this->header = (string) file_get_contents(self::VARIANTS . 'standard/pins_arduino.h');
        $this->controller = new Controller(
            TestBoards::part('atmega328p-carrier-30', Carrier::class),
            TestBoards::part('atmega328p', Chip::class),
        );
    }

    public function testPrintedNumbersLeadToTheSamePortPins(): void
    {
        $ports = $this->table('digital_pin_to_port_PGM', '/\bP([B-D])\b/');
        $bits = $this->table('digital_pin_to_bit_mask_PGM', '/_BV\((\d)\)/');
        self::assertCount(20, $ports);
        self::assertCount(20, $bits);
        foreach ($ports as $number => $port) {
            $label = $number < 14 ? 'D' . $number : 'A' . ($number - 14);
            $label = [0 => 'RX0', 1 => 'TX1'][$number] ?? $label;
            self::assertSame('P' . $port . $bits[$number], $this->controller->read($label)->best()?->name(), $label);
        }
    }

    public function testTheLargeFormPrintsTheNumbersThemselves(): void
    {
        $large = new Controller(TestBoards::part('atmega328p-carrier-32', Carrier::class), TestBoards::part('atmega328p', Chip::class));
        $ports = $this->table('digital_pin_to_port_PGM', '/\bP([B-D])\b/');
        $bits = $this->table('digital_pin_to_bit_mask_PGM', '/_BV\((\d)\)/');
        foreach ($ports as $number => $port) {
            $label = $number < 14 ? (string) $number : 'A' . ($number - 14);
            self::assertSame('P' . $port . $bits[$number], $large->read($label)->best()?->name(), $label);
        }
    }

    public function testTheBusesAreOnTheSamePins(): void
    {
        // The header names them by number: SS, MOSI, MISO, SCK, SDA and SCL.
        foreach ([
            'MOSI' => BusSignal::SpiOut,
            'MISO' => BusSignal::SpiIn,
            'SCK' => BusSignal::SpiClock,
            'SDA' => BusSignal::I2cData,
            'SCL' => BusSignal::I2cClock,
        ] as $name => $signal) {
            self::assertSame(1, preg_match('/#define PIN_(?:SPI|WIRE)_' . $name . '\s+\((\d+)\)/', $this->header, $match), $name);
            $number = (int) $match[1];
            $pin = $this->controller->read($number < 14 ? 'D' . $number : 'A' . ($number - 14))->best();
            self::assertNotSame([], $pin?->chip->unitsAs($signal), $name);
        }
    }

    public function testPulseWidthIsOnTheSamePins(): void
    {
        // The first definition is for an older chip, the second for this one.
        self::assertSame(2, preg_match_all('/#define digitalPinHasPWM\(p\)\s+(.+)/', $this->header, $matches));
        preg_match_all('/\(p\) == (\d+)/', $matches[1][1], $numbers);
        self::assertSame($this->names(array_map(intval(...), $numbers[1])), $this->able(Ability::Pwm));
    }

    public function testExternalInterruptsAreOnTheSamePins(): void
    {
        self::assertSame(1, preg_match('/#define digitalPinToInterrupt\(p\)\s+(.+)/', $this->header, $match));
        preg_match_all('/\(p\) == (\d+)/', $match[1], $numbers);
        self::assertSame($this->names(array_map(intval(...), $numbers[1])), $this->able(Ability::Interrupt));
    }

    public function testAnalogueInputsAreTheSame(): void
    {
        $eight = (string) file_get_contents(self::VARIANTS . 'eightanaloginputs/pins_arduino.h');
        self::assertMatchesRegularExpression('/#define NUM_ANALOG_INPUTS\s+8/', $eight);
        $labels = [];
        foreach ($this->able(Ability::Analogue) as $name) {
            $labels[] = $this->controller->pins[$name]->label();
        }
        sort($labels);
        self::assertSame(['A0', 'A1', 'A2', 'A3', 'A4', 'A5', 'A6', 'A7'], $labels);
        foreach (['A6', 'A7'] as $label) {
            self::assertFalse($this->controller->read($label)->best()?->chip->can(Ability::Input), $label . ' has no digital input.');
        }
    }

    public function testTheLedIsOnTheSamePin(): void
    {
        self::assertMatchesRegularExpression('/#define LED_BUILTIN 13/', $this->header);
        self::assertStringContainsString('LED', $this->controller->read('D13')->best()?->header->note ?? '');
    }

    /**
     * @return list<string>
     */
    private function table(string $name, string $entry): array
    {
        self::assertSame(1, preg_match('/' . $name . '\[\] = \{(.*?)\};/s', $this->header, $match), $name);
        preg_match_all($entry, $match[1], $entries);

        return $entries[1];
    }

    /**
     * @param list<int> $numbers
     * @return list<string> chip names, sorted
     */
    private function names(array $numbers): array
    {
        $names = array_map(fn(int $number): string => $this->controller->read('D' . $number)->best()?->name() ?? '', $numbers);
        sort($names);

        return $names;
    }

    /**
     * @return list<string> chip names, sorted
     */
    private function able(Ability $ability): array
    {
        $names = [];
        foreach ($this->controller->pins as $pin) {
            if ($pin->chip->can($ability)) {
                $names[] = $pin->name();
            }
        }
        sort($names);

        return $names;
    }
}
