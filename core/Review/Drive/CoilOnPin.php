<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Coil straight on a pin. */
final class CoilOnPin implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.coil-on-pin',
            version: 1,
            title: 'Coil straight on a pin',
            severities: [Severity::Broken],
            reason: 'A coil wants several times what a pin can give, and kicks back when it is switched off.',
            threshold: 'every coil has a driver',
            basis: Basis::DataSheet,
            source: 'pin currents of the chip; coil currents of the relay',
            joint: LineJoint::Driver,
        );
    }

    /** A coil by itself on a pin; the input of a solid-state relay may hang there. */
    public static function hangs(Inspection $inspection, Actuator $actuator): bool
    {
        return $actuator->driver->isMissing() && null === $inspection->board->relay($actuator)->solidState;
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->actuators() as $id => $actuator) {
            $lineId = $inspection->board->lineOf($id);
            if (!self::hangs($inspection, $actuator)) {
                continue;
            }
            $result = $inspection->drive->results[$id];
            yield new Finding(
                $this->facts(),
                Severity::Broken,
                $id,
                sprintf(
                    'The coil of “%s” hangs straight on its pin and draws up to %s; a pin should carry %s.',
                    $inspection->board->lines[$lineId]->name,
                    $result->pinAmps->printed(),
                    QuantityPrinter::rounded($inspection->board->siliconOf($actuator->function)->electrics->plannedPinAmps, Unit::Ampere),
                ),
                [$result->pinAmps],
                static fn(): array => OwnTransistor::remedies($inspection, $id, 'it'),
            );
        }
    }
}
