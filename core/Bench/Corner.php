<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

/** With which copies of its parts a board is tried. */
enum Corner: string
{
    case Typical = 'typical';
    /** Every part at the end of its tolerance that hurts. */
    case Worst = 'worst';
    /** Each part somewhere within its tolerance, as the seed of the run says. */
    case Drawn = 'drawn';
}
