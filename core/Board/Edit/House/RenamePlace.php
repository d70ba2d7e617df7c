<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\House;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\Copy;

/** Calls a place otherwise. */
final readonly class RenamePlace implements Edit
{
    public function __construct(public string $place, public string $name) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);
        $place = Copy::of(Targets::place($board, $this->place), ['name' => trim($this->name)]);

        return $board->with(places: [...$board->places, $this->place => $place]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Rename the place “%s” to “%s”', $board->nameOf($this->place), trim($this->name));
    }
}
