<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Functions;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Catalogue\Device;

/** Attaches a sensor, a receiver, a display or the like, and says what feeds it. */
final readonly class AttachDevice implements Edit
{
    /**
     * @param ?string $rail id of a rail; null, with no pin either, for the controller’s pin supply
     * @param ?string $pin name of the pin that feeds it
     * @param ?string $function id of the function that it serves
     */
    public function __construct(
        public Device $device,
        public string $name,
        public ?string $rail = null,
        public ?string $pin = null,
        public ?string $function = null,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::requireName($this->name);
        if (null !== $this->function) {
            Targets::function($board, $this->function);
        }
        $ids = new Ids($board);
        $board = $board->withPart($this->device);

        return $board->with(
            devices: [
                ...$board->devices,
                $ids->next('D') => Targets::fed($board, $this->name, $this->device->identity->id, $this->rail, $this->pin, $this->function),
            ],
            lastIds: $ids->last(),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Attach “%s”', $this->name);
    }
}
