<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Board\Edit\Controller\StateInnerMemory;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Pin that the module’s own additional memory uses. */
final class InnerMemory implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.inner-memory',
            version: 1,
            title: 'Pin that additional memory inside the module uses',
            severities: [Severity::Broken],
            reason: 'Some modules of a chip have PSRAM or an eight-wire flash inside, on pins that other modules leave free. What is '
                . 'wired to them stops the program, and is driven by it.',
            threshold: 'no function on such a pin where the module has additional memory; the order code printed on the module says so',
            basis: Basis::DataSheet,
            source: 'pin tables of the chip’s modules, from memory',
            silentWhen: 'the module has no memory besides its usual flash',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $has = $inspection->board->mcu->innerMemory?->value;
        foreach ($inspection->seating->pins as $id => $pin) {
            if (!$pin->chip->variantMemory || false === $has) {
                continue;
            }
            if (null === $has) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    sprintf('whether the module has PSRAM or eight-wire flash inside, which would take %s', $pin->bothNames()),
                    Answer::by(StateInnerMemory::class, 'has'),
                );
            } else {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        '“%s” sits on %s, which the memory inside the module uses: the program stops, or does not start.',
                        $inspection->board->nameOf($id),
                        $pin->bothNames(),
                    ),
                    proposals: static fn(): array => Repairs::of($inspection)->moveToBestPin($id),
                );
            }
        }
    }
}
