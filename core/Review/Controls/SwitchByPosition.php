<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Maintained switch read by its position beside other controls. */
final class SwitchByPosition implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.switch-by-position',
            version: 1,
            title: 'Maintained switch read by its position beside other controls',
            severities: [Severity::Hint],
            reason: 'Another control changes the line, and the switch stands for what is no longer so: the next flick does nothing. Read '
                . 'each change of the switch as a flip, or let it count only when it is moved.',
            threshold: 'a wall switch that says on and off by its position, on a line with another control',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'it is the only control of its line',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->controls->entries as $id => $entry) {
            if (SurfaceKind::WallSwitch !== $entry->kind || Operation::Explicit !== $entry->operation) {
                continue;
            }
            $others = array_filter(
                $inspection->controls->ofLine($entry->line),
                static fn(Entry $other): bool => $other->surface !== $entry->surface && $other->direction->commands(),
            );
            if ([] !== $others) {
                yield new Finding(
                    $this->facts(),
                    Severity::Hint,
                    $id,
                    sprintf(
                        'The wall switch of “%s” says on and off by its position, and %d other %s the line too.',
                        $inspection->board->lines[$entry->line]->name,
                        count($others),
                        1 === count($others) ? 'control operates' : 'controls operate',
                    ),
                    proposals: static fn(): array => [new Remedy(
                        'Let each flick flip the line',
                        TellSurface::keeping($id, $inspection->board->lines[$entry->line]->surfaces[$id], Operation::Toggle),
                    )],
                );
            }
        }
    }
}
