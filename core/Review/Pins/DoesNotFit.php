<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Pins;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;
use IronLatch\Core\Review\WayOut;
use IronLatch\Core\Review\WaysOut;

/** More functions than the controller has pins for. */
final class DoesNotFit implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'pins.does-not-fit',
            version: 1,
            title: 'Functions that the pins do not suffice for',
            severities: [Severity::Broken],
            reason: 'No seating, however clever, gives each of these functions a pin that can serve it.',
            threshold: 'the best seating that exists, found exactly; locked and frozen seats stay',
            basis: Basis::CommonPractice,
            source: 'the definition of a seating',
            silentWhen: 'every function has a pin, good or bad',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        if ([] === array_diff_key($inspection->board->functions, $inspection->seating->pins)) {
            return;
        }
        $solution = $inspection->plan->solution();
        if ($solution->fits()) {
            return;
        }
        $names = array_map(static fn(string $id): string => '“' . $inspection->board->nameOf($id) . '”', $solution->conflict);
        $last = array_pop($names);
        yield new Finding(
            $this->facts(),
            Severity::Broken,
            'board',
            [] === $names
                ? sprintf('No pin of the %s can serve %s.', $inspection->controller->carrier->identity->name, $last)
                : sprintf(
                    '%s and %s cannot all be seated on the %s; without any one of them the others can.',
                    implode(', ', $names),
                    $last,
                    $inspection->controller->carrier->identity->name,
                ),
            proposals: static fn(): array => array_map(
                static fn(WayOut $way): Remedy => new Remedy($way->title, $way->edit),
                array_slice(array_values(array_filter(WaysOut::of($inspection), static fn(WayOut $way): bool => $way->fits())), 0, 4),
            ),
        );
    }
}
