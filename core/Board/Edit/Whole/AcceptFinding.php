<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Whole;

use IronLatch\Core\Board\Acceptance;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;

/** Lets a finding stand, with the reason and who decided. */
final readonly class AcceptFinding implements Edit
{
    public function __construct(
        public string $rule,
        public string $subject,
        public string $kind,
        public string $figure,
        public int $ruleVersion,
        public string $reason,
        public string $decidedBy,
    ) {}

    public function apply(Board $board): Board
    {
        $acceptance = new Acceptance(
            $this->rule,
            $this->subject,
            $this->kind,
            $this->figure,
            $this->ruleVersion,
            $this->reason,
            $this->decidedBy,
        );

        return $board->with(acceptances: [...$board->acceptances, $acceptance->key() => $acceptance]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Accept %s for “%s”: %s', $this->rule, $board->nameOf($this->subject), $this->reason);
    }
}
