<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\GroupKey;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\LineGroup;
use IronLatch\Core\Board\Surface;
use IronLatch\Core\Record\Copy;

/** Removes a function and every surface that used it. */
final readonly class RemoveFunction implements Edit
{
    public function __construct(
        public string $function,
    ) {}

    public function apply(Board $board): Board
    {
        $function = Targets::function($board, $this->function);
        if (null !== $board->actuatorOf($this->function)) {
            throw new EditRefused(sprintf('“%s” switches a relay. Remove the relay instead.', $function->name));
        }
        $silent = fn(Line $line): Line => $this->function === $line->sense?->function ? Copy::of($line, ['sense' => null]) : $line;
        $lines = array_map(fn(Line $line): Line => $silent($line)->with(surfaces: array_filter(
            $line->surfaces,
            fn(Surface $surface): bool => $surface->function !== $this->function,
        )), $board->lines);

        $lineGroups = array_map(fn(LineGroup $group): LineGroup => $group->with(keys: array_filter(
            $group->keys,
            fn(GroupKey $key): bool => $key->function !== $this->function,
        )), $board->lineGroups);

        return Targets::withoutUnused($board->with(lines: $lines, lineGroups: $lineGroups), [$this->function]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Remove “%s”', $board->nameOf($this->function));
    }
}
