<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Value at a pin that is the wrong way round. */
final class ValueInverted implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.value-inverted',
            version: 1,
            title: 'Value at a pin that is the wrong way round',
            severities: [Severity::Broken],
            reason: 'A service that writes pins writes what it is told: on an active-low line 1 is off. With the '
                . 'values swapped everything is on when it is shown as off, and that after each start.',
            threshold: 'the maker’s own values for on and off on a service that writes pins, against the active level '
                . 'of the relay',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'services that speak to the program; while the active level is not stated, which is a finding of '
                . 'its own',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->controls->entries as $id => $entry) {
            $line = $inspection->board->lines[$entry->line];
            $surface = $line->surfaces[$id];
            $level = (array_values($line->actuators)[0] ?? null)?->activeLevel->value;
            if (null === ($inspection->controls->columns[$entry->column]->profile->setsPins ?? null) || !$level instanceof Level) {
                continue;
            }
            $off = Level::High === $level ? '0' : '1';
            $on = Level::High === $level ? '1' : '0';
            if ($surface->on === $off || $surface->off === $on) {
                yield new Finding(
                    $this->facts(),
                    Severity::Broken,
                    $id,
                    sprintf(
                        '“%s” is active-%s: on is %s at its pin and off is %s, and “%s” is told %s.',
                        $line->name,
                        $level->value,
                        $on,
                        $off,
                        $inspection->controls->columns[$entry->column]->title,
                        implode(' and ', [
                            ...'' === $surface->on ? [] : [$surface->on . ' for on'],
                            ...'' === $surface->off ? [] : [$surface->off . ' for off'],
                        ]),
                    ),
                    proposals: static fn(): array => [new Remedy(
                        'Use the derived values',
                        new TellSurface($id, $surface->operation, $surface->address, promisesFeedback: $surface->promisesFeedback),
                    )],
                );
            }
        }
    }
}
