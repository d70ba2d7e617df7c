<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** A lamp with a radio of its own behind a relay. */
final class SmartLampCut implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.smart-lamp-cut',
            version: 1,
            title: 'Lamp with a radio of its own behind a relay',
            severities: [Severity::Weak],
            reason: 'A lamp that listens to a radio wants its supply all the time. Cut by a relay it is not reachable, '
                . 'forgets its scene, and some reset themselves after a few cuts.',
            threshold: 'no lamp with a radio of its own behind a contact of the board',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'nobody has said that the lamp has a radio',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        foreach (OnMains::lines($inspection) as $id => $line) {
            if (true === $line->safety?->ownRadio?->value) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    $id,
                    sprintf('“%s” listens to a radio of its own, and the board cuts its supply.', $line->name),
                    proposals: static fn(): array => [new Remedy(
                        'Fit a plain lamp in its place',
                        new StateSafety([$id], ownRadio: false),
                    )],
                );
            }
        }
    }
}
