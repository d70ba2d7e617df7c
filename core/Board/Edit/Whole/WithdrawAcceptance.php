<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Whole;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;

/** Takes the acceptance of a finding back. */
final readonly class WithdrawAcceptance implements Edit
{
    public function __construct(
        public string $rule,
        public string $subject,
    ) {}

    public function apply(Board $board): Board
    {
        $acceptances = $board->acceptances;
        unset($acceptances[$this->rule . ':' . $this->subject]);

        return $board->with(acceptances: $acceptances);
    }

    public function summary(Board $board): string
    {
        return sprintf('No longer accept %s for “%s”', $this->rule, $board->nameOf($this->subject));
    }
}
