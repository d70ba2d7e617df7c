<?php

declare(strict_types=1);

namespace IronLatch\Board;

use IronLatch\Core\Board\Board;

/** An edit would move functions whose pins a firmware in use relies on. It can be made all the same, when it is asked for again. */
final class PinsFrozen extends \DomainException
{
    /**
     * @param non-empty-list<string> $moved functions
     */
    public function __construct(public readonly Board $board, public readonly array $moved)
    {
        parent::__construct('The pin map is frozen, and this would move a function.');
    }
}
