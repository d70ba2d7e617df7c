<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** One signal of a serial bus. */
enum BusSignal: string
{
    case I2cData = 'SDA';
    case I2cClock = 'SCL';
    case UartTransmit = 'TX';
    case UartReceive = 'RX';
    case SpiClock = 'SCK';
    case SpiOut = 'MOSI';
    case SpiIn = 'MISO';

    public function bus(): BusKind
    {
        return match ($this) {
            self::I2cData, self::I2cClock => BusKind::I2c,
            self::UartTransmit, self::UartReceive => BusKind::Uart,
            self::SpiClock, self::SpiOut, self::SpiIn => BusKind::Spi,
        };
    }
}
