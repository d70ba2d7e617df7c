<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** An element whose current follows its voltage in a straight line, so that it is stamped once. */
interface Linear extends Element
{
    public function conductance(): float;
}
