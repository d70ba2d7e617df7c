<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\Drivers\DriveByTransistor;
use IronLatch\Core\Board\NpnLowSide;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Transistor;
use IronLatch\Core\Drive\Circuit\BaseResistor;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;
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
                fn(): array => self::remedies($inspection, $id, $actuator),
            );
        }
    }

    private const BASE_EMITTER_OHMS = 10e3;

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $id, Actuator $actuator): array
    {
        foreach (Repairs::of($inspection)->partsOnOffer(Transistor::class) as $transistor) {
            $draft = new NpnLowSide($transistor->identity->id, 470.0, self::BASE_EMITTER_OHMS);
            $ohms = BaseResistor::fitting($inspection->board->withPart($transistor), $actuator->with(driver: $draft));
            $isStrongEnough = $transistor->greatestAmps >= 2 * $inspection->board->relay($actuator)->coilVolts
                / $inspection->board->relay($actuator)->coilResistance->min;
            if (null !== $ohms && $isStrongEnough) {
                return [new Remedy(
                    sprintf('Drive it by %s with %s', $transistor->identity->name, QuantityPrinter::rounded($ohms, Unit::Ohm)),
                    new DriveByTransistor([$id], $transistor, $ohms, self::BASE_EMITTER_OHMS),
                )];
            }
        }

        return [];
    }
}
