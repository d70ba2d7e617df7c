<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\Rail;

/** Adds a rail that the carrier’s own regulator feeds through its pin. */
final readonly class AddCarrierRail implements Edit
{
    public function __construct(
        public string $name,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);
        $carrier = Targets::carrierWithOutput($board);
        $ids = new Ids($board);

        return $board->with(
            rails: [...$board->rails, $ids->next('R') => new Rail($this->name, $carrier->identity->id)],
            lastIds: $ids->last(),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Add the rail %s from the carrier’s own regulator', $this->name);
    }
}
