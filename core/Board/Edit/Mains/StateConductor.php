<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Mains;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\ListOf;

/** States which conductor of the appliance the contact interrupts. */
#[Says(Nature::Choice)]
#[Place('*')]
final readonly class StateConductor implements Edit
{
    /**
     * @param list<string> $lines ids
     */
    public function __construct(
        #[ListOf('string')]
        public array $lines,
        #[Question('The contact interrupts', help: 'Which conductor runs through the relay.')]
        public SwitchedConductor $conductor,
    ) {}

    public function apply(Board $board): Board
    {
        $lines = $board->lines;
        foreach ($this->lines as $id) {
            $lines[$id] = Targets::line($board, $id)->with(conductor: Fact::stated($this->conductor));
        }

        return $board->with(lines: $lines);
    }

    public function summary(Board $board): string
    {
        return sprintf('Switch the %s conductor of %s', $this->conductor->value, Targets::names($board, $this->lines));
    }
}
