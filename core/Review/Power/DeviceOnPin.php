<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Catalogue\Ability;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Device that takes its supply from a signal pin. */
final class DeviceOnPin implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.device-on-pin',
            version: 1,
            title: 'Device that takes its supply from a signal pin',
            severities: [Severity::Broken],
            reason: 'A signal pin gives a few milliamperes. A display or a radio module on it pulls its level down, and the pin ages or '
                . 'dies.',
            threshold: 'the pin can be an output, and the peak current of the device is no more than is planned for a pin',
            basis: Basis::DataSheet,
            source: 'pin currents of the chip',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach ($board->devices as $id => $device) {
            $pin = null === $device->pin ? null : $inspection->controller->pins[$device->pin];
            $part = $board->part($device->part, Device::class);
            if (null === $pin) {
                continue;
            }
            $planned = $pin->silicon->electrics->plannedPinAmps;
            $figure = new Figure(
                'peak current of the device',
                $part->peakAmps,
                Unit::Ampere,
                'part file',
                ['a pin gives ' . QuantityPrinter::rounded($planned, Unit::Ampere)],
                'at its peak',
                $part->identity->name . ', ' . $part->identity->basis->words(),
            );
            if (!$pin->chip->can(Ability::Output)) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf('“%s” is fed from %s, which cannot be an output.', $device->name, $pin->bothNames()),
                    proposals: static fn(): array => DeviceVoltage::remedies($inspection, $id, $part),
                );
            } elseif ($part->peakAmps > $planned) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        '“%s” takes up to %s from %s, which gives %s.',
                        $device->name,
                        $figure->printed(),
                        $pin->bothNames(),
                        QuantityPrinter::rounded($planned, Unit::Ampere),
                    ),
                    [$figure],
                    static fn(): array => DeviceVoltage::remedies($inspection, $id, $part),
                );
            }
        }
    }
}
