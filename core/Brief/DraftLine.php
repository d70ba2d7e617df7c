<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

/** One line of a draft, as its small strip shows it. */
final readonly class DraftLine
{
    /**
     * @param array<string, float> $margins worst of each joint, in the order from hand to appliance; INF where there is nothing to compare
     */
    public function __construct(public string $name, public array $margins) {}
}
