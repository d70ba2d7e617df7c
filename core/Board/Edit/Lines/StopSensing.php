<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\Copy;

/** Takes away what lets a line hear its state, with its input. */
final readonly class StopSensing implements Edit
{
    public function __construct(public string $line) {}

    public function apply(Board $board): Board
    {
        $line = Targets::line($board, $this->line);
        if (null === $line->sense) {
            throw new EditRefused(sprintf('“%s” does not hear its state.', $line->name));
        }
        $lines = [...$board->lines, $this->line => Copy::of($line, ['sense' => null])];

        return Targets::withoutUnused($board->with(lines: $lines), [$line->sense->function]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Hear the state of “%s” no more', $board->nameOf($this->line));
    }
}
