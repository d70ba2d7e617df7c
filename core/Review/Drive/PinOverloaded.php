<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Drive\Circuit\BaseResistor;
use IronLatch\Core\Quantity\MarginState;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Pin that carries too much. */
final class PinOverloaded implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.pin-overloaded',
            version: 1,
            title: 'Pin that carries too much',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'A pin that is asked for more than it can carry sags, ages or dies.',
            threshold: 'planned pin current exceeded at typical values over the absolute maximum (broken) or at the worst corner (weak)',
            basis: Basis::DataSheet,
            source: 'pin currents of the chip',
            silentWhen: 'the coil hangs straight on the pin, which is a finding of its own',
            joint: LineJoint::Driver,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->actuators() as $id => $actuator) {
            $lineId = $inspection->board->lineOf($id);
            $result = $inspection->drive->results[$id];
            if (
                CoilOnPin::hangs($inspection, $actuator)
                || $actuator->driver->isReadyMade()
                || MarginState::Sound === $result->pin->state()
            ) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                $result->pinAmps->value > $inspection->board->siliconOf($actuator->function)->electrics->greatestPinAmps
                    ? Severity::Broken
                    : Severity::Weak,
                $id,
                sprintf(
                    'The pin of “%s” carries up to %s; plan %s, and never more than %s.',
                    $inspection->board->lines[$lineId]->name,
                    $result->pinAmps->printed(),
                    QuantityPrinter::rounded($inspection->board->siliconOf($actuator->function)->electrics->plannedPinAmps, Unit::Ampere),
                    QuantityPrinter::rounded($inspection->board->siliconOf($actuator->function)->electrics->greatestPinAmps, Unit::Ampere),
                ),
                [$result->pinAmps, $result->pin->worst],
                fn(): array => self::remedies($inspection, $id, $actuator),
            );
        }
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $id, Actuator $actuator): array
    {
        $ohms = BaseResistor::fitting($inspection->board, $actuator);

        return null === $ohms ? [] : [new Remedy(
            sprintf('Fit %s at the base', QuantityPrinter::rounded($ohms, Unit::Ohm)),
            new SetDriverValue([$id], 'baseOhms', $ohms),
        )];
    }
}
