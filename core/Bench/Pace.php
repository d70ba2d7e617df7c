<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Program\Micros;

/** How far the time of a bench goes on at once. */
enum Pace: string
{
    case NextEvent = 'next event';
    case Millisecond = '1 ms';
    case TenMilliseconds = '10 ms';
    case Second = '1 s';
    case Minute = '1 min';
    /** To the last thing before nothing comes for a while. */
    case UntilQuiet = 'until quiet';

    /** Nobody waits longer for one step; a run may go on from there. */
    public const MOST_SECONDS = 7 * 24 * 3600.0;
    /** Where nothing comes for so long, it is quiet. */
    public const QUIET_SECONDS = 3.0;
    /** It may never be quiet: a program that seeks its network, a sensor that hunts. */
    public const MOST_UNQUIET_SECONDS = 120.0;

    /** In microseconds; null for what goes by what happens. */
    public function micros(): ?int
    {
        return match ($this) {
            self::Millisecond => Micros::MILLISECOND,
            self::TenMilliseconds => 10 * Micros::MILLISECOND,
            self::Second => Micros::of(1.0),
            self::Minute => Micros::MINUTE,
            self::NextEvent, self::UntilQuiet => null,
        };
    }
}
