<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Control\Hop;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Toggle over a link that loses messages. */
final class ToggleLossy implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.toggle-lossy',
            version: 2,
            title: 'Toggle over a link that loses messages',
            severities: [Severity::Weak],
            reason: 'A lost “flip” leaves both sides opposite to each other for good. “On” and “off” are right again with the '
                . 'next.',
            threshold: 'toggling, or going a step, by a way of which one hop can lose messages',
            basis: Basis::CommonPractice,
            source: 'common practice',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->controls->entries as $id => $entry) {
            $route = $inspection->controls->routes[$entry->column] ?? null;
            $lossy = array_values(array_filter($route->hops ?? [], static fn(Hop $hop): bool => $hop->losesMessages()))[0] ?? null;
            if (null !== $route && null !== $lossy && $entry->operation->saysChange()) {
                $profile = $route->hops[0]->profile;
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf(
                        '“%s” is %s by way of “%s”, where a message can be lost.',
                        $inspection->board->lines[$entry->line]->name,
                        $entry->operation->isStepwise() ? 'moved a step' : 'flipped',
                        $lossy->channel->name,
                    ),
                    proposals: static fn(): array => in_array(Operation::Explicit, $profile->operations, true) ? [new Remedy(
                        'Say “on” and “off” instead',
                        TellSurface::keeping($id, $inspection->board->lines[$entry->line]->surfaces[$id], Operation::Explicit),
                    )] : [],
                );
            }
        }
    }
}
