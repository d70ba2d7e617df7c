<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Answer;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\NotChecked;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Fuse larger than what it protects. */
final class FuseTooLarge implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.fuse-too-large',
            version: 1,
            title: 'Fuse larger than what it protects',
            severities: [Severity::Danger],
            reason: 'A fuse protects the weakest conductor behind it only while its rating is no more than that conductor bears.',
            threshold: 'rating of the fuse against the table current of the lead and of the wires inside',
            basis: Basis::Standard,
            source: 'IEC 60335-1, table of cross-sections, or NEC table 400.5(A)(1), from memory',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $fuse = $inspection->mains->shared['fuse']->bears;
        if (null === $fuse || !OnMains::any($inspection)) {
            return;
        }
        foreach (['lead', 'inner', 'branch'] as $id) {
            $part = $inspection->mains->shared[$id];
            if (null === $part->bears) {
                yield new NotChecked(
                    $this->facts(),
                    'board',
                    sprintf('the cross-section of the %s', $part->name),
                    Answer::by(StateBox::class, $id . 'SquareMetres'),
                );
            } elseif ($fuse->value > $part->bears->value) {
                yield new Finding(
                    $this->facts(),
                    Severity::Danger,
                    $id,
                    sprintf('The fuse is rated %s; the %s bears %s.', $fuse->printed(), $part->name, $part->bears->printedWhy()),
                    [$fuse, $part->bears],
                    static fn(): array => FuseChoice::remedies($inspection),
                );
            }
        }
    }
}
