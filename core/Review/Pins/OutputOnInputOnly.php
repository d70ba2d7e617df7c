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

/** Output on an input-only pin. */
final class OutputOnInputOnly implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.output-on-input-only',
            version: 1,
            title: 'Output on an input-only pin',
            severities: [Severity::Broken],
            reason: 'The pin has no output stage and cannot drive anything.',
            threshold: 'outputs, and signals that go both ways, only on pins that can drive',
            basis: Basis::DataSheet,
            source: 'pin table of the chip',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->seating->pins as $id => $pin) {
            $function = $inspection->board->functions[$id];
            if (($function->kind->isOutput() || $function->kind->isTwoWay()) && !$pin->chip->can(Ability::Output)) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        '“%s” %s, and %s can only read.',
                        $function->name,
                        $function->kind->isOutput() ? 'is an output' : 'must also drive its wire',
                        $pin->bothNames(),
                    ),
                    proposals: fn(): array => Repairs::of($inspection)->moveToBestPin($id),
                );
            }
        }
    }
}
