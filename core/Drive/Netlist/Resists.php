<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** An element through which a current flows that the voltages of its nodes decide. */
interface Resists extends Element
{
    /** Writes that current, and how it changes with each voltage. Its fields are read as “$elements['name']->field”. */
    public function write(string $name, SolverCode $code): void;
}
