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

/** Function that has no pin. */
final class FunctionWithoutPin implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.no-pin',
            version: 1,
            title: 'Function that has no pin',
            severities: [Severity::Broken],
            reason: 'What is not connected to the controller does not work.',
            threshold: 'every function has a seat',
            basis: Basis::CommonPractice,
            source: 'the definition of a seating',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->board->functions as $id => $function) {
            if (isset($inspection->seating->pins[$id])) {
                continue;
            }
            $finding = new Finding(
                $this->facts(),
                Severity::Broken,
                $id,
                sprintf('“%s” (%s) has no pin yet.', $function->name, $function->kind->value),
                proposals: static fn(): array => [...Repairs::of($inspection)->moveToBestPin($id), ...Repairs::of($inspection)->seatAll()],
            );
            yield $finding->followingFrom(Finding::keyOf(DoesNotFit::class, 'board'));
        }
    }
}
