<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** The residual-current device before a place. */
enum ResidualDevice: string
{
    case None = 'none';
    case FiveMilliamperes = '5 mA';
    case TenMilliamperes = '10 mA';
    case ThirtyMilliamperes = '30 mA';
    case HundredMilliamperes = '100 mA';
    case ThreeHundredMilliamperes = '300 mA';

    /** Whether it is there to save somebody who touches, and not only to prevent fire. */
    public function protectsPeople(): bool
    {
        return self::FiveMilliamperes === $this || self::TenMilliamperes === $this || self::ThirtyMilliamperes === $this;
    }
}
