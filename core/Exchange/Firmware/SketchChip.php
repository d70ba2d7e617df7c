<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Firmware;

use IronLatch\Core\Catalogue\BusSignal;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Control\PinNumbers;
use IronLatch\Core\Review\Inspection;

/** Controllers whose program goes through the customary interface, and what differs between them (from memory of their cores). */
enum SketchChip: string
{
    case Esp8266 = 'esp8266';
    case Esp32 = 'esp32';
    case Esp32S3 = 'esp32-s3';
    case Esp32C3 = 'esp32-c3';
    case Rp2040 = 'rp2040';
    case Rp2040Radio = 'rp2040-radio';

    public static function of(Inspection $inspection): ?self
    {
        return self::tryFrom($inspection->controller->chip->identity->id);
    }

    public function hasRadio(): bool
    {
        return self::Rp2040 !== $this;
    }

    /** The name by which the layer knows it. */
    public function macro(): string
    {
        return match ($this) {
            self::Esp8266 => 'LATCH_ON_ESP8266',
            self::Esp32, self::Esp32S3, self::Esp32C3 => 'LATCH_ON_ESP32',
            self::Rp2040, self::Rp2040Radio => 'LATCH_ON_RP2040',
        };
    }

    /** Its readings have ten bits only when they are asked for. */
    public function setsResolution(): bool
    {
        return self::Esp8266 !== $this;
    }

    public function beginsBus(int $data, int $clock): string
    {
        return match ($this) {
            self::Rp2040, self::Rp2040Radio => sprintf('::Wire.setSDA(%d), ::Wire.setSCL(%d), ::Wire.begin()', $data, $clock),
            default => sprintf('::Wire.begin(%d, %d)', $data, $clock),
        };
    }

    /**
     * The serial line on two pins: what it is called, and how it begins there; null where the core has none there.
     *
     * @return ?array{string, string}
     */
    public function line(?Pin $receives, ?Pin $sends): ?array
    {
        $rate = 'latch::board::SERIAL_RATE';
        $number = static fn(?Pin $pin, string $none): string => null === $pin ? $none : (string) (PinNumbers::ofProgram($pin) ?? $none);

        return match ($this) {
            // Its one line that hears and says lies on its own two pins.
            self::Esp8266 => '3 1' === $number($receives, '3') . ' ' . $number($sends, '1')
                ? ['Serial', sprintf('Serial.begin(%s%s)', $rate, match (true) {
                    null === $sends => ', SERIAL_8N1, SERIAL_RX_ONLY',
                    null === $receives => ', SERIAL_8N1, SERIAL_TX_ONLY',
                    default => '',
                })]
                : null,
            self::Esp32, self::Esp32S3, self::Esp32C3 => [
                'Serial1', sprintf('Serial1.begin(%s, SERIAL_8N1, %s, %s)', $rate, $number($receives, '-1'), $number($sends, '-1')),
            ],
            self::Rp2040, self::Rp2040Radio => self::lineOfUnit($receives, $sends, $rate, $number),
        };
    }

    /**
     * @param \Closure(?Pin, string): string $number
     * @return ?array{string, string}
     */
    private static function lineOfUnit(?Pin $receives, ?Pin $sends, string $rate, \Closure $number): ?array
    {
        $units = [
            ...null === $receives ? [] : $receives->chip->unitsAs(BusSignal::UartReceive),
            ...null === $sends ? [] : $sends->chip->unitsAs(BusSignal::UartTransmit),
        ];
        if (1 !== count(array_unique($units))) {
            return null;
        }
        $object = 'Serial' . (1 + (int) $units[0]);

        return [$object, sprintf(
            '%1$s.setRX(%2$s), %1$s.setTX(%3$s), %1$s.begin(%4$s)',
            $object,
            $number($receives, 'UART_PIN_NOT_DEFINED'),
            $number($sends, 'UART_PIN_NOT_DEFINED'),
            $rate,
        )];
    }

    /** Until a hung loop is reset: what is stated, where the core lets it be set at all. */
    public function watchdogMilliseconds(int $wanted): int
    {
        return match ($this) {
            self::Esp8266 => 3_000,
            self::Esp32, self::Esp32S3, self::Esp32C3 => 5_000,
            self::Rp2040, self::Rp2040Radio => min($wanted, 8_300),
        };
    }

    /** How long a switch may wait while a broker is sought: clients of some cores wait while they begin. */
    public function connectMilliseconds(): int
    {
        return match ($this) {
            self::Esp32, self::Esp32S3, self::Esp32C3 => 0,
            default => 40,
        };
    }

    public function asksTime(): string
    {
        return match ($this) {
            self::Esp8266 => 'configTime(TIME_ZONE, TIME_SERVER)',
            self::Esp32, self::Esp32S3, self::Esp32C3 => 'configTzTime(TIME_ZONE, TIME_SERVER)',
            self::Rp2040, self::Rp2040Radio => 'setenv("TZ", TIME_ZONE, 1), tzset(), NTP.begin(TIME_SERVER)',
        };
    }

    /** How the program was tried here. */
    public function tried(): string
    {
        $compiled = 'Compiled here for the core of the %s, and not linked with it; run on a computer, not on the chip.';

        return match ($this) {
            self::Esp8266 => sprintf($compiled, 'ESP8266'),
            self::Esp32C3 => sprintf($compiled, 'ESP32-C3'),
            self::Rp2040, self::Rp2040Radio => sprintf($compiled, 'RP2040'),
            default => 'Run here on a computer, not on the chip; no compiler for it was to be had.',
        };
    }
}
