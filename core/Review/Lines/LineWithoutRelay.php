<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Lines;

use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Repairs;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Line that nothing switches. */
final class LineWithoutRelay implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'lines.no-relay',
            version: 1,
            title: 'Line that nothing switches',
            severities: [Severity::Broken],
            reason: 'A line without a relay cannot switch its appliance.',
            threshold: 'at least one relay in each line',
            basis: Basis::CommonPractice,
            source: 'the definition of a line',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        if ([] === $inspection->board->lines) {
            yield new NotChecked($this->facts(), 'board', 'a line');
        }
        foreach ($inspection->board->lines as $id => $line) {
            if ([] === $line->actuators) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf('“%s” has no relay, so nothing switches its appliance.', $line->name),
                    proposals: static fn(): array => [Repairs::of($inspection)->withSeat(
                        'Add a relay',
                        'Add a relay to ' . $line->name,
                        new AddRelay($id),
                    )],
                );
            }
        }
    }
}
