<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What takes over the coil’s current when its driver opens. */
enum Clamp: string
{
    case None = 'none';
    case Diode = 'diode';
    case DiodeZener = 'diode and zener';
    case Rc = 'RC';
}
