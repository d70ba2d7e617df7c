<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\Copy;

/** Fits a divider or a buffer between an output of the controller and the input of a device; or takes it away. */
final readonly class ShiftLevel implements Edit
{
    public function __construct(public string $device, public bool $shifted = true) {}

    public function apply(Board $board): Board
    {
        return $board->with(devices: [
            ...$board->devices,
            $this->device => Copy::of(Targets::device($board, $this->device), ['shifted' => $this->shifted]),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf(
            $this->shifted ? 'Shift the level of what “%s” hears' : 'Let “%s” hear the controller straight',
            $board->nameOf($this->device),
        );
    }
}
