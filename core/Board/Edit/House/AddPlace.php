<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\House;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\HousePlace;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Board\PlaceKind;

/** Adds a place of the house: a switch box, or where an appliance is wired. */
final readonly class AddPlace implements Edit
{
    public function __construct(public string $name, public PlaceKind $kind = PlaceKind::Switch) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);
        if (PlaceKind::Box === $this->kind) {
            throw new EditRefused('The board stands at one place only. Move it there instead.');
        }
        $ids = new Ids($board);

        return $board->with(
            places: [...$board->places, $ids->next('H') => new HousePlace(trim($this->name), $this->kind)],
            lastIds: $ids->last(),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Add the place “%s”', trim($this->name));
    }
}
