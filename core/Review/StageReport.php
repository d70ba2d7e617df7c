<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** One stage after an inspection. */
final readonly class StageReport
{
    /**
     * @param ?Severity $worst the worst kind that counts
     * @param int $count how many findings of that kind count
     * @param int $accepted findings that the maker lets stand
     * @param int $toVerify promises of work that rest on each copy being looked at
     * @param list<string> $missingChecks checks of this stage that the rule book does not hold yet
     * @param bool $isEmpty nothing of the board belongs to it yet
     * @param ?string $said its own words, where they do not follow from the rest
     */
    public function __construct(
        public Stage $stage,
        public LatchState $state,
        public ?Severity $worst,
        public int $count,
        public int $accepted,
        public int $notChecked,
        public array $missingChecks,
        public int $toVerify = 0,
        private bool $isEmpty = false,
        private ?string $said = null,
    ) {}

    /** The stage that follows from a trial; not checked while there was none. */
    public static function ofTrial(?TrialNote $trial, bool $isEmpty): self
    {
        $state = $isEmpty || null === $trial ? LatchState::NotChecked : $trial->state();

        return new self(
            Stage::Bench,
            $state,
            LatchState::Open === $state ? Severity::Broken : null,
            $trial->failed ?? 0,
            0,
            $trial->gaps ?? 0,
            [],
            isEmpty: $isEmpty,
            said: $isEmpty ? null : $trial?->words() ?? 'not tried yet',
        );
    }

    /** Nothing of the board belongs to it yet, so nothing was looked at. */
    public function isEmpty(): bool
    {
        return $this->isEmpty;
    }

    /** The state of its latch as people read it: “shut, 2 accepted, 3 to verify”. */
    public function words(): string
    {
        if (null !== $this->said) {
            return $this->said;
        }

        return match ($this->state) {
            LatchState::Open => sprintf('open: %d %s', $this->count, $this->worst->value ?? ''),
            LatchState::NotChecked => 'not checked: ' . $this->gap(),
            LatchState::Shut, LatchState::ShutOnCondition => implode(
                ', ',
                array_filter(
                    [
                        'shut',
                        0 === $this->accepted ? '' : $this->accepted . ' accepted',
                        0 === $this->toVerify ? '' : $this->toVerify . ' to verify',
                    ],
                    static fn(string $part): bool => '' !== $part,
                ),
            ),
        };
    }

    private function gap(): string
    {
        return match (true) {
            $this->notChecked > 0 => $this->notChecked . (1 === $this->notChecked ? ' fact' : ' facts'),
            [] !== $this->missingChecks => count($this->missingChecks) . (1 === count($this->missingChecks) ? ' check' : ' checks'),
            default => 'nothing here yet',
        };
    }
}
