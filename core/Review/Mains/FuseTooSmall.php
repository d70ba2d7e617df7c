<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Fuse that its own load blows. */
final class FuseTooSmall implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.fuse-too-small',
            version: 1,
            title: 'Fuse that its own load blows',
            severities: [Severity::Weak],
            reason: 'A fuse below the sum of all appliances blows on an ordinary evening.',
            threshold: 'sum of all lines against the rating of the fuse',
            basis: Basis::CommonPractice,
            source: 'Kirchhoff’s current law',
        );
    }

    public function inspect(Inspection $inspection): iterable
    {
        $fuse = $inspection->mains->shared['fuse'];
        if ($fuse->isOverloaded() && null !== $fuse->bears && null !== $fuse->margin) {
            yield new Finding(
                $this->facts(),
                Severity::Weak,
                'board',
                sprintf('All lines together draw %s through a fuse of %s.', $fuse->amps->printed(), $fuse->bears->printed()),
                [$fuse->margin, $fuse->amps],
                static fn(): array => FuseChoice::remedies($inspection),
            );
        }
    }
}
