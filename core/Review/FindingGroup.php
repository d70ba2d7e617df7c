<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** Findings of one rule and kind, shown together, with one remedy for all where they share it. */
final readonly class FindingGroup
{
    /**
     * @param non-empty-list<Finding> $findings
     */
    public function __construct(public array $findings, public ?Remedy $remedyForAll) {}

    public function first(): Finding
    {
        return $this->findings[0];
    }
}
