<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Number of a service that another line’s pin bears in print. */
final class NumberIsPrint implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.number-is-print',
            version: 1,
            title: 'Number of a service that another line’s pin bears in print',
            severities: [Severity::Weak],
            reason: 'A service that numbers pins by itself calls a line 5; the carrier prints 5, or D5, beside the pin of another. '
                . 'Whoever reads the one and wires the other switches the wrong line.',
            threshold: 'numbers on channels that number pins, against the labels of the pins of other lines',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'services that do not number pins',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $prints = [];
        foreach ($inspection->board->actuators() as $id => $actuator) {
            $line = $inspection->board->lineOf($id);
            $label = isset($inspection->seating->pins[$actuator->function]) ? $inspection->seating->pins[$actuator->function]->label() : '';
            if (1 === preg_match('/^[A-Z]{0,4}(\\d{1,2})$/', $label, $match)) {
                $prints[(int) $match[1]] = [$line, $label];
            }
        }
        foreach ($inspection->controls->entries as $entry) {
            if (true !== ($inspection->controls->columns[$entry->column]->profile->numbersPins ?? null)) {
                continue;
            }
            $print = ctype_digit($entry->address) ? $prints[(int) $entry->address] ?? null : null;
            if (null !== $print && $print[0] !== $entry->line) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $entry->surface,
                    sprintf(
                        '“%s” is number %s on “%s”, and %s is printed beside the pin of “%s”.',
                        $inspection->board->lines[$entry->line]->name,
                        $entry->address,
                        $inspection->controls->columns[$entry->column]->title,
                        $print[1],
                        $inspection->board->lines[$print[0]]->name,
                    ),
                    proposals: static fn(): array => [new Remedy(
                        'Use the derived number',
                        TellSurface::keeping(
                            $entry->surface,
                            $inspection->board->lines[$entry->line]->surfaces[$entry->surface],
                            address: '',
                        ),
                    )],
                );
            }
        }
    }
}
