<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** The remedies of a finding, worked out once and only when somebody asks. */
final class Proposals
{
    /** @var ?list<Remedy> */
    private ?array $remedies = null;

    /**
     * @param \Closure(): list<Remedy> $find
     */
    public function __construct(private readonly \Closure $find) {}

    /**
     * @return list<Remedy> best first
     */
    public function remedies(): array
    {
        return $this->remedies ??= ($this->find)();
    }
}
