<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

/** Lines that one act operates together. */
final readonly class GroupPlan
{
    /**
     * @param list<string> $lines ids
     * @param list<string> $lit those that a scene puts on
     * @param bool $switchesOn
     */
    public function __construct(public string $id, public array $lines, public array $lit, public bool $switchesOn, public bool $isScene) {}
}
