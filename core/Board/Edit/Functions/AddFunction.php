<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\PinFunction;

/** Adds something that needs a pin. */
final readonly class AddFunction implements Edit
{
    public function __construct(
        public FunctionKind $kind,
        public string $name,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);
        if (!$this->kind->isAddedByHand()) {
            throw new EditRefused('A relay output comes with its relay: add a line, or a relay to a line.');
        }
        if (FunctionKind::SelectorLadder === $this->kind || FunctionKind::SelectorPosition === $this->kind) {
            throw new EditRefused('Add a step selector as a whole, with its number of positions.');
        }
        $ids = new Ids($board);

        return $board->with(
            functions: [...$board->functions, $ids->next('F') => PinFunction::of($this->kind, $this->name)],
            lastIds: $ids->last(),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Add the %s “%s”', $this->kind->value, $this->name);
    }
}
