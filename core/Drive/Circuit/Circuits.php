<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\ArrayChannel;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BridgeOutput;
use IronLatch\Core\Board\CouplerDriver;
use IronLatch\Core\Board\HighSidePair;
use IronLatch\Core\Board\InvertingPair;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Catalogue\BridgeDriver;
use IronLatch\Core\Catalogue\DarlingtonArray;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\Transistor;

/** Finds the circuit of a relay’s driver. */
final class Circuits
{
    /** Null for a ready-made module, whose inside is known by its currents only, and for no driver at all. */
    public static function of(Board $board, Actuator $actuator): ?SwitchCircuit
    {
        $pin = $board->siliconOf($actuator->function)->electrics;
        $relay = $board->relay($actuator);
        $rail = $board->railVolts($actuator->rail);
        $driver = $actuator->driver;

        return match (true) {
            $driver instanceof NpnLowSide => new NpnSwitch(
                $pin,
                $relay,
                $rail,
                $driver,
                $board->part($driver->transistor, Transistor::class),
            ),
            $driver instanceof MosfetLowSide => new MosfetSwitch(
                $pin,
                $relay,
                $rail,
                $driver,
                $board->part($driver->mosfet, Mosfet::class),
            ),
            $driver instanceof ArrayChannel => new ArraySwitch($pin, $relay, $rail, $board->part($driver->array, DarlingtonArray::class)),
            $driver instanceof HighSidePair => new HighSideSwitch(
                $pin,
                $relay,
                $rail,
                $driver,
                $board->part($driver->npn, Transistor::class),
                $board->part($driver->pnp, Transistor::class),
            ),
            $driver instanceof InvertingPair => new InvertingSwitch(
                $pin,
                $relay,
                $rail,
                $driver,
                $board->part($driver->pnp, Transistor::class),
                $board->part($driver->npn, Transistor::class),
            ),
            $driver instanceof CouplerDriver => new CouplerSwitch(
                $pin,
                $relay,
                $rail,
                $driver,
                $board->part($driver->coupler, OptoCoupler::class),
                $board->part($driver->npn, Transistor::class),
            ),
            $driver instanceof BridgeOutput => new BridgeSwitch($pin, $relay, $rail, $board->part($driver->bridge, BridgeDriver::class)),
            default => null,
        };
    }
}
