<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

/** One way to operate a line; several surfaces can share one function, as all infrared keys share a receiver. */
final readonly class Surface
{
    public function __construct(
        public SurfaceKind $kind,
        public string $function,
    ) {}
}
