<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** What a finding means for the maker, worst first. */
enum Severity: string
{
    case Danger = 'danger';
    case Broken = 'broken';
    case Weak = 'weak';
    case Hint = 'hint';

    /** Whether a finding of this kind keeps a latch open. */
    public function opensLatch(): bool
    {
        return self::Hint !== $this;
    }

    /** 0 is worst. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    public function meaning(): string
    {
        return match ($this) {
            self::Danger => 'can hurt somebody or start a fire',
            self::Broken => 'will not work',
            self::Weak => 'works on the bench, fails at a corner of tolerance, heat or time',
            self::Hint => 'worth knowing, nothing fails',
        };
    }
}
