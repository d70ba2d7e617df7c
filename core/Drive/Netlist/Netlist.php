<?php

declare(strict_types=1);

namespace IronLatch\Core\Drive\Netlist;

/** A circuit as elements between named nodes. */
final readonly class Netlist
{
    /**
     * @param array<string, Element> $elements by name
     */
    public function __construct(public string $title, public array $elements) {}

    /** The circuit as a SPICE netlist with its operating point asked for. */
    public function spice(): string
    {
        $lines = ['* ' . $this->title];
        foreach ($this->elements as $name => $element) {
            $lines[] = $element->spice($name);
        }

        return implode("\n", [...$lines, '.options temp=27 tnom=27 reltol=1e-6', '.op', '.end', '']);
    }
}
