<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

use IronLatch\Core\Wiring\Area;

/** One drawing of the wiring, laid out: all lengths in millimetres of the printed sheet. */
final readonly class Sheet
{
    /**
     * @param string $id by which it is asked for, such as “low-2”
     * @param int $number of $of in its area
     * @param list<Box> $boxes
     * @param list<Run> $runs what is drawn of each net
     * @param list<Label> $labels numbers of wires beside them, and the names of bars
     * @param string $name of a sheet that belongs to no area by itself
     */
    public function __construct(
        public string $id,
        public Area $area,
        public int $number,
        public int $of,
        public float $width,
        public float $height,
        public array $boxes,
        public array $runs,
        public array $labels,
        private string $name = '',
    ) {}

    public function title(): string
    {
        if ('' !== $this->name) {
            return $this->name;
        }

        return $this->of > 1 ? sprintf('%s, %d of %d', $this->area->title(), $this->number, $this->of) : $this->area->title();
    }

    /** How often a wire crosses another. */
    public function crossings(): int
    {
        $crossings = 0;
        foreach ($this->runs as $place => $run) {
            foreach (array_slice($this->runs, $place + 1) as $other) {
                $crossings += $run->crossings($other);
            }
        }

        return $crossings;
    }
}
