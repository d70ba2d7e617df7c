<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What lies across a contact. */
enum Snubber: string
{
    case None = 'nothing';
    case Rc = '100 Ω and 100 nF';
    case Varistor = 'varistor';
}
