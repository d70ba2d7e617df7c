<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

use IronLatch\Core\Review\Severity;

/** One difference, with where it is seen. */
final readonly class LayoutFinding
{
    /**
     * @param list<string> $parts designators here
     * @param list<string> $nets names that went out
     * @param array<string, string> $lines names by id
     * @param list<int> $rows lines or rows of the file, from 1
     * @param string $settles name of a part that the maker may say belongs there; empty for none
     */
    public function __construct(
        public LayoutFault $fault,
        public Severity $severity,
        public string $statement,
        public array $parts = [],
        public array $nets = [],
        public array $lines = [],
        public array $rows = [],
        public string $settles = '',
    ) {}
}
