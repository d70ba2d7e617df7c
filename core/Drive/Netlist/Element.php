<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** One part of a circuit between its nodes. Ground is the node “gnd”. */
interface Element
{
    /** The element’s line in a SPICE netlist, with the model lines that it needs behind it. */
    public function spice(string $name): string;

    /** What tells it, beside its nodes, from another that is solved by another program. */
    public function kind(): string;

    /**
     * @param string $name by which nodes inside the element are told apart
     * @return list<string> the nodes that it joins
     */
    public function nodes(string $name): array;
}
