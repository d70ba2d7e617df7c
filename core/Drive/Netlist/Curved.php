<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** An element that is stamped anew at each step, at the voltages that its nodes have. */
interface Curved extends Element
{
    public function stamp(string $name, NodalEquations $equations): void;
}
