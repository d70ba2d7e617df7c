<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\House;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\PlaceKind;
use IronLatch\Core\Record\Copy;

/** Puts the board at another place; where it stood, switches stay. */
final readonly class MoveBoard implements Edit
{
    public function __construct(public string $place) {}

    public function apply(Board $board): Board
    {
        $there = Targets::place($board, $this->place);
        if (PlaceKind::Box === $there->kind) {
            throw new EditRefused('The board stands there already.');
        }
        $box = $board->boxPlace();

        return $board->with(places: [
            ...$board->places,
            $box => Copy::of($board->places[$box], ['kind' => PlaceKind::Switch]),
            $this->place => Copy::of($there, ['kind' => PlaceKind::Box]),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Put the board at “%s”', $board->nameOf($this->place));
    }
}
