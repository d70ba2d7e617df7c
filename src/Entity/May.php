<?php

declare(strict_types=1);

namespace IronLatch\Entity;

/** What a paired device may do. */
enum May: string
{
    case Look = 'look';
    case Bench = 'bench and commissioning';
    case Everything = 'everything';

    /** A route says by this default which device may change something by it; without it, one that may do everything. */
    public const ROUTE = '_may';
    /** Only on the desk’s own machine. */
    public const DESK = 'desk';

    public function does(mixed $route, bool $isLooking): bool
    {
        return self::DESK !== $route && match ($this) {
            self::Look => $isLooking,
            self::Bench => $isLooking || self::Bench->value === $route,
            self::Everything => true,
        };
    }
}
