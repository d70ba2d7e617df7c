<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Mains;

use IronLatch\Core\Catalogue\Basis;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Rule;
use IronLatch\Core\Review\RuleFacts;
use IronLatch\Core\Review\Severity;

/** Fuse that cannot break a short circuit. */
final class FuseBreaking implements Rule
{
    public function facts(): RuleFacts
    {
        return new RuleFacts(
            id: 'mains.fuse-breaking',
            version: 1,
            title: 'Fuse that cannot break a short circuit',
            severities: [Severity::Danger],
            reason: 'In a short circuit near the distribution more than a thousand amperes flow. A small glass fuse bursts and goes on '
                . 'burning.',
            threshold: 'breaking capacity of ' . QuantityPrinter::rounded(self::NEEDED_AMPS, Unit::Ampere) . ' or more',
            basis: Basis::Standard,
            source: 'IEC 60127-2, high breaking capacity, from memory',
        );
    }

    private const NEEDED_AMPS = 1500.0;

    public function inspect(Inspection $inspection): iterable
    {
        $id = $inspection->board->box?->fuse;
        $fuse = null === $id ? null : $inspection->board->part($id, MainsFuse::class);
        if (null === $fuse || $fuse->breakingAmps >= self::NEEDED_AMPS || !OnMains::any($inspection)) {
            return;
        }
        $figure = new Figure(
            'breaking capacity',
            $fuse->breakingAmps,
            Unit::Ampere,
            'part file',
            ['needed ' . QuantityPrinter::rounded(self::NEEDED_AMPS, Unit::Ampere)],
            'as printed on it',
            $fuse->identity->name . ', ' . $fuse->identity->basis->words(),
        );
        yield new Finding(
            $this->facts(),
            Severity::Danger,
            'board',
            sprintf('%s breaks %s; a short circuit of the mains brings more.', $fuse->identity->name, $figure->printed()),
            [$figure],
            static fn(): array => FuseChoice::remedies($inspection),
        );
    }
}
