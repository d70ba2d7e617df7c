<?php

declare(strict_types=1);

namespace IronLatch\Core\Power;

/** One current that a rail gives in one scenario. */
final readonly class FlowItem
{
    /**
     * @param string $subject id of what takes it
     * @param string $because what is assumed of it; empty when it follows from the board
     */
    public function __construct(
        public DrawKind $kind,
        public string $name,
        public string $subject,
        public Demand $amps,
        public string $because = '',
    ) {}
}
