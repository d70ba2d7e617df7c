<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** The two schools of finding pins for relays: the controller’s own, or those of an expander. */
enum PinSchool: string
{
    case Either = 'either';
    case OwnPins = 'own pins';
    case Expander = 'an expander';
}
