<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

/** Parts that are joined to one another by more than bars: they stay together on one sheet. */
final class Cell
{
    /** @var list<Placed> */
    public array $parts = [];
    /** @var array<string, float> y of each part from the top of the cell, by key */
    public array $tops = [];
    public float $height = 0.0;

    /**
     * @param array{int, int} $order by which hub and which of its terminals it hangs on
     */
    public function __construct(public array $order) {}
}
