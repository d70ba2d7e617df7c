<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

/** One sheet while it is laid out: boxes get their places, then each channel its tracks. */
final class Page
{
    private const TRACK = 1.8;
    private const LABEL_GAP = 0.8;

    /** @var array<string, float> y of the upper edge of each part, by key */
    private array $tops = [];
    /** @var array<string, array<int, float>> y of each joint that is drawn here, by part and place of the joint */
    private array $heights = [];
    /** @var array<int, float> x of the left edge of each column */
    private array $lefts = [];
    /** @var array<int, float> width of each column */
    private array $widths = [];
    /** @var array<string, array{float, float}> height and left edge of each bar, by strand */
    private array $bars = [];
    /** @var list<Label> */
    private array $labels = [];
    /** @var array<string, list<array{float, float, float, float}>> by strand */
    private array $pieces = [];

    /**
     * @param array<string, Shape> $shapes by part
     * @param list<Cell> $cells
     * @param bool $isFirst what the hubs share with the bars is drawn on the first sheet
     */
    public function __construct(
        private readonly Plan $plan,
        private readonly array $shapes,
        private readonly array $cells,
        private readonly bool $isFirst,
    ) {}

    /**
     * @param array<string, string> $texts what stands beside the end of each wire
     * @return array{width: float, height: float, boxes: list<Box>, runs: list<Run>, labels: list<Label>}
     */
    public function drawn(float $edge, float $bar, float $between, array $texts): array
    {
        $here = $this->joints();
        $strands = [];
        foreach ($here as $key => $places) {
            foreach ($places as $place) {
                $strand = $this->plan->parts[$key]->joints[$place]->strand;
                if (null !== $strand) {
                    $strands[$strand->id] = $strand;
                }
            }
        }
        $barred = array_filter($strands, static fn(Strand $strand): bool => $strand->isBar);
        $atHead = array_filter($barred, static fn(Strand $strand): bool => !$strand->isAtFoot());
        $top = $edge + (count($atHead) + 0.8) * $bar;
        $bottom = $this->place($here, $top, $between);
        foreach (array_keys($atHead) as $place => $id) {
            $this->bars[$id] = [$edge + ($place + 1) * $bar - 1.0, 0.0];
        }
        foreach (array_keys(array_diff_key($barred, $atHead)) as $place => $id) {
            $this->bars[$id] = [$bottom + ($place + 1) * $bar, 0.0];
        }
        $foot = $bottom + (count($barred) - count($atHead) + 0.6) * $bar;
        $width = $this->across($here, $texts, $edge);
        $this->drawBars($barred, $edge);
        $runs = [];
        foreach ($this->pieces as $id => $pieces) {
            $runs[] = new Run($strands[$id]->net->id, $pieces, Dots::of($pieces));
        }

        return ['width' => $width, 'height' => $foot + $edge, 'boxes' => $this->boxes($here), 'runs' => $runs, 'labels' => $this->labels];
    }

    /**
     * Which joints are drawn here: all of the parts of the cells, and of the hubs those that the cells hang on.
     *
     * @return array<string, list<int>> places of the joints by part
     */
    private function joints(): array
    {
        $here = [];
        $strands = [];
        foreach ($this->cells as $cell) {
            foreach ($cell->parts as $part) {
                $here[$part->key] = array_keys($part->joints);
                foreach ($part->joints as $joint) {
                    if (null !== $joint->strand && !$joint->strand->net->kind->isShared()) {
                        $strands[$joint->strand->id] = true;
                    }
                }
            }
        }
        foreach (array_filter($this->plan->parts, static fn(Placed $part): bool => $part->isHub()) as $key => $hub) {
            foreach ($hub->joints as $place => $joint) {
                $isShared = null !== $joint->strand && ($joint->strand->net->kind->isShared() || $this->isBetweenHubs($joint->strand));
                if (isset($strands[$joint->strand->id ?? '']) || ($isShared && $this->isFirst)) {
                    $here[$key][] = $place;
                }
            }
        }

        return $here;
    }

