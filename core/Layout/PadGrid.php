<?php

declare(strict_types=1);

namespace IronLatch\Core\Layout;

/** Pads by where they lie, so that only neighbours are measured. */
final class PadGrid
{
    private float $cellMetres;
    /** @var array<int, array<int, list<array{Pad, PadShape}>>> */
    private array $cells = [];

    /**
     * @param list<array{Pad, PadShape}> $pads
     * @param float $wantedMetres how far apart what is asked for may lie, edge to edge
     * @param float $reachMetres of the largest pad that is asked for or lies here
     */
    public function __construct(array $pads, float $wantedMetres, float $reachMetres)
    {
        $this->cellMetres = $wantedMetres + 2 * $reachMetres;
        foreach ($pads as $pad) {
            $this->cells[$this->cell($pad[1]->x)][$this->cell($pad[1]->y)][] = $pad;
        }
    }

    private function cell(float $metres): int
    {
        return (int) floor($metres / $this->cellMetres);
    }

    /**
     * @return iterable<array{Pad, PadShape}> all that can be so near, and some that are not
     */
    public function around(PadShape $shape): iterable
    {
        [$column, $row] = [$this->cell($shape->x), $this->cell($shape->y)];
        for ($x = $column - 1; $x <= $column + 1; ++$x) {
            for ($y = $row - 1; $y <= $row + 1; ++$y) {
                yield from $this->cells[$x][$y] ?? [];
            }
        }
    }
}
