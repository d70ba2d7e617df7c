<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring;

/** How a conductor is held at a terminal, and so how its end is made. */
enum Joining: string
{
    case Solder = 'solder';
    case PushOn = 'push-on pin';
    case Screw = 'screw';
    case Plug = 'plug';
    /** Where the conductor belongs to the part, as the lead of an appliance does. */
    case OwnLead = 'own lead';

    /** What is done to the end of a stranded wire. */
    public function treatment(): string
    {
        return match ($this) {
            self::Solder => 'tinned and soldered',
            self::PushOn => 'crimped receptacle',
            self::Screw => 'ferrule, never tinned',
            self::Plug => 'plug',
            self::OwnLead => 'as it comes',
        };
    }

    /** How many conductors it takes unless its maker says otherwise: a pad takes as many as fit (common practice, no source). */
    public function takes(): int
    {
        return self::Solder === $this ? 8 : 1;
    }
}
