<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Power\FeedDevice;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Device on a rail of the wrong voltage. */
final class DeviceVoltage implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.device-voltage',
            version: 1,
            title: 'Device on a rail of the wrong voltage',
            severities: [Severity::Broken],
            reason: 'A sensor for 3.3 V on 5 V dies or feeds 5 V into the controller; a receiver for 5 V on 3.3 V hears nothing.',
            threshold: 'the whole range of what feeds it within the device’s supply range',
            basis: Basis::DataSheet,
            source: 'supply range of the device’s part file, from memory',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $board = $inspection->board;
        foreach ($board->devices as $id => $device) {
            $part = $board->part($device->part, Device::class);
            $volts = null === $device->pin
                ? self::sources($board)[$device->rail ?? '']
                : $inspection->controller->pins[$device->pin]->silicon->electrics->supply;
            if ($volts->min >= $part->supply->min && $volts->max <= $part->supply->max) {
                continue;
            }
            $isHigh = $volts->max > $part->supply->max;
            $figure = new Figure(
                'supply of the device',
                $isHigh ? $volts->max : $volts->min,
                Unit::Volt,
                'range of what feeds it',
                ['made for ' . QuantityPrinter::rounded($part->supply->min, Unit::Volt) . ' to ' . QuantityPrinter::rounded(
                    $part->supply->max,
                    Unit::Volt,
                )],
                $isHigh ? 'highest' : 'lowest',
                $part->identity->name . ', ' . $part->identity->basis->words(),
            );
            yield new Finding(
                $this->facts(),
                Severity::Broken,
                $id,
                sprintf(
                    '“%s” gets %s %s; it is made for %s to %s.',
                    $device->name,
                    $isHigh ? 'up to' : 'down to',
                    $figure->printed(),
                    QuantityPrinter::rounded($part->supply->min, Unit::Volt),
                    QuantityPrinter::rounded($part->supply->max, Unit::Volt),
                ),
                [$figure],
                static fn(): array => self::remedies($inspection, $id, $part),
                null === $device->pin ? null : Finding::keyOf(DeviceOnPin::class, $id),
            );
        }
    }

    /**
     * What a board has to feed a device with.
     *
     * @return array<string, Spread> volts by rail; the controller’s pin supply under ''
     */
    public static function sources(Board $board): array
    {
        $sources = ['' => $board->controller()->chip->electrics->supply];
        foreach (array_keys($board->rails) as $rail) {
            $sources[$rail] = $board->railVolts($rail);
        }

        return $sources;
    }

    /**
     * The controller’s pin supply or a rail of the right voltage.
     *
     * @return list<Remedy> at most two
     */
    public static function remedies(Inspection $inspection, string $id, Device $part): array
    {
        $remedies = [];
        foreach (self::sources($inspection->board) as $rail => $volts) {
            if ($volts->min >= $part->supply->min && $volts->max <= $part->supply->max) {
                $remedies[] = new Remedy(
                    '' === $rail
                        ? 'Feed it from the controller’s pin supply'
                        : 'Feed it from the rail ' . $inspection->board->nameOf($rail),
                    new FeedDevice($id, '' === $rail ? null : $rail),
                );
            }
        }

        return array_slice($remedies, 0, 2);
    }
}
