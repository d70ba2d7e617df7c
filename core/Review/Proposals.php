<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** The remedies of a finding, worked out and tried once, and only when somebody asks. */
final class Proposals
{
    /** @var ?list<Remedy> */
    private ?array $remedies = null;

    /**
     * @param \Closure(): list<Remedy> $find
     */
    public function __construct(private readonly \Closure $find, private readonly ?Trial $trial = null) {}

    public function triedBy(Trial $trial): self
    {
        return new self($this->find, $trial);
    }

    /**
     * @return list<Remedy> repairs first, best first among equals
     */
    public function remedies(Finding $finding): array
    {
        return $this->remedies ??= $this->sound($finding);
    }

    /**
     * @return list<Remedy>
     */
    private function sound(Finding $finding): array
    {
        $remedies = ($this->find)();
        if (null !== $this->trial) {
            $remedies = array_values(array_filter($remedies, fn(Remedy $remedy): bool => $this->trial->holds($remedy, $finding)));
        }

        return self::sorted($remedies);
    }

    /**
     * @return list<Remedy> as they are thought of, none of them tried
     */
    public function untried(): array
    {
        return $this->remedies ?? self::sorted(($this->find)());
    }

    /** Whether one remedy does away with several findings at once and brings nothing that hurts. */
    public function mendsAll(Remedy $remedy, Finding $finding, Finding ...$others): bool
    {
        return $this->trial?->holds($remedy, $finding, ...$others) ?? true;
    }

    /**
     * @param list<Remedy> $remedies
     * @return list<Remedy>
     */
    private static function sorted(array $remedies): array
    {
        usort($remedies, static fn(Remedy $a, Remedy $b): int => $a->nature()->comesAfterRepairs() <=> $b->nature()->comesAfterRepairs());

        return $remedies;
    }
}
