<?php

declare(strict_types=1);

namespace IronLatch\View\Bench;

/** Something that can be gone, and its two acts. */
final readonly class BenchLever
{
    public function __construct(public string $name, public bool $isThere, public BenchAct $act) {}
}
