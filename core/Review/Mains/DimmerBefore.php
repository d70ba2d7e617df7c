<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** A dimmer before the board. */
final class DimmerBefore implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.dimmer-before',
            version: 1,
            title: 'Dimmer before the board',
            severities: [Severity::Broken],
            reason: 'A dimmer cuts pieces out of the mains: supplies behind it overheat and die, and controllers '
                . 'restart with every turn of it.',
            threshold: 'no dimmer between the breaker and the board',
            basis: Basis::CommonPractice,
            source: 'common practice',
            silentWhen: 'the box is plugged in',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $box = InHouse::box($inspection);
        $id = $inspection->board->boxPlace();
        if (null === $box) {
            return;
        }
        if (null === $box->dimmer?->value) {
            yield InHouse::unsaid($this->facts(), $inspection, 'dimmer', 'whether a dimmer stands before the board');
        } elseif (true === $box->dimmer->value) {
            yield new Finding(
                $this->facts(),
                Severity::Broken,
                $id,
                sprintf('A dimmer stands before “%s”: the supply and the controller behind it do not live long.', $box->name),
                proposals: static fn(): array => [new Remedy(
                    'Have the dimmer taken out, and a plain switch or nothing in its place',
                    new StatePlace([$id], dimmer: false),
                )],
            );
        }
    }
}
