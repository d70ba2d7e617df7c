<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Power bank that switches itself off. */
final class SwitchesItselfOff implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'power.switches-itself-off',
            version: 1,
            title: 'Power bank that switches itself off',
            severities: [Severity::Weak],
            reason: 'A power bank that sees little current takes it that the phone is full, and goes off.',
            threshold: 'typical current with all relays off, against the current below which the source switches itself off',
            basis: Basis::FromMemory,
            source: 'cut-off of the part file: 50 mA to 100 mA are usual, from memory',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->power->rails as $id => $budget) {
            $source = $inspection->board->source($id);
            if (null === $source?->cutOffAmps || $budget->idle->value >= $source->cutOffAmps) {
                continue;
            }
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                $id,
                sprintf(
                    'With all relays off the rail %s takes %s; %s switches itself off below %s.',
                    $inspection->board->nameOf($id),
                    $budget->idle->printed(),
                    $source->identity->name,
                    QuantityPrinter::rounded($source->cutOffAmps, Unit::Ampere),
                ),
                [$budget->idle],
                static fn(): array => OtherSupplies::remedies($inspection, $id),
            );
        }
    }
}
