<?php

declare(strict_types=1);

namespace IronLatch\Core\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Pins\SeatFunctions;

/** The best seating of a board, worked out once and only when somebody asks. */
final class SeatingPlan
{
    private ?SeatingSolution $solution = null;

    public function __construct(private readonly Board $board, private readonly Fitness $fitness) {}

    public static function of(Board $board): self
    {
        return new self($board, new Fitness($board, new StartUp($board)));
    }

    public function solution(): SeatingSolution
    {
        return $this->solution ??= SeatingSolver::solve(SeatingProblem::of($this->board, $this->fitness));
    }

    /** Seats every function that can be seated, each where it is best for all. */
    public function edit(): SeatFunctions
    {
        $solution = $this->solution();

        return new SeatFunctions(
            $solution->fits() ? sprintf('Seat all %d functions', count($solution->seats)) : sprintf(
                'Seat %d functions; %d find no pin',
                count($solution->seats),
                count($solution->unseated),
            ),
            $solution->seats,
        );
    }
}
