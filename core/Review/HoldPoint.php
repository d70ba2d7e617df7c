<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** A danger that rests on a promise of work: to be verified on each copy before mains. */
final readonly class HoldPoint
{
    /**
     * @param string $subject as of the finding that stands where the promise is not given
     * @param string $verify what somebody has to find true, as a sentence
     */
    public function __construct(public RuleFacts $rule, public string $subject, public string $verify) {}

    public function key(): string
    {
        return $this->rule->id . ':' . $this->subject;
    }
}
