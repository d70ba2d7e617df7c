<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Catalogue\Ability;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** No interrupt where one is needed. */
final class NoInterrupt implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.no-interrupt',
            version: 1,
            title: 'No interrupt where one is needed',
            severities: [Severity::Broken],
            reason: 'An infrared code and a zero crossing are read from the moments of their edges. Without an interrupt the program is '
                . 'always late.',
            threshold: 'a pin with an interrupt for every infrared receiver and zero-cross input',
            basis: Basis::DataSheet,
            source: 'pin table of the chip',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->seating->pins as $id => $pin) {
            $function = $inspection->board->functions[$id];
            if ($function->kind->needsInterrupt() && !$pin->chip->can(Ability::Interrupt)) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf('“%s” needs an interrupt, and %s has none.', $function->name, $pin->bothNames()),
                    proposals: fn(): array => Repairs::of($inspection)->moveToBestPin($id),
                );
            }
        }
    }
}
