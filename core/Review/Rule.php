<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** One check of the rule book. It reads the analyses and computes nothing that they already hold. */
interface Rule
{
    public function facts(): RuleFacts;

    /**
     * @return iterable<Finding|HoldPoint|NotChecked>
     */
    public function inspect(Inspection $inspection): iterable;
}
