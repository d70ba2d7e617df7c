<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Quantity\QuantityPrinter;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\ListOf;
use IronLatch\Core\Record\Measured;

/** States for how long lines are on each day. */
#[Says(Nature::Intention)]
final readonly class StateHours implements Edit
{
    /**
     * @param list<string> $lines ids
     */
    public function __construct(
        #[ListOf('string')]
        public array $lines,
        #[Measured(Unit::Hour)]
        #[Place('hoursPerDay')]
        #[Question('It is on each day for')]
        public float $hours,
    ) {}

    public function apply(Board $board): Board
    {
        if ($this->hours < 0 || $this->hours > 24) {
            throw new EditRefused('A day has 24 hours. Write how many of them the line is on, such as 2.5 h.');
        }
        $lines = $board->lines;
        foreach ($this->lines as $id) {
            $lines[$id] = Targets::line($board, $id)->with(hoursPerDay: Fact::stated($this->hours));
        }

        return $board->with(lines: $lines);
    }

    public function summary(Board $board): string
    {
        return sprintf('State %s a day for %s', QuantityPrinter::rounded($this->hours, Unit::Hour), Targets::names($board, $this->lines));
    }
}
