<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

/** Whether whoever acts sees the appliance. */
enum Presence: string
{
    /** A hand on the board’s own wires, or a remote in the room. */
    case Here = 'present';
    /** By a message, a spoken word, a serial radio, or an infrared code that something repeats. */
    case Away = 'absent';
    /** A sensor, a timer, a restart: nobody at all. */
    case Itself = 'by itself';
}
