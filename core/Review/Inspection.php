<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\LockSeat;
use IronLatch\Core\Board\Edit\SeatFunction;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Catalogue\Controller;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Drive\DriverAnalysis;
use IronLatch\Core\Drive\DriverChoice;
use IronLatch\Core\Drive\DriverWay;
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

    /**
     * @param ?Catalogue $catalogue parts that remedies may propose; without one, remedies keep to the parts of the board
     */
    public function __construct(Board $board, public ?Catalogue $catalogue = null)
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
    }

    /**
     * @return array{DriverAnalysis, Budget, LivePath}
     */
    private static function electrics(Board $board): array
    {
        $drive = DriverAnalysis::of($board);

        return [$drive, Budget::of($board, $drive), LivePath::of($board)];
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

    /** The board after an edit that is only tried; null when it cannot be made. */
    public function after(Edit $edit): ?Board
    {
        try {
            return $edit->apply($this->board);
        } catch (EditRefused|\InvalidArgumentException) {
            return null;
        }
    }

    /** An edit that brings functions, each seated at once where a suitable pin is free. */
    public function withSeat(string $title, string $summary, Edit $adding): Remedy
    {
        $board = $adding->apply($this->board);
        $edits = [$adding];
        $names = [];
        foreach (array_keys(array_diff_key($board->functions, $this->board->functions)) as $function) {
            $pin = (new Fitness($board, new StartUp($board)))->bestFree($function)?->pin;
            if (null !== $pin) {
                $edits[] = $seat = new SeatFunction($function, $pin->name());
                $board = $seat->apply($board);
                $names[] = $pin->bothNames();
            }
        }

        return [] === $names ? new Remedy($title, $adding) : new Remedy(
            $title . ' on ' . implode(' and ', $names),
            new Sequence($summary, $edits),
        );
    }

    /**
     * Parts that a remedy may propose: those of the catalogue, and those that the board has already.
     *
     * @template T of Part
     * @param class-string<T> $class
     * @return array<string, T>
     */
    public function partsOnOffer(string $class): array
    {
        $own = array_filter($this->board->parts, static fn(Part $part): bool => $part instanceof $class);

        return [...$this->catalogue?->parts($class) ?? [], ...$own];
    }

    /**
     * Every driver circuit that parts allow for a relay, on the pin that it has: those that move it at start-up are not sound.
     *
     * @param list<Part> $parts
     * @return list<DriverWay> best first
     */
    public function driverWays(string $id, array $parts): array
    {
        $actuator = $this->board->actuators()[$id][1];
        $pin = $this->seating->pins[$actuator->function] ?? null;
        $moves = static fn(Board $with, Actuator $driven): bool => null !== $pin
            && null !== (new StartUp($with))->film($driven->function, $pin, $driven)->worstTwitch();

        return DriverChoice::ways($this->board, $actuator, $parts, $moves);
    }

    /**
     * Seating everything anew, where that helps: every function finds a pin.
     *
     * @return list<Remedy> at most one
     */
    public function seatAll(): array
    {
        return $this->plan->solution()->fits() ? [new Remedy('Seat all functions anew', $this->plan->edit())] : [];
    }

    /**
     * Seating a function on the best free pin, if there is one that suits it.
     *
     * @return list<Remedy> at most one
     */
    public function moveToBestPin(string $function): array
    {
        $fitness = $this->fitness->bestFree($function);
        $seat = $this->board->seats[$function] ?? null;
        if (null === $fitness || $fitness->pin->name() === $seat?->pin) {
            return [];
        }
        $move = new SeatFunction($function, $fitness->pin->name());

        return [true === $seat?->locked
            ? new Remedy(
                'Unlock it and seat it on ' . $fitness->pin->bothNames(),
                new Sequence(
                    sprintf('Unlock “%s” and seat it on %s', $this->board->nameOf($function), $fitness->pin->name()),
                    [new LockSeat($function, false), $move],
                ),
            )
            : new Remedy('Seat it on ' . $fitness->pin->bothNames(), $move)];
    }
}
