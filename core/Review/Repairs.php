<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Pins\LockSeat;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Catalogue\Part;
use IronLatch\Core\Drive\DriverChoice;
use IronLatch\Core\Drive\DriverWay;
use IronLatch\Core\Pins\Fitness;
use IronLatch\Core\Pins\StartUp;

/** What several rules propose: trying an edit, seating anew, parts and circuits that would do. */
final readonly class Repairs
{
    private function __construct(private Inspection $inspection) {}

    public static function of(Inspection $inspection): self
    {
        return new self($inspection);
    }

    /** The board after an edit that is only tried; null when it cannot be made. */
    public function after(Edit $edit): ?Board
    {
        try {
            return $edit->apply($this->inspection->board);
        } catch (EditRefused|\InvalidArgumentException) {
            return null;
        }
    }

    /** An edit that brings functions, each seated at once where a suitable pin is free. */
    public function withSeat(string $title, string $summary, Edit $adding): Remedy
    {
        $board = $adding->apply($this->inspection->board);
        $edits = [$adding];
        $names = [];
        foreach (array_keys(array_diff_key($board->functions, $this->inspection->board->functions)) as $function) {
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
     * The same, or nothing where the edit cannot be made.
     *
     * @return list<Remedy>
     */
    public function seated(string $title, string $summary, Edit $adding): array
    {
        return null === $this->after($adding) ? [] : [$this->withSeat($title, $summary, $adding)];
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
        $own = array_filter($this->inspection->board->parts, static fn(Part $part): bool => $part instanceof $class);

        return [...$this->inspection->catalogue?->parts($class) ?? [], ...$own];
    }

    /**
     * Every driver circuit that parts allow for a relay, on the pin that it has: those that move it at start-up are not sound.
     *
     * @param list<Part> $parts
     * @return list<DriverWay> best first
     */
    public function driverWays(string $id, array $parts): array
    {
        $actuator = $this->inspection->board->actuator($id);
        $pin = $this->inspection->seating->pins[$actuator->function] ?? null;
        $moves = static fn(Board $with, Actuator $driven): bool => null !== $pin
            && null !== (new StartUp($with))->film($driven->function, $pin, $driven)->worstTwitch();

        return DriverChoice::ways($this->inspection->board, $actuator, $parts, $moves);
    }

    /**
     * Seating everything anew, where that helps: every function finds a pin.
     *
     * @return list<Remedy> at most one
     */
    public function seatAll(): array
    {
        return $this->inspection->plan->solution()->fits() ? [new Remedy('Seat all functions anew', $this->inspection->plan->edit())] : [];
    }

    /**
     * Seating a function on the best free pin, if there is one that suits it.
     *
     * @return list<Remedy> at most one
     */
    public function moveToBestPin(string $function): array
    {
        $fitness = $this->inspection->fitness->bestFree($function);
        $seat = $this->inspection->board->seats[$function] ?? null;
        if (null === $fitness || $fitness->pin->name() === $seat?->pin) {
            return [];
        }
        $move = new SeatFunction($function, $fitness->pin->name());

        return [true === $seat?->locked
            ? new Remedy(
                'Unlock it and seat it on ' . $fitness->pin->bothNames(),
                new Sequence(
                    sprintf('Unlock “%s” and seat it on %s', $this->inspection->board->nameOf($function), $fitness->pin->name()),
                    [new LockSeat($function, false), $move],
                ),
            )
            : new Remedy('Seat it on ' . $fitness->pin->bothNames(), $move)];
    }
}
