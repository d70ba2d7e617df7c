<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Firmware;

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
