<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Controls;

use IronLatch\Core\Board\Edit\Controls\RemoveSurface;
use IronLatch\Core\Board\Edit\Lines\StateShownAs;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\ShownKind;
use IronLatch\Core\Control\ShownKinds;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Line that is shown as something else. */
final class KindSubstituted implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'controls.kind-substituted',
            version: 1,
            title: 'Line that is shown as something else',
            severities: [Severity::Hint, Severity::Weak],
            reason: 'An assistant or a panel knows some kinds of device and no others. What stands in for a fan '
                . 'cannot be set to a step, and a heater that is shown as a light goes on with all lights.',
            threshold: 'the kind of each line against the kinds that each hop knows; weak where another line’s command '
                . 'can reach it',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'hops that make no difference between kinds',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach ($inspection->controls->entries as $entry) {
            $column = $inspection->controls->columns[$entry->column] ?? null;
            if (null === $column?->profile || [] === $column->profile->kinds) {
                continue;
            }
            $kind = ShownKinds::of($inspection->board, $entry->line);
            $shown = ShownKinds::at($column->profile, $kind);
            $lost = null === $shown ? '' : $kind->lostAs($shown);
            if ($shown === $kind || null !== $shown && '' === $lost) {
                continue;
            }
            // A line that must not start by itself is not to go on with all lights.
            $reached = ShownKind::Light === $shown && $inspection->board->mustNotStart($entry->line);
            yield new Finding(
                $this->facts(),
                null === $shown || $reached ? Severity::Weak : Severity::Hint,
                $entry->surface,
                null === $shown
                    ? sprintf(
                        '“%s” knows no kind of device for “%s”, a %s.',
                        $column->title,
                        $inspection->board->nameOf($entry->line),
                        $kind->value,
                    )
                    : sprintf(
                        '“%s” is a %s, and “%s” shows it as a %s: %s.',
                        $inspection->board->nameOf($entry->line),
                        $kind->value,
                        $column->title,
                        $shown->value,
                        $lost,
                    ),
                proposals: static fn(): array => null === $shown ? [
                    new Remedy('Take the line off it', new RemoveSurface($entry->surface)),
                ] : [new Remedy(
                    sprintf('Let it be a %s everywhere', $shown->value),
                    new StateShownAs([$entry->line], $shown),
                )],
            );
        }
    }
}
