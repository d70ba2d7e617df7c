<?php

declare(strict_types=1);

namespace IronLatch\View;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\HouseCable;
use IronLatch\Core\Board\HousePlace;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\PlaceKind;
use IronLatch\Core\Mains\InstalledConductor;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\HoldPoint;
use IronLatch\Core\Review\Report;

/** The house around the board’s box: the circuit that feeds it, its other places, and the cables between them core by core. */
final readonly class HouseDrawing
{
    /** What the board’s own place is asked, and what any other is. */
    private const ASKED_OF_BOX = [
        'neutral', 'dimmer', 'breakerAmps', 'curve', 'residual', 'squareMetres', 'othersAmps', 'circuits', 'colours',
    ];
    private const ASKED_OF_OTHERS = ['circuits', 'neutral', 'colours'];
    /** Cores in the order in which they are drawn, and what each kind is called. */
    private const CORES = ['mains' => 'mains', 'earth' => 'earth', 'low' => 'extra-low voltage', 'free' => 'free'];

    public function __construct(private Board $board, private Report $report) {}

    /** Whether there is anything to draw: fixed wiring, or a place besides the board’s own. */
    public function isDrawn(): bool
    {
        return InletKind::Fixed === $this->board->box?->inlet?->value || count($this->board->places) > 1;
    }

    /**
     * @return array<string, mixed>
     */
    public function context(string $open): array
    {
        $box = $this->board->boxPlace();

        return [
            'house' => $this->isDrawn() ? [
                'box' => $box,
                'place' => $this->board->places[$box],
                'rows' => $this->rows($box),
                'elsewhere' => array_filter(
                    $this->board->houseCables,
                    static fn(HouseCable $cable): bool => $cable->from !== $box && $cable->to !== $box,
                ),
                'kinds' => self::CORES,
                'marks' => $this->marks(),
                'verify' => $this->toVerify(),
            ] : null,
            'asked' => PlaceKind::Box === ($this->board->places[$open] ?? null)?->kind ? self::ASKED_OF_BOX : self::ASKED_OF_OTHERS,
            'bears' => $this->bears($this->board->places[$open] ?? null),
            'place_kinds' => [PlaceKind::Switch, PlaceKind::Appliance],
        ];
    }

    /**
     * The other places, each with its cables to the board and what stands there.
     *
     * @return array<string, array{place: HousePlace, stands: list<string>, cables: array<string, HouseCable>}>
     */
    private function rows(string $box): array
    {
        $rows = [];
        foreach (array_diff_key($this->board->places, [$box => true]) as $id => $place) {
            $rows[$id] = [
                'place' => $place,
                'stands' => $this->standing($id),
                'cables' => array_filter($this->board->houseCables, static fn(HouseCable $cable): bool => $cable->joins($id, $box)),
            ];
        }

        return $rows;
    }

    /**
     * @return list<string> names of switches, sensors and appliances at a place
     */
    private function standing(string $place): array
    {
        $names = [];
        foreach ([...$this->board->functions, ...$this->board->lines] as $one) {
            if ($place === $one->place) {
                $names[] = $one->name;
            }
        }

        return $names;
    }

    /**
     * @return array<string, string> the worst that is found of a place or cable, by its id
     */
    private function marks(): array
    {
        $marks = [];
        foreach ($this->subjects($this->report->findings) as $finding) {
            $marks[$finding->subject] ??= $finding->severity->value;
        }

        return $marks;
    }

    /**
     * @return array<string, list<string>> what is to be verified there before mains, by place or cable
     */
    private function toVerify(): array
    {
        $points = [];
        foreach ($this->subjects($this->report->holdPoints) as $point) {
            $points[$point->subject][] = $point->verify;
        }

        return $points;
    }

    /**
     * @template T of Finding|HoldPoint
     * @param list<T> $all
     * @return list<T> those about a place or a cable
     */
    private function subjects(array $all): array
    {
        return array_values(array_filter(
            $all,
            fn(Finding|HoldPoint $one): bool => isset($this->board->places[$one->subject])
                || isset($this->board->houseCables[$one->subject]),
        ));
    }

    /**
     * What the fixed conductors bear, laid badly and well.
     *
     * @return ?array{least: float, most: float, source: string} null while nobody has said how thick they are
     */
    private function bears(?HousePlace $place): ?array
    {
        $area = $place?->squareMetres?->value;
        $table = $this->board->system()->cordTable;

        return is_float($area) ? [
            'least' => InstalledConductor::leastAmps($area, $table),
            'most' => InstalledConductor::mostAmps($area, $table),
            'source' => InstalledConductor::source($table),
        ] : null;
    }
}
