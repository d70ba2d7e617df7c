<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controller;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\FittedExpander;
use IronLatch\Core\Board\FunctionGroup;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Catalogue\Expander;

/** Puts an expander on the board, at the next free address of the first bus that there is; a bus is added where none is. */
final readonly class FitExpander implements Edit
{
    public function __construct(
        public Expander $expander,
        public ?string $rail = null,
        public bool $heldOff = true,
    ) {}

    public function apply(Board $board): Board
    {
        if (null !== $this->rail) {
            Targets::rail($board, $this->rail);
        }
        $kind = $this->expander->kind->isOnI2c() ? GroupKind::I2c : GroupKind::ShiftChain;
        $bus = array_key_first(array_filter($board->groups, static fn(FunctionGroup $group): bool => $group->kind === $kind));
        if (null === $bus) {
            $board = (new AddGroup($kind, $kind->value))->apply($board);
            $bus = (string) array_key_last($board->groups);
        }
        $address = 0;
        if ($this->expander->kind->isOnI2c()) {
            $taken = array_map(static fn(FittedExpander $fitted): int => $fitted->address, $board->expanders);
            $free = array_diff(
                range($this->expander->firstAddress, $this->expander->firstAddress + $this->expander->addresses - 1),
                $taken,
            );
            $address = [] === $free ? throw new EditRefused(sprintf(
                'All %d addresses of the %s are taken on this board. Use its variant with other addresses, or another expander.',
                $this->expander->addresses,
                $this->expander->identity->name,
            )) : min($free);
        }
        $ids = new Ids($board);
        $id = $ids->next('X');
        $fitted = new FittedExpander(
            explode(',', $this->expander->identity->name)[0] . ' ' . $id,
            $this->expander->identity->id,
            $bus,
            $address,
            $this->rail,
            $this->heldOff && GroupKind::ShiftChain === $kind,
        );

        return $board->withPart($this->expander)->with(expanders: [...$board->expanders, $id => $fitted], lastIds: $ids->last());
    }

    public function summary(Board $board): string
    {
        return sprintf('Fit the expander %s', $this->expander->identity->name);
    }
}
