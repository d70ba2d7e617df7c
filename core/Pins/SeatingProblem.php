<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\Pin;

/**
 * Who may sit where and at what price, as plain numbers: functions are rows, pins are columns.
 *
 * Five prices, each counted only where the ones before it are equal: hazard, scarcity, displacement along the header edge,
 * its square (which sorts what is otherwise equal), and whether the function would leave its seat of today.
 */
final readonly class SeatingProblem
{
    public const TIERS = ['hazard', 'scarcity', 'displacement', 'squares', 'moved'];

    /**
     * @param list<string> $functions ids
     * @param list<string> $pins names in header order
     * @param list<array<int, array{int, int, int, int, int}>> $cells by function and pin; a pin that is missing cannot be
     * @param list<array<string, array<int, list<int>>>> $buses for each bus with fixed pins, by unit: the pins of each of its functions
     * @param list<list<int>> $orders functions that must stand in header order
     */
    public function __construct(
        public array $functions,
        public array $pins,
        public array $cells,
        public array $buses = [],
        public array $orders = [],
    ) {}

    /** In one piece: it fills the numbers of one problem. */
    public static function of(Board $board, Fitness $fitness): self
    {
        $controller = $board->controller();
        $pins = array_keys($controller->pins);
        $place = array_flip($pins);
        $held = [];
        $functions = [];
        foreach ($board->functions as $id => $function) {
            $seat = $board->seats[$id] ?? null;
            $isHeld = null !== $seat && ($seat->locked || isset($board->frozenSeats[$id]) || $function->sharesPin);
            // Of several that are held on one pin, the first holds it for all.
            if ($isHeld && in_array($seat->pin, $held, true)) {
                continue;
            }
            if ($isHeld) {
                $held[$id] = $seat->pin;
            }
            $functions[] = $id;
        }
        $cells = [];
        $heldPins = array_flip($held);
        foreach ($functions as $row => $id) {
            $cells[$row] = [];
            if (isset($held[$id])) {
                $cells[$row][$place[$held[$id]]] = [0, 0, 0, 0, 0];
                continue;
            }
            $today = $board->seats[$id]->pin ?? null;
            foreach ($fitness->prices($id) as $name => [$hazard, $scarcity]) {
                if (!isset($heldPins[$name])) {
                    $cells[$row][$place[$name]] = [$hazard, $scarcity, 0, 0, null !== $today && $today !== $name ? 1 : 0];
                }
            }
        }
        $rows = array_flip($functions);
        foreach (self::sequences(
            $board,
            array_values(array_filter($functions, static fn(string $id): bool => !isset($held[$id]))),
        ) as $sequence) {
            $cells = self::displaced(
                $cells,
                array_map(static fn(string $id): int => $rows[$id], $sequence),
                array_values($controller->pins),
            );
        }
        $buses = $orders = [];
        foreach ($board->groups as $group) {
            $members = array_values(array_filter(
                array_map(static fn(string $id): ?int => $rows[$id] ?? null, $group->functions),
                is_int(...),
            ));
            if ($group->kind->keepsOrder()) {
                $orders[] = $members;
            } elseif ($group->kind->sharesUnit()) {
                $units = self::units($board, $members, $functions, $place);
                if ([] !== $units) {
                    $buses[] = $units;
                }
            }
        }

        return new self($functions, $pins, array_values($cells), $buses, $orders);
    }

    /**
     * What should stand in order along the header: what the maker wants so, then the relays and the contacts of the lines.
     *
     * @param list<string> $functions that are free to move
     * @return list<non-empty-list<string>>
     */
    private static function sequences(Board $board, array $functions): array
    {
        $sequences = [];
        foreach ($board->groups as $group) {
            if ($group->kind->keepsOrder()) {
                $sequences[] = array_values(array_intersect($group->functions, $functions));
                $functions = array_values(array_diff($functions, $group->functions));
            }
        }
        $sequences[] = array_values(array_filter(
            $functions,
            static fn(string $id): bool => FunctionKind::RelayOutput === $board->functions[$id]->kind,
        ));
        $sequences[] = array_values(array_filter($functions, static fn(string $id): bool => $board->functions[$id]->kind->isContact()));

        return array_values(array_filter($sequences, static fn(array $sequence): bool => [] !== $sequence));
    }

    /**
     * Prices the distance of each function of a sequence from its wanted place: its turn among the best pins of the one
     * header edge that has most of them.
     *
     * @param array<int, array<int, array{int, int, int, int, int}>> $cells
     * @param non-empty-list<int> $rows in their order
     * @param list<Pin> $pins
     * @return array<int, array<int, array{int, int, int, int, int}>>
     */
    private static function displaced(array $cells, array $rows, array $pins): array
    {
        /** @var array<string, list<int>> $edges */
        $edges = [];
        foreach ($pins as $column => $pin) {
            $edges[null === $pin->expander ? $pin->header->side->value : 'expanders'][] = $column;
        }
        $first = $cells[$rows[0]];
        $least = [] === $first ? 0 : min(array_map(static fn(array $cell): array => [$cell[0], $cell[1]], $first));
        $best = [];
        foreach ($edges as $name => $columns) {
            $best[$name] = array_keys(array_filter(
                $columns,
                static fn(int $column): bool => isset($first[$column]) && [$first[$column][0], $first[$column][1]] === $least,
            ));
        }
        $good = $columns = [];
        foreach ($best as $name => $of) {
            if ([] === $columns || count($of) > count($good)) {
                [$good, $columns] = [$of, $edges[$name]];
            }
        }
        $along = array_flip($columns);
        $length = count($along);
        foreach ($rows as $turn => $row) {
            $wanted = $good[$turn] ?? ([] === $good ? $turn : $good[count($good) - 1] + 1 + $turn - count($good));
            foreach ($cells[$row] as $column => $cell) {
                $distance = isset($along[$column]) ? abs($along[$column] - $wanted) : $length + $column;
                $cells[$row][$column][2] = $distance;
                $cells[$row][$column][3] = $distance * $distance;
            }
        }

        return $cells;
    }

    /**
     * @param list<int> $members rows
     * @param list<string> $functions
     * @param array<string, int> $place
     * @return array<string, array<int, list<int>>> pins of each function, by unit; empty where any pin will do
     */
    private static function units(Board $board, array $members, array $functions, array $place): array
    {
        $controller = $board->controller();
        $units = [];
        foreach ($members as $row) {
            $signal = $board->functions[$functions[$row]]->kind->busSignal();
            if (null === $signal) {
                continue;
            }
            $held = $board->seats[$functions[$row]] ?? null;
            if (
                null !== $held
                && ($held->locked || isset($board->frozenSeats[$functions[$row]]))
                && [] === $controller->pins[$held->pin]->chip->unitsAs($signal)
            ) {
                // The maker has put it where no unit has this signal: that is for a check to say.
                continue;
            }
            if ($controller->chip->canRoute($signal->bus())) {
                return [];
            }
            foreach ($controller->pins as $name => $pin) {
                foreach ($pin->chip->unitsAs($signal) as $unit) {
                    $units[$unit][$row][] = $place[$name];
                }
            }
        }

        return $units;
    }
}
