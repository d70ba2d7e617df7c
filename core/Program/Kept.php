<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

/** What outlives a power cut: the step of each line, and how often the program has started anew in a short time. */
final readonly class Kept
{
    /**
     * @param array<string, int> $steps by line, 0 for off
     * @param int $resets one after the other, none of which was followed by ten quiet minutes
     */
    public function __construct(public array $steps = [], public int $resets = 0) {}
}
