<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\BridgeOutput;
use IronLatch\Core\Board\CouplerDriver;
use IronLatch\Core\Board\Driver;
use IronLatch\Core\Board\HighSidePair;
use IronLatch\Core\Board\InvertingPair;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Board\OptoModuleInput;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/** A driver in as few words as fit on a plate. */
final class DriverWords
{
    public static function of(Driver $driver): string
    {
        return match (true) {
            $driver instanceof NpnLowSide => 'NPN ' . QuantityPrinter::rounded($driver->baseOhms, Unit::Ohm),
            $driver instanceof MosfetLowSide => 'MOSFET',
            $driver instanceof ArrayChannel => 'array ' . $driver->package,
            $driver instanceof HighSidePair => 'high side',
            $driver instanceof InvertingPair => 'inverting',
            $driver instanceof CouplerDriver => 'opto, NPN',
            $driver instanceof BridgeOutput => 'full bridge',
            $driver instanceof OptoModuleInput => 'opto module',
            default => 'pin itself',
        };
    }
}
