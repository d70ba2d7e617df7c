<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\Copy;

/** Feeds a device from another rail, from the controller’s pin supply, or from a pin. */
final readonly class FeedDevice implements Edit
{
    public function __construct(
        public string $device,
        public ?string $rail = null,
        public ?string $pin = null,
    ) {}

    public function apply(Board $board): Board
    {
        $device = Targets::device($board, $this->device);

        return $board->with(devices: [
            ...$board->devices,
            $this->device => Copy::of(
                Targets::fed($board, $device->name, $device->part, $this->rail, $this->pin, $device->function),
                ['shifted' => $device->shifted],
            ),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf(
            'Feed “%s” from %s',
            $board->nameOf($this->device),
            $this->pin ?? (null === $this->rail ? 'the controller’s pin supply' : $board->nameOf($this->rail)),
        );
    }
}
