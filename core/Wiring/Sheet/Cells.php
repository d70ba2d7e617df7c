<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

/** What of a plan stays together, each laid out by itself: its boxes in their columns, one under another, no two wires on one height. */
final class Cells
{
    private const BETWEEN_BOXES = 2.0;
    /** Wires of two nets that run beside each other are so far apart that a number fits between. */
    public const APART = 2.6;
    private const STEP = 0.2;

    /** @var array<string, Shape> by part */
    public array $shapes = [];
    /** @var array<string, string> the part that speaks for all it is joined to, by part */
    private array $speaker = [];

    public function __construct(private readonly Plan $plan)
    {
        foreach ($plan->parts as $key => $part) {
            $this->shapes[$key] = new Shape($part);
        }
    }

    /**
     * @return list<Cell> in the order of the terminals that they hang on
     */
    public function all(): array
    {
        foreach ($this->plan->strands as $strand) {
            $parts = array_values(array_filter($strand->parts(), static fn(Placed $part): bool => !$part->isHub()));
            foreach ($strand->isBar && $strand->net->kind->isShared() ? [] : array_slice($parts, 1) as $part) {
                $this->speaker[$this->speakerOf($part->key)] = $this->speakerOf($parts[0]->key);
            }
        }
        $cells = [];
        foreach ($this->plan->parts as $key => $part) {
            if (!$part->isHub()) {
                $speaker = $this->speakerOf($key);
                $cells[$speaker] ??= new Cell([PHP_INT_MAX, PHP_INT_MAX]);
                $cells[$speaker]->parts[] = $part;
            }
        }
        foreach ($cells as $cell) {
            $cell->order = $this->orderOf($cell);
            $this->stack($cell);
        }
        usort($cells, static fn(Cell $one, Cell $other): int => $one->order <=> $other->order);

        return $cells;
    }

    private function speakerOf(string $key): string
    {
        while (isset($this->speaker[$key]) && $this->speaker[$key] !== $key) {
            $key = $this->speaker[$key];
        }

        return $key;
    }

    /** @return array{int, int} what hangs on no hub comes first */
    private function orderOf(Cell $cell): array
    {
        $hubs = array_values(array_filter($this->plan->parts, static fn(Placed $part): bool => $part->isHub()));
        $order = [-1, 0];
        foreach ($cell->parts as $part) {
            if ($part->key === $this->plan->root) {
                return [-2, 0];
            }
            foreach ($part->joints as $joint) {
                $members = true === $joint->strand?->net->kind->isShared() ? [] : $joint->strand->members ?? [];
                foreach ($members as [$other, $theirs]) {
                    $hub = array_search($other, $hubs, true);
                    if (false === $hub) {
                        continue;
                    }
                    $found = [$hub, (int) array_search($theirs, $other->joints, true)];
                    $order = [-1, 0] === $order ? $found : min($order, $found);
                }
            }
        }

        return $order;
    }

    /** Boxes from left to right and from the top down, each as high as it can be without two nets on one height in a channel. */
    private function stack(Cell $cell): void
    {
        $columns = [];
        foreach ($cell->parts as $part) {
            $columns[$part->column][] = $part;
        }
        ksort($columns);
        $heights = [];
        foreach ($columns as $parts) {
            usort($parts, fn(Placed $one, Placed $other): int => [$this->comesFrom($one, $heights), $one->isShunt, $one->key]
                <=> [$this->comesFrom($other, $heights), $other->isShunt, $other->key]);
            $this->stackColumn($cell, $parts, $heights);
        }
    }

    /**
     * How high the first wire comes from that leads to a part from the column before; what hangs there stands in the order of its wires.
     *
     * @param array<int, list<array{float, string}>> $heights of each channel’s wires, with their strands
     */
    private function comesFrom(Placed $part, array $heights): float
    {
        $least = INF;
        foreach ($part->joints as $joint) {
            foreach ($joint->isLeft && false === $joint->strand?->isBar ? $heights[$part->column - 1] ?? [] : [] as [$height, $strand]) {
                $least = $strand === $joint->strand?->id ? min($least, $height) : $least;
            }
        }

        return $least;
    }

    /**
     * @param list<Placed> $parts
     * @param array<int, list<array{float, string}>> $heights that grow by those of their wires
     */
    private function stackColumn(Cell $cell, array $parts, array &$heights): void
    {
        $floor = [];
        foreach ($parts as $part) {
            $top = $this->wanted($part, $heights, $floor[$part->column] ?? 0.0);
            while ($this->collides($part, $top, $heights)) {
                $top += self::STEP;
            }
            $cell->tops[$part->key] = $top;
            $floor[$part->column] = $top + $this->shapes[$part->key]->height + self::BETWEEN_BOXES;
            $cell->height = max($cell->height, $floor[$part->column] - self::BETWEEN_BOXES);
            foreach ($this->shapes[$part->key]->offsets() as $place => $offset) {
                $joint = $part->joints[$place];
                if (null !== $joint->strand) {
                    $heights[$joint->isLeft ? $part->column - 1 : $part->column][] = [$top + $offset, $joint->strand->id];
                }
            }
        }
    }

    /**
     * Where a wire from the column before would run straight, else as high as there is room.
     *
     * @param array<int, list<array{float, string}>> $heights of each channel’s wires, with their strands
     */
    private function wanted(Placed $part, array $heights, float $floor): float
    {
        foreach ($this->shapes[$part->key]->offsets() as $place => $offset) {
            $joint = $part->joints[$place];
            $comes = $joint->isLeft && false === $joint->strand?->isBar;
            foreach ($comes ? $heights[$part->column - 1] ?? [] : [] as $there) {
                if ($there[1] === $joint->strand?->id && $there[0] - $offset >= $floor) {
                    return $there[0] - $offset;
                }
            }
        }

        return $floor;
    }

    /**
     * @param array<int, list<array{float, string}>> $heights
     */
    private function collides(Placed $part, float $top, array $heights): bool
    {
        foreach ($this->shapes[$part->key]->offsets() as $place => $offset) {
            $joint = $part->joints[$place];
            if (null === $joint->strand) {
                continue;
            }
            foreach ($heights[$joint->isLeft ? $part->column - 1 : $part->column] ?? [] as [$height, $strand]) {
                $apart = abs($height - $top - $offset);
                $isSame = $strand === $joint->strand->id;
                if ($isSame ? $apart > 1e-6 && $apart < 1.0 : $apart < self::APART) {
                    return true;
                }
            }
        }

        return false;
    }
}
