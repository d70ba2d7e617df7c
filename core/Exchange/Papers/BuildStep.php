<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange\Papers;

use IronLatch\Core\Wiring\Listing\ContinuityRow;
use IronLatch\Core\Wiring\Wire;

/** One step of building a copy: what is done, which wires are laid in it, and what is measured before the next. */
final readonly class BuildStep
{
    /**
     * @param list<string> $does sentences
     * @param list<Wire> $wires
     * @param list<ContinuityRow> $readings
     * @param string $caution empty where nothing can hurt
     * @param bool $isForCompetent only somebody who is competent does it, by name
     */
    public function __construct(
        public string $title,
        public array $does,
        public array $wires = [],
        public array $readings = [],
        public string $caution = '',
        public bool $isForCompetent = false,
    ) {}
}
