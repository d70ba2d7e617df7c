<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Drive;

use IronLatch\Core\Board\Edit\Functions\ShiftLevel;
use IronLatch\Core\Board\Edit\Functions\StateHighLevel;
use IronLatch\Core\Board\Edit\Power\FeedDevice;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Catalogue\Pin;
use IronLatch\Core\Pins\SignalLevel;
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

/** Signal that is too high or too low for its pin. */
final class LevelIntoPin implements Rule
{
    /** What the protection diodes of these chips bear above their supply (data sheets, from memory). */
    private const OVER_VOLTS = 0.3;
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'drive.level-into-pin',
            version: 2,
            title: 'Signal level that does not suit its pin',
            severities: [Severity::Broken, Severity::Weak],
            reason: 'A 5 V output into a 3.3 V pin forces current through its protection diode until one of the two gives in; a 3.3 V '
                . 'output into a 5 V input may or may not be read as high.',
            threshold: 'high level of the signal at most ' . QuantityPrinter::rounded(self::OVER_VOLTS, Unit::Volt)
                . ' above the pin’s supply, and at least V_IH; outside at typical values is broken, with tolerance weak; '
                . 'the output of a device follows the rail that feeds it, a pin fed straight from a rail follows that rail, '
                . 'and the controller’s output is held against what the device’s input reads and bears',
            basis: Basis::DataSheet,
            source: 'absolute maximum and input levels of the chip, from memory',
            silentWhen: 'nothing is stated of the signal and no device is attached to it: then it comes from the pins’ own supply',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->seating->pins as $id => $pin) {
            $signal = $inspection->board->functions[$id]->kind->isDrivenFromOutside() ? SignalLevel::into($inspection->board, $id) : null;
            if (null !== $signal) {
                yield from $this->intoPin($inspection, $id, $pin, $signal[0], $signal[1]);
            }
        }
        foreach ($inspection->board->devices as $id => $device) {
            foreach (SignalLevel::heardBy($inspection->board, $device) as $function) {
                $pin = $inspection->seating->pins[$function] ?? null;
                if (null !== $pin) {
                    yield from $this->intoDevice($inspection, $id, $function, $pin);
                }
            }
        }
    }

    /**
     * @return iterable<Finding>
     */
    private function intoPin(Inspection $inspection, string $id, Pin $pin, Spread $signal, string $because): iterable
    {
        $function = $inspection->board->functions[$id];
        $supply = SignalLevel::supplyOfPin($inspection->board, $pin);
        $limit = $supply->typ + self::OVER_VOLTS;
        $least = $pin->silicon->electrics->inputHighRatio * $supply->typ;
        $isTooLow = !$function->kind->isAnalogue() && $signal->min < $pin->silicon->electrics->inputHighRatio * $supply->max;
        $volts = QuantityPrinter::rounded($signal->typ, Unit::Volt);
        if ($signal->max > $supply->min + self::OVER_VOLTS && $signal->typ > $supply->max) {
            yield $this->finding(
                $inspection,
                $id,
                $signal->typ > $limit ? Severity::Broken : Severity::Weak,
                sprintf(
                    '“%s” drives %s to %s; it bears %s.',
                    $function->name,
                    $pin->bothNames(),
                    $volts,
                    QuantityPrinter::rounded($limit, Unit::Volt),
                ),
                new Figure(
                    'greatest level over the signal',
                    $limit / $signal->typ,
                    Unit::Ratio,
                    'V_greatest ÷ V_high',
                    ['V_high = ' . $volts . ', ' . $because, 'V_greatest = ' . QuantityPrinter::rounded($limit, Unit::Volt)],
                    'typical values',
                    $pin->silicon->identity->name,
                ),
                $supply->typ,
            );
        } elseif ($isTooLow) {
            yield $this->finding(
                $inspection,
                $id,
                $signal->typ < $least ? Severity::Broken : Severity::Weak,
                sprintf(
                    '“%s” drives %s to %s; a high begins at %s.',
                    $function->name,
                    $pin->bothNames(),
                    $volts,
                    QuantityPrinter::rounded($least, Unit::Volt),
                ),
                new Figure(
                    'signal over the lowest high',
                    $signal->typ / $least,
                    Unit::Ratio,
                    'V_high ÷ V_IH',
                    [
                        'V_high = ' . $volts . ', ' . $because,
                        'V_IH = ' . QuantityPrinter::rounded($least, Unit::Volt),
                        'V_DD up to ' . QuantityPrinter::rounded($supply->max, Unit::Volt),
                    ],
                    'typical values',
                    $pin->silicon->identity->name,
                ),
                $supply->typ,
            );
        }
    }

    /**
     * @return iterable<Finding>
     */
    private function intoDevice(Inspection $inspection, string $id, string $function, Pin $pin): iterable
    {
        $board = $inspection->board;
        $part = $board->part($board->devices[$id]->part, Device::class);
        if ($board->devices[$id]->shifted) {
            return;
        }
        $high = SignalLevel::supplyOfPin($board, $pin);
        $volts = QuantityPrinter::rounded($high->typ, Unit::Volt);
        if (null !== $part->inputGreatestVolts && $high->max > $part->inputGreatestVolts) {
            $figure = new Figure(
                'what the input bears over the signal',
                $part->inputGreatestVolts / $high->typ,
                Unit::Ratio,
                'V_greatest ÷ V_DD',
                ['V_DD = ' . $volts, 'V_greatest = ' . QuantityPrinter::rounded($part->inputGreatestVolts, Unit::Volt)],
                'typical values',
                $part->identity->name,
            );
            yield new Finding(
                $this->facts(),
                $high->typ > $part->inputGreatestVolts ? Severity::Broken : Severity::Weak,
                $id,
                sprintf(
                    '%s (“%s”) drives “%s” to %s; its input bears %s.',
                    $pin->bothNames(),
                    $board->nameOf($function),
                    $board->nameOf($id),
                    $volts,
                    QuantityPrinter::rounded($part->inputGreatestVolts, Unit::Volt),
                ),
                [$figure],
                static fn(): array => [new Remedy('Shift the level: 1 kΩ from the pin, 2 kΩ to ground', new ShiftLevel($id))],
            );
        } elseif (null !== $part->inputHighVolts && $high->min < $part->inputHighVolts) {
            $figure = new Figure(
                'signal over the lowest high',
                $high->typ / $part->inputHighVolts,
                Unit::Ratio,
                'V_DD ÷ V_IH',
                ['V_DD = ' . $volts, 'V_IH = ' . QuantityPrinter::rounded($part->inputHighVolts, Unit::Volt)],
                'typical values',
                $part->identity->name,
            );
            yield new Finding(
                $this->facts(),
                $high->typ < $part->inputHighVolts ? Severity::Broken : Severity::Weak,
                $id,
                sprintf(
                    '%s (“%s”) drives “%s” to %s; it reads a high from %s.',
                    $pin->bothNames(),
                    $board->nameOf($function),
                    $board->nameOf($id),
                    $volts,
                    QuantityPrinter::rounded($part->inputHighVolts, Unit::Volt),
                ),
                [$figure],
                static fn(): array => [new Remedy('Shift the level with a buffer on the device’s supply', new ShiftLevel($id))],
            );
        }
    }

    private function finding(
        Inspection $inspection,
        string $id,
        Severity $kind,
        string $statement,
        Figure $figure,
        float $supplyVolts,
    ): Finding {
        $device = SignalLevel::deviceOf($inspection->board, $id);
        $feed = null === $device ? [] : [new Remedy('Feed it from the controller’s pin supply', new FeedDevice($device))];

        return new Finding(
            $this->facts(),
            $kind,
            $id,
            $statement,
            [$figure],
            static fn(): array => [
                ...$feed,
                new Remedy(
                    sprintf('Feed it, or shift it, to %s', QuantityPrinter::rounded($supplyVolts, Unit::Volt)),
                    new StateHighLevel([$id], $supplyVolts),
                ),
            ],
        );
    }
}
