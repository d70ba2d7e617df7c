<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** How the mains comes into the box. */
enum InletKind: string
{
    case Fixed = 'fixed wiring';
    case Polarised = 'plug that fits one way only';
    case Reversible = 'plug that fits both ways';
    case TwoHots = 'two live conductors';

    /** A word or two, for a drawing. */
    public function brief(): string
    {
        return match ($this) {
            self::Fixed => 'fixed wiring',
            self::Polarised => 'one-way plug',
            self::Reversible => 'two-way plug',
            self::TwoHots => 'two hots',
        };
    }

    /** Whether it is a matter of chance, or none at all, which conductor is live. */
    public function wantsBothPoles(): bool
    {
        return self::Reversible === $this || self::TwoHots === $this;
    }
}
