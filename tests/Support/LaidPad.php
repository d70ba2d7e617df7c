<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

/** A pad that a layout desk of the tests has laid; metres. */
final class LaidPad
{
    public function __construct(
        public string $net,
        public string $pin,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
    ) {}
}
