<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Pins;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Seat;
use IronLatch\Core\Catalogue\Carrier;

/** Seats a function on a pin, named by chip number or printed label. */
final readonly class SeatFunction implements Edit
{
    public function __construct(
        public string $function,
        public string $pin,
    ) {}

    public function apply(Board $board): Board
    {
        Targets::function($board, $this->function);
        if ('' === trim($this->pin)) {
            throw new EditRefused('Name a pin, by its chip number or by its printed label.');
        }
        $reading = $board->controller()->read($this->pin);
        $pin = $reading->best();
        if (null === $pin) {
            throw new EditRefused(sprintf(
                'The %s leads out no pin called “%s”. Use a chip number or a printed label of this carrier.',
                $board->part($board->mcu->carrier, Carrier::class)->identity->name,
                $this->pin,
            ));
        }
        if ($board->seats[$this->function]->locked ?? false) {
            throw new EditRefused(sprintf(
                '“%s” is locked on %s. Unlock it before you move it.',
                $board->nameOf($this->function),
                $board->seats[$this->function]->pin,
            ));
        }
        $seat = new Seat($pin->name(), false, $reading->isAmbiguous() ? trim($this->pin) : '');

        return $board->with(seats: [...$board->seats, $this->function => $seat]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Seat “%s” on %s', $board->nameOf($this->function), $this->pin);
    }
}
