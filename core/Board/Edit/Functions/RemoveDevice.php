<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;

/** Takes a device off the board. */
final readonly class RemoveDevice implements Edit
{
    public function __construct(
        public string $device,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::device($board, $this->device);
        $devices = $board->devices;
        unset($devices[$this->device]);

        return $board->with(devices: $devices);
    }

    public function summary(Board $board): string
    {
        return sprintf('Remove “%s”', $board->nameOf($this->device));
    }
}
