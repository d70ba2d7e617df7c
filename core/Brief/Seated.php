<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Pins\SeatFunctions;
use IronLatch\Core\Board\Seat;
use IronLatch\Core\Pins\Fitness;
use IronLatch\Core\Pins\PinFitness;
use IronLatch\Core\Pins\SeatingPlan;
use IronLatch\Core\Pins\SeatingProblem;
use IronLatch\Core\Pins\SeatingSolver;
use IronLatch\Core\Pins\StartUp;
use IronLatch\Core\Record\Copy;

/** A board with every function on a pin, and whether one of them had to take a pin that does it harm. */
final readonly class Seated
{
    private function __construct(public Drafting $drafting, public bool $isPoor) {}

    /** Every function where it sits best; null where one finds no pin at all, which is known far sooner than the best seating. */
    public static function all(Drafting $drafting): ?self
    {
        return self::on($drafting, $drafting->board);
    }

    /** The same with whatever has a seat held there: only the others are seated. */
    public static function others(Drafting $drafting): ?self
    {
        $seats = array_map(static fn(Seat $seat): Seat => Copy::of($seat, ['locked' => true]), $drafting->board->seats);

        return self::on($drafting, $drafting->board->with(seats: $seats), array_keys($seats));
    }

    /**
     * @param list<string> $held functions that sit already
     */
    private static function on(Drafting $drafting, Board $board, array $held = []): ?self
    {
        $fitness = new Fitness($board, new StartUp($board));
        if (!SeatingSolver::fits(SeatingProblem::of($board, $fitness))) {
            return null;
        }
        $solution = (new SeatingPlan($board, $fitness))->solution();
        $seats = array_diff_key($solution->seats, array_flip($held));

        return new self(
            $drafting->made(new SeatFunctions(sprintf('Seat %d functions', count($seats)), $seats)),
            $solution->tiers['hazard'] >= PinFitness::POOR_HAZARD,
        );
    }
}
