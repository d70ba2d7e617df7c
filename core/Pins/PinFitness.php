<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Catalogue\Pin;

/** How well one function sits on one pin, and why. */
final readonly class PinFitness
{
    /** From this weight on a hazard brings a finding that opens the latch. */
    public const POOR_HAZARD = 100;

    public bool $isPossible;
    public int $hazard;
    public int $scarcity;
    public FitGrade $grade;
    /** @var list<string> worst first */
    public array $reasons;

    /**
     * @param list<FitReason> $against
     */
    public function __construct(
        public Pin $pin,
        array $against,
    ) {
        if (count($against) > 1) {
            usort(
                $against,
                static fn(FitReason $a, FitReason $b): int => [$a->tier->value, -$a->weight] <=> [$b->tier->value, -$b->weight],
            );
        }
        $this->isPossible = [] === $against || FitTier::Impossible !== $against[0]->tier;
        $hazard = $scarcity = 0;
        foreach ($against as $reason) {
            $hazard += FitTier::Hazard === $reason->tier ? $reason->weight : 0;
            $scarcity += FitTier::Scarce === $reason->tier ? $reason->weight : 0;
        }
        $this->hazard = $hazard;
        $this->scarcity = $scarcity;
        $this->grade = match (true) {
            !$this->isPossible => FitGrade::Never,
            $this->hazard >= self::POOR_HAZARD => FitGrade::Poor,
            $this->hazard + $this->scarcity > 0 => FitGrade::Usable,
            default => FitGrade::Good,
        };
        $this->reasons = array_map(static fn(FitReason $reason): string => $reason->words, $against);
    }

    /** Lower is better: whether it is possible, then hazards, then scarcity. */
    public function isBetterThan(self $other): bool
    {
        return [!$this->isPossible, $this->hazard, $this->scarcity] < [!$other->isPossible, $other->hazard, $other->scarcity];
    }
}
