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

/** States how high the output of a sensor or of another board drives its wire. */
#[Says(Nature::Observation)]
final readonly class StateHighLevel implements Edit
{
    /**
     * @param list<string> $functions ids
     */
    public function __construct(
        #[ListOf('string')]
        public array $functions,
        #[Measured(Unit::Volt, above: true)]
        #[Place('highVolts')]
        #[Question('Its high level', help: 'What the signal has when it is high; without it, the supply of the pins is assumed.')]
        public float $volts,
    ) {}

    public function apply(Board $board): Board
    {
        $functions = $board->functions;
        foreach ($this->functions as $id) {
            $function = Targets::function($board, $id);
            if (!$function->kind->isDrivenFromOutside()) {
                throw new EditRefused(sprintf(
                    '“%s” is not driven by anything outside: its level is the pin’s own.',
                    $function->name,
                ));
            }
            $functions[$id] = $function->with(highVolts: Fact::stated($this->volts));
        }

        return $board->with(functions: $functions);
    }

    public function summary(Board $board): string
    {
        return sprintf(
            'State a high of %s at %s',
            QuantityPrinter::rounded($this->volts, Unit::Volt),
            Targets::names($board, $this->functions),
        );
    }
}
