<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

use IronLatch\Core\Catalogue\Operation;

/** A contact on one of the board’s own wires, and what it operates. */
final readonly class ContactPlan
{
    /**
     * @param bool $stays a maintained switch, which counts when it is moved either way
     * @param list<array{Act, Operation}> $acts what it is there for
     */
    public function __construct(public string $function, public bool $stays, public array $acts) {}
}
