<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Driver;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\GatedPart;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\MarginState;
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

/** MOSFET that nobody promises to conduct at this gate voltage. */
final class GateNotSpecified implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.gate-not-specified',
            version: 1,
            title: 'MOSFET not specified at this gate voltage',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'The threshold voltage is where a MOSFET begins to conduct, not where it is on. What it does below the gate voltage '
                . 'of its data sheet differs from copy to copy.',
            threshold: 'gate voltage over the lowest one at which an on-resistance is stated; below it at typical values and not pulling '
                . 'in for certain is broken, otherwise below it is weak',
            basis: Basis::DataSheet,
            source: 'on-resistance of the MOSFET’s part file',
            joint: LineJoint::Driver,
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->actuators() as $id => $actuator) {
            $result = $inspection->drive->results[$id];
            if (null === $result->gate || $result->gate->isSpecified()) {
                continue;
            }
            $mosfet = $result->gate->part;
            $worst = $result->gate->worstVolts;
            $isUnspecified = $result->gate->typicalVolts < $mosfet->specifiedGateVolts();
            $shown = $isUnspecified ? $result->gate->typicalVolts : $worst;
            $figure = new Figure(
                'gate voltage over the specified one',
                $shown / $mosfet->specifiedGateVolts(),
                Unit::Ratio,
                'V_GS ÷ V_specified',
                [
                    'V_GS = ' . QuantityPrinter::rounded($shown, Unit::Volt),
                    'V_specified = ' . QuantityPrinter::rounded($mosfet->specifiedGateVolts(), Unit::Volt),
                ],
                $isUnspecified ? 'typical values' : 'lowest pin supply',
                $mosfet->identity()->name . ', ' . $mosfet->identity()->basis->words(),
            );
            yield new Finding(
                $this->facts(),
                $isUnspecified && MarginState::Sound !== $result->pullIn->state() ? Severity::Broken : Severity::Weak,
                $id,
                sprintf(
                    'The gate of “%s” gets %s; %s is specified from %s on.',
                    $inspection->board->nameOf($id),
                    QuantityPrinter::rounded($shown, Unit::Volt),
                    $mosfet->identity()->name,
                    QuantityPrinter::rounded($mosfet->specifiedGateVolts(), Unit::Volt),
                ),
                [$figure],
                static fn(): array => self::remedies($inspection, $id, $actuator->driver, $mosfet, $worst),
            );
        }
    }

    /**
     * @return list<Remedy>
     */
    private static function remedies(Inspection $inspection, string $id, Driver $driver, GatedPart $now, float $gateVolts): array
    {
        $remedies = [];
        foreach (Repairs::of($inspection)->partsOnOffer($now::class) as $mosfet) {
            if ($mosfet->specifiedGateVolts() <= $gateVolts) {
                $remedies[] = new Remedy(
                    'Use the ' . $mosfet->identity()->name,
                    new ChooseDriver(
                        [$id],
                        $driver->withSwitch($mosfet->identity()->id),
                        [$mosfet],
                        $mosfet->identity()->name,
                    ),
                );
            }
        }

        return $remedies;
    }
}
