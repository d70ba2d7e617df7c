<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\ReservedFor;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Flash pin used. */
final class FlashPin implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.flash-pin',
            version: 1,
            title: 'Flash pin used',
            severities: [Severity::Broken],
            reason: 'These pins are wired to the flash memory that the program runs from; anything else on them stops the chip.',
            threshold: 'no function on a pin reserved for the flash memory',
            basis: Basis::DataSheet,
            source: 'pin table of the chip',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->seating->pins as $id => $pin) {
            if (ReservedFor::Flash === $pin->chip->reserved) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        '“%s” sits on %s, which is wired to the flash memory inside: the chip will not run.',
                        $inspection->board->nameOf($id),
                        $pin->bothNames(),
                    ),
                    proposals: fn(): array => Repairs::of($inspection)->moveToBestPin($id),
                );
            }
        }
    }
}
