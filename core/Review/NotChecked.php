<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** A rule that could not judge because the board does not say what it needs. */
final readonly class NotChecked
{
    public function __construct(public RuleFacts $rule, public string $subject, public string $needs) {}
}
