<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Relays;

use IronLatch\Core\Board\Actuator;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\PinFunction;

/** Puts a second relay in series with that of a line, on an output and a driver of its own: it opens where the first one cannot. */
final readonly class AddGuard implements Edit
{
    public function __construct(
        public string $line,
    ) {}

    public function apply(Board $board): Board
    {
        $line = Targets::line($board, $this->line);
        $own = array_filter($line->actuators, static fn(Actuator $one): bool => null === $one->opens && null === $one->guards);
        if (1 !== count($own) || null === $own[array_key_first($own)]->relay) {
            throw new EditRefused(sprintf('Only a line with one relay takes a guard. “%s” has %d.', $line->name, count($own)));
        }
        if (count($line->actuators) > 1) {
            throw new EditRefused(sprintf('A second relay belongs to that of “%s” already.', $line->name));
        }
        $ids = new Ids($board);
        $function = $ids->next('F');
        $guard = Actuator::usual($function, $board->defaults->relay, $board->defaults->driver, $board->defaults->rail)
            ->guarding(array_key_first($own));

        return $board->with(
            lines: [...$board->lines, $this->line => $line->with(actuators: [...$line->actuators, $ids->next('A') => $guard])],
            functions: [...$board->functions, $function => PinFunction::of(FunctionKind::RelayOutput, $line->name . ' guard')],
            lastIds: $ids->last(),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Put a second relay in series with that of “%s”', $board->nameOf($this->line));
    }
}
