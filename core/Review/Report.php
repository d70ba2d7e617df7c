<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

use IronLatch\Core\Board\Board;

/** Everything that an inspection has to say of a board. */
final readonly class Report
{
    /**
     * @param Board $judged the board as it was judged: with the air that its own heat makes where nobody has stated it
     * @param list<Finding> $findings worst first, follow-ups behind what counts
     * @param list<NotChecked> $notChecked
     * @param array<string, StageReport> $stages by stage
     * @param list<HoldPoint> $holdPoints promises of work, to be verified on each copy before mains
     */
    public function __construct(
        public Board $judged,
        public array $findings,
        public array $notChecked,
        public array $stages,
        public array $holdPoints = [],
    ) {}

    /**
     * Promises to be verified that another report does not have.
     *
     * @return list<HoldPoint>
     */
    public function holdPointsMissingFrom(self $other): array
    {
        $known = array_map(static fn(HoldPoint $point): string => $point->key(), $other->holdPoints);

        return array_values(array_filter($this->holdPoints, static fn(HoldPoint $point): bool => !in_array($point->key(), $known, true)));
    }

    public function finding(string $key): ?Finding
    {
        foreach ($this->findings as $finding) {
            if ($finding->key() === $key) {
                return $finding;
            }
        }

        return null;
    }

    /**
     * Findings that another report does not have, or has at another kind.
     *
     * @return list<Finding>
     */
    public function findingsMissingFrom(self $other): array
    {
        return array_values(array_filter(
            $this->findings,
            static fn(Finding $finding): bool => $other->finding($finding->key())?->severity !== $finding->severity,
        ));
    }

    /** Whether there is anything to check at all. */
    public function isEmpty(): bool
    {
        return [] === array_filter($this->stages, static fn(StageReport $stage): bool => !$stage->isEmpty());
    }

    /** Whether the latches of all stages that rules look at are shut, and no trial has failed. */
    public function isLatched(): bool
    {
        foreach ($this->stages as $stage) {
            $isUntried = Stage::Bench === $stage->stage && LatchState::NotChecked === $stage->state;
            if (!$isUntried && in_array($stage->state, [LatchState::Open, LatchState::NotChecked], true)) {
                return false;
            }
        }

        return [] !== $this->stages;
    }

    /** Whether no latch is open. */
    public function isEveryCheckedLatchShut(): bool
    {
        foreach ($this->stages as $stage) {
            if (LatchState::Open === $stage->state) {
                return false;
            }
        }

        return true;
    }

    /**
     * @return list<FindingGroup> findings that stand on their own, then accepted ones, then follow-ups
     */
    public function groups(): array
    {
        $groups = [];
        foreach ($this->findings as $finding) {
            $section = null !== $finding->root ? 2 : (null !== $finding->acceptance ? 1 : 0);
            $groups[$section . $finding->severity->rank() . $finding->rule->id][] = $finding;
        }
        ksort($groups);

        return array_map(static fn(array $findings): FindingGroup => new FindingGroup($findings), array_values($groups));
    }

    /** The group that a finding is shown in. */
    public function groupOf(string $key): ?FindingGroup
    {
        foreach ($this->groups() as $group) {
            foreach ($group->findings as $finding) {
                if ($finding->key() === $key) {
                    return $group;
                }
            }
        }

        return null;
    }
}
