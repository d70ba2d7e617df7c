<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What damps the contact of a line, and across what it lies. */
enum Snubber: string
{
    case None = 'nothing';
    case Rc = '100 Ω and 100 nF';
    case Varistor = 'varistor';
    case RcAcrossLoad = '100 Ω and 100 nF across the appliance';
    case VaristorAcrossLoad = 'varistor across the appliance';
}
