<?php

declare(strict_types=1);

namespace IronLatch\Core\Log;

/** One thing that is done and looked at on the way of a copy into use. */
final readonly class CommissioningStep
{
    /**
     * @param string $key the same for the same thing on every copy and revision
     * @param string $does what is done
     * @param string $means what another reading means; empty where nothing is known
     * @param ?Expected $expected null for what is seen or heard, and not measured
     * @param ?string $holdPoint key of the hold point that it verifies
     * @param string $subject id on the board
     * @param bool $barsMains mains waits until it is found as it should be
     */
    public function __construct(
        public string $key,
        public Phase $phase,
        public string $title,
        public string $does,
        public Tool $tool,
        public ?Expected $expected = null,
        public string $means = '',
        public ?string $holdPoint = null,
        public string $subject = '',
        public bool $barsMains = false,
    ) {}
}
