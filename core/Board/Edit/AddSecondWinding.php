<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\PinFunction;

/** Drives the second winding of a bistable relay from an output of its own, as the first is driven. */
final readonly class AddSecondWinding implements Edit
{
    public function __construct(
        public string $actuator,
    ) {}

    public function apply(Board $board): Board
    {
        [$lineId, $actuator] = Targets::actuator($board, $this->actuator);
        $line = $board->lines[$lineId];
        if (2 !== $board->relay($actuator)->bistable?->windings || null !== $actuator->opens) {
            throw new EditRefused(sprintf('The relay of “%s” has no second winding. Fit a bistable relay with two windings first.', $line->name));
        }
        foreach ($line->actuators as $other) {
            if ($other->opens === $this->actuator) {
                throw new EditRefused(sprintf('The second winding of “%s” is driven already.', $line->name));
            }
        }
        $ids = new Ids($board);
        $function = $ids->next('F');

        return $board->with(
            lines: [...$board->lines, $lineId => $line->with(actuators: [...$line->actuators, $ids->next('A') => $actuator->opening($function, $this->actuator)])],
            functions: [...$board->functions, $function => PinFunction::of(FunctionKind::RelayOutput, $line->name . ' relay, opening')],
            lastIds: $ids->last(),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Drive the second winding of “%s”', $board->nameOf($this->actuator));
    }
}
