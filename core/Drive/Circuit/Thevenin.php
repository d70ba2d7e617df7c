<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Circuit;

/** What drives a node: a voltage behind a resistance. */
final readonly class Thevenin
{
    public function __construct(public float $volts, public float $ohms) {}
}
