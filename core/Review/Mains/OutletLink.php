<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Double outlet whose halves are still joined on the live side. */
final class OutletLink implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.outlet-link',
            version: 2,
            title: 'Double outlet whose halves are still joined on the live side',
            severities: [Severity::Danger],
            reason: 'While the link on the live side stays, either relay makes both halves live, and the one that is off is not. The link '
                . 'on the neutral side stays.',
            threshold: 'the link between the live sides is taken out wherever each half has a relay of its own',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'the line leaves the box by anything but half of a double outlet',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach (OnMains::lines($inspection) as $id => $line) {
            if (OutletKind::SplitHalf !== $line->safety?->outlet?->value) {
                continue;
            }
            $removed = $line->safety->linkRemoved?->value;
            if (null === $removed) {
                yield new NotChecked(
                    $this->facts(),
                    $id,
                    'whether the link on the live side of its double outlet is taken out',
                    Answer::by(StateSafety::class, 'linkRemoved', $id),
                );
            } elseif (false === $removed) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf(
                        '“%s” leaves by half of a double outlet whose live sides are still joined: it is live whenever the other half '
                            . 'is.',
                        $line->name,
                    ),
                    proposals: static fn(): array => [new Remedy(
                        'Take out the link on the live side, leave the neutral one',
                        new StateSafety([$id], linkRemoved: true),
                    )],
                );
            } else {
                yield new HoldPoint(
                    $this->facts(),
                    $id,
                    sprintf(
                        'The link between the live sides of the double outlet of “%s” is taken out, and the neutral one is left.',
                        $line->name,
                    ),
                );
            }
        }
    }
}