    private function isBetweenHubs(Strand $strand): bool
    {
        return [] === array_filter($strand->parts(), static fn(Placed $part): bool => !$part->isHub());
    }

    /**
     * @param array<string, list<int>> $here
     * @return float y under the lowest box
     */
    private function place(array $here, float $top, float $between): float
    {
        $y = $top;
        $begins = [];
        foreach ($this->cells as $cell) {
            $begins[$cell->order[0]] ??= $y;
            foreach ($cell->parts as $part) {
                $this->tops[$part->key] = $y + $cell->tops[$part->key];
                foreach ($this->shapes[$part->key]->offsets() as $place => $offset) {
                    $this->heights[$part->key][$place] = $this->tops[$part->key] + $offset;
                }
            }
            $y += $cell->height + $between;
        }
        $bottom = $y - $between;
        $hubs = array_keys(array_filter($this->plan->parts, static fn(Placed $part): bool => $part->isHub()));
        foreach (array_intersect($hubs, array_keys($here)) as $number => $key) {
            // The controller stands beside all of the sheet, another hub beside what hangs on it.
            $begin = $key === $this->plan->root ? $top : $begins[$number] ?? $bottom + $between;
            $bottom = max($bottom, $this->placeHub($this->plan->parts[$key], $here[$key], $begin));
        }

        return $bottom;
    }

    /**
     * A hub is as tall as it must be for its terminals, in their order, to stand beside what they lead to.
     *
     * @param list<int> $places
     */
    private function placeHub(Placed $hub, array $places, float $top): float
    {
        $words = count($this->shapes[$hub->key]->lines) * Shape::PITCH;
        $first = $top + $words + Shape::PITCH / 2 + 0.5;
        $next = [1 => $first, 0 => $first];
        $upper = INF;
        foreach ($places as $place) {
            $joint = $hub->joints[$place];
            $y = $next[(int) $joint->isLeft];
            foreach ($joint->strand->members ?? [] as [$other, $theirs]) {
                $there = $this->heights[$other->key][(int) array_search($theirs, $other->joints, true)] ?? null;
                if ($other !== $hub && null !== $there && $theirs->isLeft !== $joint->isLeft && true !== $joint->strand?->isBar) {
                    $y = max($y, $there);
                    break;
                }
            }
            while ($this->isTaken($hub, $joint, $y)) {
                $y += 0.2;
            }
            $this->heights[$hub->key][$place] = $y;
            $next[(int) $joint->isLeft] = $y + Shape::PITCH;
            $upper = min($upper, $y);
        }
        $this->tops[$hub->key] = (INF === $upper ? $first : $upper) - $words - Shape::PITCH / 2 - 0.5;

        return max($next) - Shape::PITCH / 2 + 0.5;
    }

