<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

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

/** States how long the cables to some switches or sensors are. */
#[Says(Nature::Observation)]
final readonly class StateCable implements Edit
{
    /**
     * @param list<string> $functions ids
     */
    public function __construct(
        #[ListOf('string')]
        public array $functions,
        #[Measured(Unit::Metre)]
        #[Place('cableMetres')]
        #[Question('Length of its cable', help: 'One way, as it is or will be laid.')]
        public float $metres,
    ) {}

    public function apply(Board $board): Board
    {
        if ([] === $this->functions) {
            throw new EditRefused('Choose at least one switch or sensor.');
        }
        $functions = $board->functions;
        foreach ($this->functions as $id) {
            $functions[$id] = Targets::function($board, $id)->with(cableMetres: Fact::stated($this->metres));
        }

        return $board->with(functions: $functions);
    }

    public function summary(Board $board): string
    {
        return sprintf(
            'State a cable of %s to %s',
            QuantityPrinter::rounded($this->metres, Unit::Metre),
            Targets::names($board, $this->functions),
        );
    }
}
