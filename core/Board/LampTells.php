<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** What a lamp or a buzzer tells. */
enum LampTells: string
{
    case Line = 'state of its line';
    case Connected = 'connected';
    case Alarm = 'alarm';
    case Alive = 'the program runs';
}
