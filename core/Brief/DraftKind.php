<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

/** In which way one draft is better than all others that are sound. */
enum DraftKind: string
{
    case Best = 'first by all that counts';
    case Cheapest = 'cheapest';
    case LeastWork = 'fewest joints by hand';
    case Roomiest = 'most room for later';
    case Smallest = 'smallest';
    case FromDrawer = 'most from the drawer';

    /**
     * What is less comes first; equal ones by their rank.
     */
    public function measure(DraftFigures $draft): float
    {
        return match ($this) {
            self::Best => 0.0,
            self::Cheapest => $draft->costs(),
            self::LeastWork => (float) $draft->joints,
            self::Roomiest => -$draft->freePins + 10 * max(0.0, $draft->supplyUsed - 0.5),
            self::Smallest => $draft->squareMetres,
            self::FromDrawer => -$draft->inDrawer,
        };
    }
}
