<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;

/** Takes a way to operate away from a line. */
final readonly class RemoveSurface implements Edit
{
    public function __construct(
        public string $surface,
    ) {}

    public function apply(Board $board): Board
    {
        [$lineId, $surface] = Targets::surface($board, $this->surface);
        $surfaces = $board->lines[$lineId]->surfaces;
        unset($surfaces[$this->surface]);
        $lines = [...$board->lines, $lineId => $board->lines[$lineId]->with(surfaces: $surfaces)];

        return Targets::withoutUnused($board->with(lines: $lines), '' === $surface->function ? [] : [$surface->function]);
    }

    public function summary(Board $board): string
    {
        [$line, $surface] = Targets::surface($board, $this->surface);

        return sprintf('Operate “%s” no longer by %s', $board->nameOf($line), $surface->kind->value);
    }
}
