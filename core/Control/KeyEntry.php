<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Board\GroupKey;

/** A key, a button or a switch that acts on a group. */
final readonly class KeyEntry
{
    /**
     * @param string $column id of its receiver, or “hand”
     */
    public function __construct(public string $id, public string $group, public string $column, public GroupKey $key) {}
}
