<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Fast fuse before what draws an inrush. */
final class FuseTooFast implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.fuse-fast',
            version: 1,
            title: 'Fast fuse before what draws an inrush',
            severities: [Severity::Weak],
            reason: 'A motor, a transformer or a lamp draws many times its current for a moment. A fast fuse blows on it one evening in '
                . 'ten.',
            threshold: 'a time-lag fuse where anything but resistive heat is switched',
            basis: Basis::CommonPractice,
            source: 'common practice: 5 to 7 times for a motor, 10 to 40 times for a transformer',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $id = $inspection->board->box?->fuse;
        $fuse = null === $id ? null : $inspection->board->part($id, MainsFuse::class);
        if (null === $fuse || $fuse->timeLag) {
            return;
        }
        foreach (OnMains::lines($inspection) as $line) {
            $load = $inspection->board->appliance($line)->load;
            if (LoadKind::Resistive !== $load) {
                yield new Finding(
                    $this->facts(),
                    Severity::Weak,
                    'board',
                    sprintf(
                        '%s is fast, and “%s” (%s) draws many times its current for a moment.',
                        $fuse->identity->name,
                        $line->name,
                        $load->value,
                    ),
                    proposals: static fn(): array => FuseChoice::remedies($inspection),
                );

                return;
            }
        }
    }
}
