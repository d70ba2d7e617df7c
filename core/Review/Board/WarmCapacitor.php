<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Board;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Electrolytic capacitor beside what gets hot. */
final class WarmCapacitor implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'board.warm-capacitor',
            version: 1,
            title: 'Electrolytic capacitor beside what gets hot',
            severities: [Severity::Hint],
            reason: 'Ten kelvin more halve the life of an electrolytic capacitor.',
            threshold: '10 mm between a supply or regulator of 0.5 W of heat or more and an electrolytic capacitor',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'nobody has said how it is built',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->layout()?->warmed() ?? [] as [$hot, $cool, $metres]) {
            yield new Finding(
                $this->facts(),
                Severity::Hint,
                $cool->part->id,
                sprintf(
                    '%s lies %s from %s, which gives off %s.',
                    $cool->part->id,
                    QuantityPrinter::rounded($metres, Unit::Metre),
                    $hot->part->id,
                    QuantityPrinter::rounded($hot->part->hotWatts, Unit::Watt, 2),
                ),
                proposals: static fn(): array => Layouts::remedies($inspection),
            );
        }
    }
}
