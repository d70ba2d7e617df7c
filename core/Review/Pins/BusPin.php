<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Bus signal on a pin that cannot serve it, or on another unit than its partners. */
final class BusPin implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.bus-pin',
            version: 1,
            title: 'Bus signal on the wrong pin',
            severities: [Severity::Broken],
            reason: 'Some chips tie each bus signal to certain pins, and the signals of one bus to one unit.',
            threshold: 'every signal of a bus on a pin of the same unit, where the chip cannot route it anywhere',
            basis: Basis::DataSheet,
            source: 'pin table of the chip',
            silentWhen: 'the chip or its usual libraries can route the bus to any pin',
        );
    }

    /** In one piece: one judgement for each signal of a bus. */
    public function inspect(Inspection $inspection): iterable
    {
        $chip = $inspection->controller->chip;
        foreach ($inspection->seating->pins as $id => $pin) {
            $signal = $inspection->board->functions[$id]->kind->busSignal();
            if (null !== $signal && !$chip->canRoute($signal->bus()) && [] === $pin->chip->unitsAs($signal)) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf('“%s” sits on %s, which has no %s.', $inspection->board->nameOf($id), $pin->bothNames(), $signal->value),
                    proposals: fn(): array => Repairs::of($inspection)->moveToBestPin($id),
                );
            }
        }
        foreach ($inspection->board->groups as $id => $group) {
            $common = null;
            $isSplit = false;
            foreach ($group->functions as $function) {
                $signal = $inspection->board->functions[$function]->kind->busSignal();
                $units = null === $signal ? [] : ($inspection->seating->pins[$function] ?? null)?->chip->unitsAs($signal) ?? [];
                if (null === $signal || [] === $units || $chip->canRoute($signal->bus())) {
                    continue;
                }
                $common = null === $common ? $units : array_intersect($common, $units);
                $isSplit = $isSplit || [] === $common;
            }
            if ($isSplit) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf('The signals of “%s” sit on different units of the %s.', $group->name, $chip->identity->name),
                    proposals: fn(): array => Repairs::of($inspection)->seatAll(),
                );
            }
        }
    }
}
