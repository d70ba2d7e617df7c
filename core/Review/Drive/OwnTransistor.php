<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Edit\Drivers\DriveByTransistor;
use IronLatch\Core\Board\NewBoard;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Circuit\BaseResistor;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;

/** A transistor of its own for a relay, on the pin that it has. */
final class OwnTransistor
{
    /**
     * The first on offer that carries the coil twice over, with the base resistor that saturates it.
     *
     * @param string $id of the relay
     * @param string $what as the remedy calls the relay
     * @return list<Remedy> at most one; empty where no transistor on offer is strong enough
     */
    public static function remedies(Inspection $inspection, string $id, string $what): array
    {
        $actuator = $inspection->board->actuator($id);
        $relay = $inspection->board->relay($actuator);
        foreach (Repairs::of($inspection)->partsOnOffer(Transistor::class) as $transistor) {
            if ($transistor->isPnp || $transistor->greatestAmps < 2 * $relay->coilVolts / $relay->coilResistance->min) {
                continue;
            }
            $draft = new NpnLowSide($transistor->identity->id, NewBoard::BASE_OHMS, NewBoard::BASE_EMITTER_OHMS);
            $ohms = BaseResistor::fitting($inspection->board->withPart($transistor), $actuator->with(driver: $draft));
            if (null !== $ohms) {
                return [new Remedy(
                    sprintf('Drive %s by %s with %s', $what, $transistor->identity->name, QuantityPrinter::rounded($ohms, Unit::Ohm)),
                    new DriveByTransistor([$id], $transistor, $ohms, NewBoard::BASE_EMITTER_OHMS),
                )];
            }
        }

        return [];
    }
}
