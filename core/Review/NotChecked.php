<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** A rule that could not judge because the board does not say what it needs. */
final readonly class NotChecked
{
    /** @var list<Answer> what would let it judge; empty where that takes more than a fact, such as another part */
    public array $answers;

    public function __construct(public RuleFacts $rule, public string $subject, public string $needs, Answer ...$answers)
    {
        $this->answers = array_values($answers);
    }

    /** The worst that it could turn out to be. */
    public function worst(): Severity
    {
        $kinds = $this->rule->severities;
        usort($kinds, static fn(Severity $a, Severity $b): int => $a->rank() <=> $b->rank());

        return $kinds[0];
    }
}
