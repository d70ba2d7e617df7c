<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** Why some functions belong together. */
enum GroupKind: string
{
    case I2c = 'I2C bus';
    case Uart = 'UART link';
    case Spi = 'SPI bus';
    case ShiftChain = 'shift register chain';
    case Selector = 'step selector';
    /** Relays of which only one may be on: the steps of one motor. */
    case StepRelays = 'step relays';
    /** Relays of different lines that may never be on together: a heater and a cooler. */
    case NeverTogether = 'never on together';
    /** Two relays of one line: a motor that runs one way or the other. */
    case Directions = 'directions of one motor';
    case HeaderOrder = 'kept in header order';

    /**
     * What a group of this kind is made of when it is added whole.
     *
     * @return array<string, FunctionKind> kind by the name’s ending
     */
    public function functions(): array
    {
        return match ($this) {
            self::I2c => ['SDA' => FunctionKind::I2cData, 'SCL' => FunctionKind::I2cClock],
            self::Uart => ['TX' => FunctionKind::UartTransmit, 'RX' => FunctionKind::UartReceive],
            self::Spi => [
                'SCK' => FunctionKind::SpiClock,
                'MOSI' => FunctionKind::SpiOut,
                'MISO' => FunctionKind::SpiIn,
                'CS' => FunctionKind::SpiSelect,
            ],
            self::ShiftChain => [
                'data' => FunctionKind::RegisterData,
                'clock' => FunctionKind::RegisterClock,
                'latch' => FunctionKind::RegisterLatch,
            ],
            self::Selector, self::StepRelays, self::NeverTogether, self::Directions, self::HeaderOrder => [],
        };
    }

    /** Whether two of its relays closed at once do harm. */
    public function isExclusive(): bool
    {
        return self::StepRelays === $this || self::NeverTogether === $this || self::Directions === $this;
    }

    /** Whether its members must stand in their order along the header. */
    public function keepsOrder(): bool
    {
        return self::HeaderOrder === $this;
    }

    /** Whether its signals must come from one unit of the chip. */
    public function sharesUnit(): bool
    {
        return self::I2c === $this || self::Uart === $this || self::Spi === $this;
    }
}
