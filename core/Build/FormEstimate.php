<?php

declare(strict_types=1);

namespace IronLatch\Core\Build;

use IronLatch\Core\Board\BuildForm;

/** What one form of build would take: exact for parts that are on the board, estimated for what the form brings. */
final readonly class FormEstimate
{
    /**
     * @param int $parts pieces, without wire
     * @param int $different kinds of them
     * @param int $joints made by hand: screws, jumpers and solder
     * @param int $machineJoints made by an assembler
     * @param float $hoursOnce for the first copy alone: drawing, layout, ordering
     * @param float $hoursEach for every copy
     * @param float $materialEuros of one copy, as far as prices are known
     * @param float $orderEuros once for each order: set-up and shipping
     * @param int $leastCount boards that have to be ordered together
     * @param float $boardEuros of one bare board, which is paid also for those that stay in the drawer
     * @param float $lengthMetres of the board, or of the base that all of it stands on
     * @param int $leadDays until all of it is on the bench
     * @param list<string> $easier what becomes easier
     * @param list<string> $harder what becomes harder, or goes wrong
     * @param list<string> $swaps what would be bought in place of what is on the board
     */
    public function __construct(
        public BuildForm $form,
        public int $parts,
        public int $different,
        public int $joints,
        public int $machineJoints,
        public float $hoursOnce,
        public float $hoursEach,
        public float $materialEuros,
        public float $orderEuros,
        public int $leastCount,
        public float $boardEuros,
        public float $lengthMetres,
        public float $widthMetres,
        public int $leadDays,
        public array $easier,
        public array $harder,
        public array $swaps,
    ) {}

    /**
     * Everything for so many copies: material, boards that nobody needs, the order, and the hours at their rate.
     *
     * @param float $hourEuros nothing where nobody has said what an hour counts
     */
    public function euros(int $copies, float $hourEuros = 0.0): float
    {
        $spare = max(0, $this->leastCount - $copies);

        return $copies * $this->materialEuros + $spare * $this->boardEuros + $this->orderEuros + $hourEuros * $this->hours($copies);
    }

    public function squareMetres(): float
    {
        return $this->lengthMetres * $this->widthMetres;
    }

    public function hours(int $copies): float
    {
        return $this->hoursOnce + $copies * $this->hoursEach;
    }
}
