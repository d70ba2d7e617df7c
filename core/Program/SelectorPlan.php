<?php

declare(strict_types=1);

namespace IronLatch\Core\Program;

/** A knob with positions, of which one contact at a time is closed, or a ladder of resistors that is read as a number. */
final readonly class SelectorPlan
{
    /**
     * @param list<string> $functions of its positions in their order; one for a ladder
     * @param int $positions
     * @param list<Act> $acts on the lines that it operates
     */
    public function __construct(public string $id, public array $functions, public int $positions, public array $acts) {}

    /** The step of a position: with one position more than steps the first is off. */
    public function step(int $position, int $steps): int
    {
        return $this->positions > $steps ? min($steps, $position) : min($steps, $position + 1);
    }
}
