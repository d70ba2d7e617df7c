<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Appliance that must not start by itself on a timer or a sensor. */
final class StartsByItself implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.starts-by-itself',
            version: 1,
            title: 'Appliance that must not start by itself on a timer or a sensor',
            severities: [Severity::Danger],
            reason: 'A timer or a sensor starts a heater or a saw with nobody there, or with a hand in it. It may take such a line off, '
                . 'and never put it on.',
            threshold: 'no timer and no sensor rule that switches on, on a line that must never start by itself',
            basis: Basis::CommonPractice,
            source: 'common practice; the fact is preset by the kind of appliance',
            silentWhen: 'the timer or the rule only switches off',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->controls->entries as $id => $entry) {
            $line = $inspection->board->lines[$entry->line];
            $isByItself = SurfaceKind::Timer === $entry->kind || SurfaceKind::SensorRule === $entry->kind;
            if ($isByItself && $entry->operation->canSwitchOn() && $inspection->board->mustNotStart($entry->line)) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf('“%s” must never start by itself, but a %s switches it on.', $line->name, $entry->kind->value),
                    proposals: static fn(): array => [new Remedy(
                        'Let it only switch off',
                        TellSurface::keeping($id, $line->surfaces[$id], Operation::Off),
                    )],
                );
            }
        }
    }
}
