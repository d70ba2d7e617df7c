<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Power\Demand;
use IronLatch\Core\Power\DrawKind;
use IronLatch\Core\Power\Draws;
use IronLatch\Core\Power\FlowItem;
use IronLatch\Core\Power\Flows;
use IronLatch\Core\Power\Scenario;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;

/**
 * Sets the rails of a board out as a tree: from each source at the left to its loads at the right, one row for each.
 *
 * @phpstan-type Drawing array{width: int, height: int, sources: list<array<string, mixed>>,
 *     bands: list<array<string, mixed>>, buses: list<array<string, mixed>>}
 */
final readonly class PowerTree
{
    private const ROW = 36;
    private const SOURCE = 58;
    private const STEP = 216;
    private const FIRST_BUS = 196;
    private const END = 96;
    private const WIDEST = 26.0;
    /** Loads below this share of the greatest current stand together in one row. */
    private const SMALL = 0.012;

    public function __construct(private Flows $flows, private Scenario $scenario) {}

    /**
     * @return Drawing places in the drawing’s own units
     */
    public function drawn(): array
    {
        $board = $this->flows->board;
        $scale = 1e-6;
        foreach (array_keys($board->rails) as $rail) {
            if (null !== $board->source($rail)) {
                $scale = max($scale, $this->flows->amps($rail, Scenario::pullIn())->greatest);
            }
        }
        $drawing = ['width' => 0, 'height' => 0, 'sources' => [], 'bands' => [], 'buses' => []];
        $top = 20.0;
        foreach (array_keys($board->rails) as $rail) {
            $source = $board->source($rail);
            if (null !== $source) {
                $node = $this->rail($rail, $source->identity->name, $scale);
                // A source with few loads stands as high as its own box.
                $y = $this->place($node, 0, $top + max(0, (self::SOURCE - $node->rows() * self::ROW) / 2), $scale, $drawing);
                $drawing['sources'][] = [
                    'y' => $y,
                    'name' => $source->identity->name,
                    'form' => $source->form->value,
                    'rail' => $rail,
                    'amps' => $node->amps,
                    'thick' => self::thick($node->amps, $scale),
                ];
                $top += max(self::SOURCE, $node->rows() * self::ROW) + 16;
            }
        }

        return [...$drawing, 'height' => (int) $top];
    }

    private function rail(string $rail, string $note, float $scale): PowerNode
    {
        $board = $this->flows->board;
        $branches = $this->loads($this->flows->items($rail, $this->scenario), $scale);

        return new PowerNode(
            $board->rails[$rail]->name,
            $note,
            $this->flows->amps($rail, $this->scenario),
            $rail,
            [] === $branches ? [new PowerNode('nothing hangs on it', '', Demand::none())] : $branches,
            'power:' . $rail,
        );
    }

    /**
     * In one piece: the kinds of loads in the order in which they are drawn.
     *
     * @param list<FlowItem> $items
     * @return list<PowerNode>
     */
    private function loads(array $items, float $scale): array
    {
        $nodes = $coils = $inputs = $small = [];
        foreach ($items as $item) {
            if (DrawKind::Converter === $item->kind) {
                $nodes[] = $this->rail($item->subject, $this->flows->board->feeder($item->subject)->identity->name, $scale);
            } elseif (DrawKind::Controller === $item->kind && str_ends_with($item->name, 'its pins')) {
                $regulator = $this->flows->board->entry()->regulated && null !== $this->flows->board->controller()->carrier->regulator;
                $nodes[] = new PowerNode(
                    $this->flows->board->controller()->carrier->identity->name,
                    'at ' . $this->flows->board->entry()->label . ($regulator ? ', through its regulator' : ''),
                    $item->amps,
                    Draws::PINS,
                    $this->loads($this->flows->items(Draws::PINS, $this->scenario), $scale),
                    'power:controller',
                );
            } elseif (DrawKind::Coil === $item->kind) {
                $coils[] = $item;
            } elseif (DrawKind::DriverInput === $item->kind) {
                $inputs[] = $item;
            } elseif (DrawKind::Device === $item->kind && $item->amps->greatest < self::SMALL * $scale) {
                $small[] = $item;
            } else {
                $nodes[] = new PowerNode(
                    $item->name,
                    DrawKind::Appliance === $item->kind ? 'DC appliance' : $item->kind->value,
                    $item->amps,
                    opens: self::opened($item),
                );
            }
        }
        foreach ([
            [$coils, 'coil', 'coils'],
            [$inputs, 'driver input', 'driver inputs'],
            [$small, 'small load', 'small loads'],
        ] as [$group, $one, $many]) {
            if ([] !== $group) {
                $nodes[] = new PowerNode(
                    1 === count($group) ? $group[0]->name : sprintf('%d %s', count($group), $many),
                    1 === count($group) ? $one : implode(
                        ', ',
                        array_unique(array_map(
                            fn(FlowItem $item): string => $this->flows->board->nameOf($item->subject),
                            array_slice($group, 0, 2),
                        )),
                    ) . (count($group) > 2 ? ' …' : ''),
                    self::sum($group),
                    opens: self::opened($group[0]),
                );
            }
        }

        return $nodes;
    }

    /** Where a load is worked on. */
    private static function opened(FlowItem $item): string
    {
        return match (true) {
            DrawKind::Coil === $item->kind, DrawKind::DriverInput === $item->kind => 'drive:' . $item->subject,
            DrawKind::Appliance === $item->kind => 'lines:' . $item->subject . '.appliance',
            DrawKind::Controller === $item->kind => 'power:controller',
            str_starts_with($item->subject, 'F') => 'pins:' . $item->subject,
            default => 'power:devices',
        };
    }

    /**
     * @param list<FlowItem> $items
     */
    private static function sum(array $items): Demand
    {
        return array_reduce($items, static fn(Demand $sum, FlowItem $item): Demand => $sum->plus($item->amps), Demand::none());
    }

    /**
     * Places a knot and everything behind it.
     *
     * @param Drawing $drawing
     * @return float where it lies from the top
     */
    private function place(PowerNode $node, int $depth, float $top, float $scale, array &$drawing): float
    {
        $bus = self::FIRST_BUS + $depth * self::STEP;
        $at = [];
        foreach ($node->branches as $branch) {
            $isEnd = '' === $branch->rail;
            $y = $isEnd ? $top + self::ROW / 2 : $this->place($branch, $depth + 1, $top, $scale, $drawing);
            $drawing['bands'][] = [
                'x' => $bus,
                'y' => $y,
                'length' => $isEnd ? self::END : self::STEP,
                'thick' => self::thick($branch->amps, $scale),
                'name' => $branch->name,
                'note' => $branch->note,
                'amps' => $branch->amps,
                'end' => $isEnd,
                'opens' => $branch->opens,
                'rail' => Draws::PINS === $branch->rail ? '' : $branch->rail,
            ];
            $drawing['width'] = max($drawing['width'], $bus + self::END + 180);
            $at[] = $y;
            $top += $branch->rows() * self::ROW;
        }
        $first = $at[0] ?? $top;
        $last = $at[count($at) - 1] ?? $top;
        $drawing['buses'][] = [
            'x' => $bus,
            'from' => $first - 15,
            'to' => $last + 15,
            'name' => $node->name,
            'rail' => Draws::PINS === $node->rail ? '' : $node->rail,
            'volts' => Draws::PINS === $node->rail ? QuantityPrinter::rounded(
                $this->flows->board->controller()->chip->electrics->supply->typ,
                Unit::Volt,
            ) : $this->volts($this->flows->board, $node->rail),
        ];

        return ($first + $last) / 2;
    }

    private function volts(Board $board, string $rail): string
    {
        return QuantityPrinter::rounded($board->railVolts($rail)->typ, Unit::Volt);
    }

    private static function thick(Demand $amps, float $scale): float
    {
        return 0.0 === $amps->typical ? 0.0 : max(1.5, $amps->typical / $scale * self::WIDEST);
    }
}
