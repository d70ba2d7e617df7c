<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Relays;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\PinFunction;

/** Adds a further relay to a line, with the board’s usual driver. */
final readonly class AddRelay implements Edit
{
    public function __construct(
        public string $line,
    ) {}

    public function apply(Board $board): Board
    {
        $line = Targets::line($board, $this->line);
        $ids = new Ids($board);
        $function = $ids->next('F');
        $actuator = Actuator::usual($function, $board->defaults->relay, $board->defaults->driver, $board->defaults->rail);
        $number = count($line->actuators) + 1;
        $name = $line->name . ' relay' . (1 === $number ? '' : ' ' . $number);

        return $board->with(
            lines: [...$board->lines, $this->line => $line->with(actuators: [...$line->actuators, $ids->next('A') => $actuator])],
            functions: [...$board->functions, $function => PinFunction::of(FunctionKind::RelayOutput, $name)],
            lastIds: $ids->last(),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Add a relay to “%s”', $board->nameOf($this->line));
    }
}
