<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Relays;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\PinFunction;

/** Opens a bistable relay from an output of its own: through its second winding, or through the other input of its bridge. */
final readonly class AddSecondWinding implements Edit
{
    public function __construct(
        public string $actuator,
    ) {}

    public function apply(Board $board): Board
    {
        $actuator = Targets::actuator($board, $this->actuator);
        $lineId = $board->lineOf($this->actuator);
        $line = $board->lines[$lineId];
        $windings = $board->relay($actuator)->bistable?->windings;
        if (null === $windings || null !== $actuator->opens) {
            throw new EditRefused(sprintf('The relay of “%s” opens by itself. Fit a bistable relay first.', $line->name));
        }
        if (1 === $windings && !$actuator->driver->turnsRound()) {
            throw new EditRefused(sprintf(
                'The relay of “%s” has one winding, whose current must be turned round to open. Drive it by a full bridge first.',
                $line->name,
            ));
        }
        foreach ($line->actuators as $other) {
            if ($other->opens === $this->actuator) {
                throw new EditRefused(sprintf('The opening of “%s” is driven already.', $line->name));
            }
        }
        $ids = new Ids($board);
        $function = $ids->next('F');

        return $board->with(
            lines: [
                ...$board->lines,
                $lineId => $line->with(actuators: [...$line->actuators, $ids->next('A') => $actuator->opening($function, $this->actuator)]),
            ],
            functions: [...$board->functions, $function => PinFunction::of(FunctionKind::RelayOutput, $line->name . ' relay, opening')],
            lastIds: $ids->last(),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Open the relay of “%s” from an output of its own', $board->nameOf($this->actuator));
    }
}
