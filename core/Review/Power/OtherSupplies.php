<?php

declare(strict_types=1);

namespace IronLatch\Core\Review\Power;

use IronLatch\Core\Catalogue\Converter;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Power\SupplyChoice;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Remedy;
use IronLatch\Core\Review\Repairs;

/** The remedy that most findings about power share: something else feeds the rail. */
final class OtherSupplies
{
    /**
     * The cheapest source or converter that is sound for a rail as it is loaded.
     *
     * @return list<Remedy> at most one
     */
    public static function remedies(Inspection $inspection, string $rail): array
    {
        $best = SupplyChoice::best(
            $inspection->power,
            $rail,
            array_values(Repairs::of($inspection)->partsOnOffer(Supply::class)),
            array_values(Repairs::of($inspection)->partsOnOffer(Converter::class)),
        );

        return null === $best ? [] : [new Remedy(sprintf('Feed %s from %s', $inspection->board->nameOf($rail), $best->name), $best->edit)];
    }
}
