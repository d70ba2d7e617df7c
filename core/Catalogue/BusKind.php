<?php

declare(strict_types=1);

namespace IronLatch\Core\Catalogue;

/** A serial bus whose signals belong together. */
enum BusKind: string
{
    case I2c = 'I2C';
    case Uart = 'UART';
    case Spi = 'SPI';
}
