<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Edit\Drivers\DriveByModule;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\OptoModule;
use IronLatch\Core\Quantity\Figure;
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

/** Quasi-bidirectional output asked to source. */
final class ExpanderSources implements Rule
{
    private const WEAK_SOURCE_OHMS = 5e3;

    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.expander-sources',
            version: 1,
            title: 'Expander output asked to source',
            severities: [Severity::Broken],
            reason: 'A quasi-bidirectional output sinks well and sources about a tenth of a milliampere: it cannot drive an active-high '
                . 'input.',
            threshold: 'no active-high driver behind more than ' . QuantityPrinter::rounded(self::WEAK_SOURCE_OHMS, Unit::Ohm)
                . ' of source resistance',
            basis: Basis::DataSheet,
            source: 'output current of the expander’s part file',
            silentWhen: 'the driver is active low',
            joint: LineJoint::Driver,
        );
    }

    public static function isAskedToSource(Inspection $inspection, Actuator $actuator): bool
    {
        $pin = $inspection->seating->pins[$actuator->function] ?? null;

        return null !== $pin?->expander
            && Level::High === $actuator->driver->inherentActiveLevel()
            && $pin->silicon->electrics->sourceResistance->typ > self::WEAK_SOURCE_OHMS;
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->actuators() as $id => $actuator) {
            if (!self::isAskedToSource($inspection, $actuator)) {
                continue;
            }
            $pin = $inspection->seating->pins[$actuator->function];
            $electrics = $pin->silicon->electrics;
            $amps = $electrics->supply->typ / $electrics->sourceResistance->typ;
            yield new Finding(
                $this->facts(),
                Severity::Broken,
                $id,
                sprintf(
                    'The relay of “%s” wants a high level from %s, which gives about %s.',
                    $inspection->board->nameOf($id),
                    $pin->bothNames(),
                    QuantityPrinter::rounded($amps, Unit::Ampere),
                ),
                [new Figure(
                    'current that the output gives',
                    $amps,
                    Unit::Ampere,
                    'V_DD ÷ R_source',
                    [
                        'V_DD = ' . QuantityPrinter::rounded($electrics->supply->typ, Unit::Volt),
                        'R_source = ' . QuantityPrinter::rounded($electrics->sourceResistance->typ, Unit::Ohm),
                    ],
                    'typical values',
                    $pin->silicon->identity->name . ', ' . $pin->silicon->identity->basis->words(),
                )],
                static fn(): array => [...self::modules($inspection, $id), ...Repairs::of($inspection)->moveToBestPin($actuator->function)],
            );
        }
    }

    /**
     * @return list<Remedy>
     */
    private static function modules(Inspection $inspection, string $id): array
    {
        $remedies = [];
        foreach (Repairs::of($inspection)->partsOnOffer(OptoModule::class) as $module) {
            if (Level::Low === $module->activeLevel && $module->indicatorVolts->max > 0) {
                $remedies[] = new Remedy('Drive it by ' . $module->identity->name, new DriveByModule([$id], $module));
            }
        }

        return $remedies;
    }
}
