<?php

declare(strict_types=1);

namespace IronLatch\Core\Wiring\Sheet;

use IronLatch\Core\Wiring\Area;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\Wire;

/** Cells on sheets: as many as a sheet holds, the hubs beside them, bars at head and foot, and the wires in the channels between. */
final class Layout
{
    /** What A4 and Letter both leave inside margins of 8 mm, above a title plate, upright. */
    public const PAGE_WIDTH = 194.0;
    public const PAGE_HEIGHT = 232.0;
    /** The same across. */
    public const WIDE_PAGE_WIDTH = 263.0;
    public const WIDE_PAGE_HEIGHT = 164.0;
    /** So much smaller a sheet may be printed: its type is 2.2 mm then. */
    public const LEAST_SCALE = 2.2 / Type::SIZE;
    private const BETWEEN_CELLS = 2.6;
    private const BAR = 3.6;
    private const EDGE = 2.0;

    private readonly Cells $cells;
    private readonly Plan $plan;

    public function __construct(private readonly Connections $connections, private readonly Area $area)
    {
        $this->plan = new Plan($connections, $area);
        $this->cells = new Cells($this->plan);
    }

    /**
     * Upright where that holds them, else across.
     *
     * @return list<Sheet>
     */
    public function sheets(): array
    {
        $upright = $this->paged(self::PAGE_HEIGHT);
        $widest = max([0.0, ...array_map(static fn(Sheet $sheet): float => $sheet->width, $upright)]);

        return $widest * self::LEAST_SCALE <= self::PAGE_WIDTH ? $upright : $this->paged(self::WIDE_PAGE_HEIGHT);
    }

    /** All of it on one sheet. */
    public function whole(string $id, string $name): Sheet
    {
        $drawn = $this->sheet($this->cells->all(), 0, 1);

        return new Sheet($id, $drawn->area, 1, 1, $drawn->width, $drawn->height, $drawn->boxes, $drawn->runs, $drawn->labels, $name);
    }

    /** @return list<Sheet> */
    private function paged(float $height): array
    {
        $pages = $this->pages($height);
        $sheets = [];
        foreach ($pages as $place => $cells) {
            $sheets[] = $this->sheet($cells, $place, count($pages));
        }

        return $sheets;
    }

    /** @return list<list<Cell>> */
    private function pages(float $height): array
    {
        $bars = count(array_filter($this->plan->strands, static fn(Strand $strand): bool => $strand->isBar));
        $room = $height / self::LEAST_SCALE - ($bars + 3) * self::BAR;
        $pages = [];
        $used = 0.0;
        foreach ($this->cells->all() as $cell) {
            $last = count($pages) - 1;
            if (-1 === $last || $used + $cell->height > $room) {
                $pages[] = [$cell];
                $used = $cell->height + self::BETWEEN_CELLS;
                continue;
            }
            $pages[$last][] = $cell;
            $used += $cell->height + self::BETWEEN_CELLS;
        }

        return $pages;
    }

    /**
     * @param list<Cell> $cells
     */
    private function sheet(array $cells, int $place, int $of): Sheet
    {
        $page = new Page($this->plan, $this->cells->shapes, $cells, 0 === $place);
        $drawn = $page->drawn(self::EDGE, self::BAR, self::BETWEEN_CELLS, $this->labels());

        return new Sheet(
            sprintf('%s-%d', $this->area->value, $place + 1),
            $this->area,
            $place + 1,
            $of,
            $drawn['width'],
            $drawn['height'],
            $drawn['boxes'],
            $drawn['runs'],
            $drawn['labels'],
        );
    }

    /** @return array<string, string> what stands beside the end of each wire, by its number */
    private function labels(): array
    {
        return array_map(
            static fn(Wire $wire): string => $wire->onBoard ? $wire->number : $wire->number . ' ' . $wire->colour->value,
            $this->connections->wires,
        );
    }
}
