<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Build\Fit\BoxPlan;
use IronLatch\Core\Build\PartsList;
use IronLatch\Core\Build\PriceList;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Mains\ContactLoad;
use IronLatch\Core\Mains\LivePath;
use IronLatch\Core\Pins\Fitness;
use IronLatch\Core\Pins\PinCurrents;
use IronLatch\Core\Pins\Seating;
use IronLatch\Core\Pins\SeatingPlan;
use IronLatch\Core\Pins\StartUp;
use IronLatch\Core\Power\BoxAir;
use IronLatch\Core\Power\Budget;
use IronLatch\Core\Quantity\Figure;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Core\Wiring\Listing\ContinuityRow;
use IronLatch\Core\Wiring\Sheet\Sheet;

/** A board with all its analyses, computed once: what rules read and screens draw. */
final readonly class Inspection
{
    public Board $board;
    public Controller $controller;
    public DriverAnalysis $drive;
    public Seating $seating;
    public Budget $power;
    public LivePath $mains;
    public ControlMap $controls;
    public Fitness $fitness;
    public StartUp $startUp;
    public PinCurrents $pinCurrents;
    public SeatingPlan $plan;
    /** The air in the box that the heat of everything on makes; null while its size is not stated. */
    public ?Figure $boxAir;

    private ConnectedBoard $connected;

    /**
     * @param ?Catalogue $catalogue parts that remedies may propose; without one, remedies keep to the parts of the board
     * @param PriceList $prices what the maker pays; what it does not name costs what is usual
     */
    public function __construct(Board $board, public ?Catalogue $catalogue = null, public PriceList $prices = new PriceList())
    {
        [$drive, $power, $mains] = self::electrics($board);
        $this->boxAir = BoxAir::of(
            $board,
            $power->heat,
            array_map(static fn(ContactLoad $load): float => $load->amps->value, $mains->contacts),
        );
        $warmed = BoxAir::warmed($board, $this->boxAir);
        if ($warmed !== $board) {
            $board = $warmed;
            [$drive, $power, $mains] = self::electrics($board);
        }
        $this->board = $board;
        $this->controller = $board->controller();
        $this->drive = $drive;
        $this->power = $power;
        $this->mains = $mains;
        $this->startUp = new StartUp($board);
        $this->seating = Seating::of($board, $this->startUp);
        $this->controls = ControlMap::of($board);
        $this->fitness = new Fitness($board, $this->startUp);
        $this->pinCurrents = PinCurrents::of($board, $this->drive);
        $this->plan = new SeatingPlan($board, $this->fitness);
        $this->connected = new ConnectedBoard($board, $power, $mains, $prices);
    }

    /**
     * @return array{DriverAnalysis, Budget, LivePath}
     */
    private static function electrics(Board $board): array
    {
        $drive = DriverAnalysis::of($board);

        return [$drive, Budget::of($board, $drive), LivePath::of($board)];
    }

    /** Everything that is joined to anything, its wires cut by what they carry. */
    public function connections(): Connections
    {
        return $this->connected->connections();
    }

    /**
     * @return list<ContinuityRow> what is measured before any power
     */
    public function readings(): array
    {
        return $this->connected->readings();
    }

    /**
     * @return list<Sheet> all drawings of the wiring, the whole box first
     */
    public function sheets(): array
    {
        return $this->connected->sheets();
    }

    /** Where the parts lie, and what has to keep apart; null while nobody has said how it is built. */
    public function layout(): ?BoxPlan
    {
        return $this->connected->layout();
    }

    /** What is to be bought. */
    public function partsList(): PartsList
    {
        return $this->connected->partsList();
    }

    /** Whether nothing of the board belongs to a stage yet, so that looking at it says nothing. */
    public function isEmpty(Stage $stage): bool
    {
        return match ($stage) {
            Stage::Pins => [] === $this->board->functions,
            Stage::Drive => [] === $this->board->actuators(),
            default => [] === $this->board->lines,
        };
    }
}