    /** Whether a wire of another net runs at nearly the same height in the channel beside a hub’s terminal. */
    private function isTaken(Placed $hub, Joint $joint, float $y): bool
    {
        $channel = $joint->isLeft ? $hub->column - 1 : $hub->column;
        foreach ($this->heights as $key => $heights) {
            $part = $this->plan->parts[$key];
            foreach ($heights as $place => $height) {
                $other = $part->joints[$place];
                $isBeside = $channel === ($other->isLeft ? $part->column - 1 : $part->column);
                if ($isBeside && null !== $other->strand && $other->strand !== $joint->strand && abs($height - $y) < Cells::APART) {
                    return true;
                }
                if ($isBeside && $other->strand === $joint->strand && abs($height - $y) > 1e-6 && abs($height - $y) < 1.0) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Columns and channels from left to right, each as wide as it must be.
     *
     * @param array<string, list<int>> $here
     * @param array<string, string> $texts
     */
    private function across(array $here, array $texts, float $edge): float
    {
        $columns = [];
        foreach (array_keys($here) as $key) {
            $column = $this->plan->parts[$key]->column;
            $columns[$column] = max($columns[$column] ?? 0.0, $this->shapes[$key]->width);
        }
        ksort($columns);
        $this->widths = $columns;
        $first = (int) array_key_first($columns);
        $x = $edge + ([] === $this->ends($here, $first - 1) ? 0.0 : $this->barWords());
        for ($channel = $first - 1; $channel <= (int) array_key_last($columns); ++$channel) {
            $x += $columns[$channel] ?? 0.0;
            $gangway = new Gangway($this->ends($here, $channel), $this->bars, $texts, $x);
            $x = $gangway->draw($this->labels, $this->pieces, self::TRACK, self::LABEL_GAP);
            $this->lefts[$channel + 1] = $x;
        }
        // What ends at a box begins at its edge, which is known only now.
        return max($x, $edge + 40.0) + $edge;
    }

    /** Room for the names of the bars beside the first wires. */
    private function barWords(): float
    {
        return max([0.0, ...array_map(
            fn(string $id): float => Type::width(self::barName($this->plan->strands[$id])) + 2.0,
            array_keys($this->bars),
        )]);
    }

    private static function barName(Strand $strand): string
    {
        return Type::cut($strand->net->name, 22);
    }

    /**
     * The terminals that face a channel.
     *
     * @param array<string, list<int>> $here
     * @return list<array{strand: Strand, y: float, from_left: bool, wire: ?string, inset: float}>
     */
    private function ends(array $here, int $channel): array
    {
        $ends = [];
        foreach ($here as $key => $places) {
            $part = $this->plan->parts[$key];
            foreach ($places as $place) {
                $joint = $part->joints[$place];
                if (null !== $joint->strand && $channel === ($joint->isLeft ? $part->column - 1 : $part->column)) {
                    $ends[] = [
                        'strand' => $joint->strand,
                        'y' => $this->heights[$key][$place],
                        'from_left' => !$joint->isLeft,
                        'wire' => $joint->wire,
                        // A box narrower than its column leaves the wire that much longer.
                        'inset' => $joint->isLeft ? 0.0 : $this->widths[$part->column] - $this->shapes[$key]->width,
                    ];
                }
            }
        }

        return $ends;
    }

    /**
     * @param array<string, Strand> $barred
     */
    private function drawBars(array $barred, float $edge): void
    {
        foreach ($barred as $id => $strand) {
            $y = $this->bars[$id][0];
            $xs = array_map(
                static fn(array $piece): float => $piece[0],
                array_filter($this->pieces[$id] ?? [], static fn(array $piece): bool => $piece[0] === $piece[2]),
            );
            if ([] === $xs) {
                continue;
            }
            $text = self::barName($strand);
            $this->labels[] = new Label($edge, $y + 0.7, $text, false, $strand->net->id, null);
            $from = $edge + Type::width($text) + 1.0;
            $this->pieces[$id][] = [min($from, min($xs)), $y, max($xs), $y];
        }
    }

    /**
     * @param array<string, list<int>> $here
     * @return list<Box>
     */
    private function boxes(array $here): array
    {
        $boxes = [];
        foreach ($here as $key => $places) {
            $part = $this->plan->parts[$key];
            $shape = $this->shapes[$key];
            $pins = [];
            $lowest = $this->tops[$key] + count($shape->lines) * Shape::PITCH + 1.0;
            foreach ($places as $place) {
                $joint = $part->joints[$place];
                $y = $this->heights[$key][$place];
                $lowest = max($lowest, $y + Shape::PITCH / 2 + 0.5);
                $pins[] = new BoxPin($joint->terminal->key, $joint->text(), $joint->isLeft, $y, $joint->strand?->net->id);
            }
            $boxes[] = new Box(
                $part->device->id,
                $this->lefts[$part->column],
                $this->tops[$key],
                $shape->width,
                $lowest - $this->tops[$key],
                $shape->lines,
                $this->lefts[$part->column] + $shape->textX,
                $pins,
            );
        }

        return $boxes;
    }
}
