<?php

declare(strict_types=1);

namespace IronLatch\Board;

use IronLatch\Storage\OpenBoard;

/** A board as it stands after an edit, and what was done, in words. */
final readonly class BoardChange
{
    public function __construct(public OpenBoard $opened, public string $words) {}
}
