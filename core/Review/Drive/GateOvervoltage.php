<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\Drivers\SetDriverValue;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Drive\Circuit\Circuits;
use IronLatch\Core\Drive\Circuit\GateDrive;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\LineJoint;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Gate that gets more than it bears. */
final class GateOvervoltage implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.gate-overvoltage',
            version: 1,
            title: 'Gate gets more than it bears',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'The oxide under a gate is a few hundred atoms thick. Beyond its rated voltage it breaks down, and the MOSFET then '
                . 'stays on for good.',
            threshold: 'gate–source voltage within what the part permits: at typical values (broken), on the highest rail (weak)',
            basis: Basis::DataSheet,
            source: 'greatest gate–source voltage of the MOSFET’s part file',
            joint: LineJoint::Driver,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->actuators() as $id => $actuator) {
            $gate = $inspection->drive->results[$id]->gate;
            $permitted = $gate?->part->greatestGateVolts();
            if (null === $gate || null === $permitted || $gate->greatestVolts <= $permitted) {
                continue;
            }
            $isBroken = $gate->typicalVolts > $permitted;
            yield new Finding(
                $this->facts(),
                $isBroken ? Severity::Broken : Severity::Weak,
                $id,
                sprintf(
                    'The gate of “%s” gets up to %s; %s bears %s.',
                    $inspection->board->nameOf($id),
                    QuantityPrinter::rounded($gate->greatestVolts, Unit::Volt),
                    $gate->part->identity()->name,
                    QuantityPrinter::rounded($permitted, Unit::Volt),
                ),
                [self::figure($gate, $permitted)],
                static fn(): array => self::remedies($inspection, $id, $actuator),
            );
        }
    }

    private static function figure(GateDrive $gate, float $permitted): Figure
    {
        return new Figure(
            'permitted over actual gate voltage',
            $permitted / $gate->greatestVolts,
            Unit::Ratio,
            'V_permitted ÷ V_GS',
            [
                'V_permitted = ' . QuantityPrinter::rounded($permitted, Unit::Volt),
                'V_GS = ' . QuantityPrinter::rounded($gate->greatestVolts, Unit::Volt),
            ],
            'highest rail',
            $gate->part->identity()->name . ', ' . $gate->part->identity()->basis->words(),
        );
    }

    /**
     * A gate resistor as great as the pull-up halves the voltage.
     *
     * @return list<Remedy> at most one, where the gate then gets what it bears and what it needs
     */
    private static function remedies(Inspection $inspection, string $id, Actuator $actuator): array
    {
        $ohms = $actuator->driver->ohms('pullUpOhms');
        if (null === $ohms) {
            return [];
        }
        $gate = Circuits::result(
            $inspection->board,
            $actuator->with(driver: $actuator->driver->withValue('gateOhms', $ohms)),
        )->gate;

        return null === $gate || !$gate->isSpecified() || $gate->greatestVolts > $gate->part->greatestGateVolts() ? [] : [new Remedy(
            sprintf('Fit %s as gate resistor', QuantityPrinter::rounded($ohms, Unit::Ohm)),
            new SetDriverValue([$id], 'gateOhms', $ohms),
        )];
    }
}
